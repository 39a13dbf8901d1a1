import type { Schemas } from "../../api/client";
import { huntWords as w } from "../../words/hunt";

type Use = Schemas["HuntBudget"];

const parts = ["minutes", "openings", "dangers"] as const;

/** How much of what a hunt may cost is used up. */
export function Budget({ budget, used }: { budget: Use; used: Use }) {
  return (
    <dl aria-label={w.used} className="grid grid-cols-3 gap-4">
      {parts.map((p) => (
        <div key={p}>
          <dt className="text-sm leading-tight text-ink-2">{w.left[p]}</dt>
          <dd>
            <span className="figure text-lg">{w.of(used[p], budget[p])}</span>
            <span className="block h-2 w-28 rounded-full border border-ink max-sm:w-full" aria-hidden>
              <span
                className={`block h-full rounded-full ${used[p] > 0.8 * budget[p] ? "bg-amber" : "bg-ink"}`}
                style={{ width: `${Math.min(100, (100 * used[p]) / budget[p])}%` }}
              />
            </span>
          </dd>
        </div>
      ))}
    </dl>
  );
}
