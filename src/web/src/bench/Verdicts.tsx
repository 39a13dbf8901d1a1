import { memo } from "react";
import { CircleAlert, OctagonAlert, Ruler, Sparkles } from "lucide-react";
import type { Schemas } from "../api/client";
import { words } from "../words";

const looks = {
  Stop: { icon: OctagonAlert, box: "border-barn bg-barn-wash", text: "text-barn" },
  Fix: { icon: CircleAlert, box: "border-barn bg-card", text: "text-barn" },
  Measure: { icon: Ruler, box: "border-slate bg-slate-wash", text: "text-slate" },
  Better: { icon: Sparkles, box: "border-amber bg-amber-wash", text: "text-amber" },
} as const;

/** What the rules say of the box, worst first, each pointing at what it is about. */
export const Verdicts = memo(function Verdicts({
  findings,
  opened,
  onPoint,
}: {
  findings: readonly Schemas["Finding"][];
  opened: boolean;
  onPoint: (ids: readonly string[]) => void;
}) {
  const w = words.bench;
  return (
    <section aria-label={w.verdicts}>
      <h2 className="mb-2 text-lg">{w.verdicts}</h2>
      {findings.length === 0 && <p className="text-sm text-ink-2">{opened ? w.nothingFound : w.notJudged}</p>}
      <ul className="flex flex-col gap-2">
        {findings.map((f, i) => {
          const look = looks[f.verdict];
          const Icon = look.icon;
          return (
            <li key={i}>
              <button
                type="button"
                onClick={() => onPoint(f.ids)}
                className={`w-full rounded-xl border-2 border-l-8 p-2.5 text-left ${look.box}`}
              >
                <span className={`flex items-center gap-1.5 text-sm font-bold ${look.text}`}>
                  <Icon size={16} aria-hidden /> {words.verdict[f.verdict]}
                </span>
                {f.says} <span className="text-sm text-ink-2">{f.article}</span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
});
