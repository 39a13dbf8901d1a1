import { Check } from "lucide-react";
import type { Schemas } from "../api/client";
import { stageWords as w } from "../words/stages";

/** The stages of a Change in a row: through, now, still to come. */
export function StageStrip({ stages }: { stages: readonly Schemas["ToldStage"][] }) {
  return (
    <ol className="flex flex-wrap gap-1" aria-label={w.title}>
      {stages.map((s) => {
        const through = s.through && !s.now;
        const look = s.now ? "border-ink bg-ink text-on-ink" : through ? "border-moss bg-moss-wash" : "border-rule bg-card text-ink-2";
        return (
          <li key={s.stage} className={`inline-flex items-center gap-1 rounded-full border-2 px-3 py-0.5 text-sm font-semibold ${look}`}>
            {through && <Check size={14} aria-label={w.through} className="text-moss" />}
            {w.stage[s.stage]}
            {s.now && <span className="sr-only">, {w.now}</span>}
          </li>
        );
      })}
    </ol>
  );
}
