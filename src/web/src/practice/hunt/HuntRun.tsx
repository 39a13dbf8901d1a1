import type { Schemas } from "../../api/client";
import { huntWords as w } from "../../words/hunt";

type Told = Schemas["ToldHunt"];

export const PANEL = "panel";

/** The circuit from the panel on, box by box as they hang on each other; what lies open, and where the fault was. */
export function HuntRun({ told, at, lit, onAt }: { told: Told; at: string | null; lit: readonly string[]; onAt?: (at: string) => void }) {
  const open = new Set(told.made.flatMap((m) => m.opened.map((b) => b.id)));
  const stops = [
    { id: PANEL, name: w.panel, what: "", from: null as string | null },
    ...told.boxes.map((b) => ({ ...b, from: b.from ?? PANEL })),
  ];
  return (
    <section aria-label={w.run}>
      <ol className="flex flex-wrap gap-y-4" data-run>
        {stops.map((s, i) => {
          const before = stops[i - 1];
          const name = stops.find((x) => x.id === s.from)?.name;
          const aside = before && s.from !== before.id;
          return (
            <li key={s.id} className="flex items-center">
              {i > 0 && <span className={`w-5 shrink-0 border-t-4 ${aside ? "border-transparent" : "border-ink"}`} aria-hidden />}
              <button
                type="button"
                disabled={!onAt}
                aria-pressed={onAt ? at === s.id : undefined}
                onClick={() => onAt?.(s.id)}
                className={`flex min-h-16 w-32 flex-col justify-center rounded-lg border-2 px-2 py-1 text-left leading-tight
                  ${lit.includes(s.id) ? "border-barn bg-barn-wash" : at === s.id ? "border-ink bg-ink text-on-ink" : "border-ink bg-card"}
                  ${open.has(s.id) ? "border-dashed" : ""}`}
              >
                <b>{s.name}</b>
                <span className="text-sm">{s.what}</span>
                {open.has(s.id) && <span className="text-sm italic">{w.opened}</span>}
                {aside && <span className="text-sm">← {name}</span>}
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
