import type { Schemas } from "../api/client";
import { whichWords } from "../words/which";

const w = whichWords.which;

/** How likely each breaker is and why, and the looks that was worked out from. */
export function Likely({ search, onStrike }: { search: Schemas["ToldSearch"]; onStrike: (id: string) => void }) {
  return (
    <>
      <section aria-label={w.likely}>
        <h2 className="mb-1 text-lg">{w.likely}</h2>
        <ul>
          {search.likely.map((b) => (
            <li key={b.key} className="relative flex min-h-9 items-center gap-3 border-t border-rule px-2">
              <span aria-hidden className="absolute inset-y-1 left-0 rounded bg-soft" style={{ width: `${Math.max(1, b.odds * 100)}%` }} />
              <span className="figure relative w-16 font-bold">{b.where}</span>
              <span className="relative flex-1">
                {b.name} <span className="text-sm text-ink-2">{b.why.join(", ")}</span>
              </span>
              <span className="figure relative">{w.odds(b.odds)}</span>
            </li>
          ))}
        </ul>
      </section>
      {search.looks.length > 0 && (
        <section aria-label={w.looks}>
          <h2 className="mb-1 text-lg">{w.looks}</h2>
          <ul>
            {search.looks.map((l) => (
              <li key={l.id} className="flex items-center gap-3 border-t border-rule">
                <span className="flex-1 first-letter:uppercase">{l.says}</span>
                <button
                  type="button"
                  className="min-h-11 px-2 underline underline-offset-4"
                  aria-label={`${w.strike}: ${l.says}`}
                  onClick={() => onStrike(l.id)}
                >
                  {w.strike}
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
