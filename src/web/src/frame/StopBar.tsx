import { OctagonAlert } from "lucide-react";
import { Link } from "react-router";
import { useStops } from "../model/job";
import { DoNow } from "../model/DoNow";
import { words } from "../words";
import { whereIs } from "../parts/whereIs";

/** What can hurt somebody now stays on top of every screen of the job until it is dealt with. */
export function StopBar({ job }: { job: string }) {
  const stops = useStops(job);
  const all = stops.data?.stops ?? [];
  if (all.length === 0) return null;
  return (
    <details className="no-print border-b-2 border-barn bg-barn-wash px-4" role="region" aria-label={words.stopBar.title(all.length)}>
      <summary className="flex min-h-11 flex-wrap items-center gap-x-3 py-1.5">
        <span className="inline-flex items-center gap-1.5 font-bold text-barn">
          <OctagonAlert size={20} aria-hidden /> {words.stopBar.title(all.length)}
        </span>
        <span className="line-clamp-1 min-w-0 flex-1 basis-60">
          <b>{all[0]!.name}</b>: {all[0]!.finding.says}
        </span>
        {stops.data?.working && <span className="text-sm text-ink-2">{words.stopBar.working}</span>}
        <span className="text-sm underline underline-offset-4">{words.stopBar.see}</span>
      </summary>
      <ul className="grid max-h-[50dvh] gap-3 overflow-auto pb-3 md:grid-cols-2">
        {all.map((s) => (
          <li key={`${s.box ?? s.supply}|${s.finding.rule}|${s.finding.of}`} className="rounded-xl border-2 border-barn bg-card p-3">
            <Link to={whereIs(job, s)} className="font-bold underline underline-offset-4">
              {s.name}
            </Link>
            {s.place && <span className="text-sm text-ink-2">, {s.place}</span>}
            <p>
              {s.finding.says} <span className="text-sm text-ink-2">{s.finding.article}</span>
            </p>
            <DoNow steps={s.finding.now} />
          </li>
        ))}
      </ul>
    </details>
  );
}
