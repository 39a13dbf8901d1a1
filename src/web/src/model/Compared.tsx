import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { address } from "../parts/address";
import { words } from "../words";

const w = words.live;

/** Whether a real reading is what was expected; where not, what single thing would explain it, each leading to its box. */
export function Compared({ job, compared: c }: { job: string; compared: Schemas["ToldCompared"] }) {
  if (c.agrees) return <p className="mt-2 font-semibold">{w.agrees}</p>;
  return (
    <div className="mt-2 rounded-lg bg-card p-2 text-ink">
      <p className="font-semibold">{w.differs(c.expected.shows)}</p>
      {c.causes.length === 0 && <p>{w.noCause}</p>}
      {c.causes.length > 0 && (
        <>
          <p className="text-sm text-ink-2">{w.causes}</p>
          <ol aria-label={w.causes} className="list-decimal pl-5">
            {c.causes.map((x) => (
              <li key={x.says}>
                {x.box ? (
                  <Link to={address.box(job, x.box)} className="underline underline-offset-4">
                    {x.says}
                  </Link>
                ) : (
                  x.says
                )}
              </li>
            ))}
          </ol>
          {c.more > 0 && <p className="text-sm text-ink-2">{w.moreCauses(c.more)}</p>}
        </>
      )}
      {c.rests.length > 0 && (
        <details>
          <summary className="min-h-8 text-sm">{w.assumed(c.rests.length)}</summary>
          <ul className="text-sm">
            {c.rests.map((r) => (
              <li key={r}>{r}</li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
