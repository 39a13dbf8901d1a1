import { Link } from "react-router";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { troubleWords as w } from "../words/trouble";
import type { Trouble } from "./useTrouble";

type Share = Trouble["where"][number];

/** The boxes as they hang on each other, with what is left of the belief in each; what lies apart and is put back. */
export function Where({ job, trouble, onBack }: { job: string; trouble: Trouble; onBack: (end: string) => void }) {
  const all = trouble.where;
  const first = all.filter((b) => b.from == null);
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
      {all.length > 0 && (
        <>
          <h2 className="text-lg">{w.where}</h2>
          <Tree job={job} all={all} from={first} />
        </>
      )}
    </section>
  );
}

/** Boxes fed one after the other stand under each other; where a feed goes two ways, each way is set in. */
function Tree({ job, all, from }: { job: string; all: readonly Share[]; from: readonly Share[] }) {
  const behind = (box: Share) => all.filter((b) => b.from === box.id);
  const chain = from.length === 1 ? [...from] : [];
  let last = chain.at(-1);
  for (let next = last && behind(last); next?.length === 1; next = last && behind(last)) {
    chain.push(...next);
    last = chain.at(-1);
  }
  const ways = last ? behind(last) : from;
  return (
    <ol className="flex flex-col">
      {chain.map((b, i) => (
        <Stop key={b.id} job={job} share={b} under={i > 0} />
      ))}
      {ways.map((b, i) => (
        <li key={b.id} className={last ? "relative ml-3 pt-3 pl-4" : "mt-2 first:mt-0"}>
          {last && (
            <span aria-hidden>
              <span className={`absolute top-0 left-0 border-l-2 border-ink ${i < ways.length - 1 ? "h-full" : "h-9"}`} />
              <span className={`absolute top-9 left-0 w-4 border-t-2 ${b.cut ? "border-dashed border-amber" : "border-ink"}`} />
            </span>
          )}
          {last && b.cut && <b className="text-sm">{w.cut}</b>}
          <Tree job={job} all={all} from={[b]} />
        </li>
      ))}
    </ol>
  );
}

function Stop({ job, share, under }: { job: string; share: Share; under: boolean }) {
  const cleared = share.case === "Cleared";
  return (
    <li>
      {under && (
        <span className="flex h-6 items-center gap-2 pl-4 text-sm">
          <span className={`h-full border-l-2 ${share.cut ? "border-dashed border-amber" : "border-ink"}`} aria-hidden />
          {share.cut && <b>{w.cut}</b>}
        </span>
      )}
      <Link
        to={address.box(job, share.id)}
        className={`relative flex min-h-11 items-center gap-3 overflow-hidden rounded-xl border-2 px-3
          ${cleared ? "border-dashed border-rule text-ink-2" : "border-ink bg-card"}`}
      >
        <span className="min-w-0 flex-1 py-1">{share.name}</span>
        <span className={share.case === "NotRecorded" ? "py-1 text-right text-sm" : "figure text-lg"}>
          {share.case === "May" ? `${Math.round(100 * share.part)}%` : cleared ? `✓ ${w.cleared}` : w.notRecorded}
        </span>
        <span className="absolute bottom-0 left-0 h-1.5 bg-ink" style={{ width: `${100 * share.part}%` }} aria-hidden />
      </Link>
    </li>
  );
}
