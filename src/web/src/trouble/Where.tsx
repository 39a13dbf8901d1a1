import { Link } from "react-router";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { troubleWords as w } from "../words/trouble";
import type { Trouble } from "./useTrouble";

/** The boxes in feed order with what is left of the belief in each; what lies apart and is put back. */
export function Where({ job, trouble, onBack }: { job: string; trouble: Trouble; onBack: (end: string) => void }) {
  return (
    <section aria-label={w.where}>
      {trouble.apart.length > 0 && (
        <div className="mb-3 rounded-xl border-2 border-l-8 border-amber bg-amber-wash p-3">
          <h2 className="text-lg">{w.apart}</h2>
          <ul>
            {trouble.apart.map((a) => (
              <li key={a.end} className="flex flex-wrap items-center gap-3 py-1">
                <span className="min-w-40 flex-1">{a.says}</span>
                {!trouble.closed && <Button onClick={() => onBack(a.end)}>{w.back}</Button>}
              </li>
            ))}
          </ul>
        </div>
      )}
      {trouble.where.length > 0 && (
        <>
          <h2 className="text-lg">{w.where}</h2>
          <ol className="flex flex-wrap items-stretch gap-2">
            {trouble.where.map((b) => (
              <li key={b.id} className="min-w-28 flex-1">
                <Link
                  to={address.box(job, b.id)}
                  className={`flex h-full flex-col justify-between rounded-xl border-2 p-2
                    ${b.case === "Cleared" ? "border-dashed border-rule text-ink-2" : "border-ink bg-card"}`}
                >
                  <span className="text-sm">{b.name}</span>
                  <span className={b.case === "NotRecorded" ? "text-sm" : "figure text-lg"}>
                    {b.case === "May" ? `${Math.round(100 * b.part)}%` : b.case === "Cleared" ? `✓ ${w.cleared}` : w.notRecorded}
                  </span>
                  <span className="mt-1 h-1.5 rounded-full bg-soft" aria-hidden>
                    <span className="block h-1.5 rounded-full bg-ink" style={{ width: `${100 * b.part}%` }} />
                  </span>
                </Link>
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
