import type { Edit, Schemas } from "../api/client";
import { fromKey } from "../parts/breaker";
import { whichWords } from "../words/which";

const w = whichWords.which;
type Handle = Schemas["ToldHandle"];

/** What records that these were thrown, now, by somebody. */
export const switched = (handles: readonly Handle[], by: string): Edit[] =>
  handles.map((t) => {
    const [panel, key] = t.key.split("/") as [string, string];
    return { do: "switchBreaker", panel, ...fromKey(key), on: !t.off, by, at: new Date().toISOString() } as Edit;
  });

/** The handles to throw, large enough to be read from the panel. */
export function Handles({ handles }: { handles: readonly Handle[] }) {
  return ([true, false] as const).map((off) => {
    const these = handles.filter((t) => t.off === off);
    return (
      these.length > 0 && (
        <div key={String(off)} className="mt-2">
          <h2 className="text-sm font-semibold">{off ? w.off : w.on}</h2>
          <ul className="flex flex-wrap gap-2">
            {these.map((t) => (
              <li
                key={t.key}
                className={`flex min-h-12 items-center gap-2 rounded-xl border-2 border-ink px-3 ${off ? "bg-ink text-on-ink" : "bg-card"}`}
              >
                <span className="figure text-2xl font-bold">{t.where}</span>
                {t.name && <span className="text-sm">{t.name}</span>}
              </li>
            ))}
          </ul>
        </div>
      )
    );
  });
}
