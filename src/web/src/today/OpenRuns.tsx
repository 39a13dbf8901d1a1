import { Ruler } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useOpenEnds } from "../model/job";
import { address } from "../parts/address";
import { words } from "../words";

const v = words.todayVerdicts;
const line = "flex flex-wrap items-baseline gap-x-3 rounded-xl border-2 border-l-8 border-slate bg-card px-3 py-1.5 hover:border-ink";

/** Cables nobody has followed: one line each, those first that decide most. */
export function OpenRuns({ job, has }: { job: string; has: (text: string) => boolean }) {
  const ends = useOpenEnds(job, true);
  const all = (ends.data ?? []).filter((e) => has(e.says));
  if (all.length === 0) return null;
  const telling = all.filter((e) => e.decides);
  const rest = all.filter((e) => !e.decides);
  return (
    <section aria-label={v.openRuns} className="mb-5">
      <h2 className="mb-1.5 flex items-baseline gap-2 border-b-2 border-ink pb-0.5 text-lg">
        {v.openRuns} <span className="figure text-base">{all.length}</span>
      </h2>
      <Ends job={job} ends={telling} />
      {rest.length > 0 && (
        <details className="mt-1.5">
          <summary className="min-h-11 content-center underline underline-offset-4">{v.decideNothing(rest.length)}</summary>
          <Ends job={job} ends={rest} />
        </details>
      )}
    </section>
  );
}

function Ends({ job, ends }: { job: string; ends: readonly Schemas["ToldOpenRun"][] }) {
  return (
    <ul className="flex flex-col gap-1.5">
      {ends.map((e) => (
        <li key={`${e.run}|${e.side}`}>
          <Link to={e.nearBox ? address.box(job, e.nearBox) : address.sheet(job)} className={line}>
            <b>{e.says}</b>
            <span className="figure flex-1 text-sm text-ink-2">{e.size}</span>
            {!!e.decides && (
              <span className="inline-flex items-center gap-1.5 text-sm font-bold text-slate">
                <Ruler size={16} aria-hidden /> {v.decides(e.decides)}
              </span>
            )}
          </Link>
        </li>
      ))}
    </ul>
  );
}
