import { OctagonAlert } from "lucide-react";
import { Link } from "react-router";
import { useStops } from "../model/job";
import { DoNow } from "../model/DoNow";
import { words } from "../words";
import { address } from "../parts/address";
import { whereIs } from "../parts/whereIs";

/** What can hurt somebody now stays on top of every screen of the job until it is dealt with. */
export function StopBar({ job }: { job: string }) {
  const stops = useStops(job);
  const all = stops.data?.stops ?? [];
  const overdue = stops.data?.overdue ?? [];
  const count = all.length + overdue.length;
  if (count === 0) return null;
  const first = overdue[0]
    ? { name: overdue[0].where ?? words.stopBar.overdue, says: overdue[0].says }
    : { name: all[0]!.name, says: all[0]!.finding.says };
  return (
    <details className="no-print border-b-2 border-barn bg-barn-wash px-4" role="region" aria-label={words.stopBar.title(count)}>
      <summary className="flex min-h-11 flex-wrap items-center gap-x-3 py-1.5">
        <span className="inline-flex items-center gap-1.5 font-bold text-barn">
          <OctagonAlert size={20} aria-hidden /> {words.stopBar.title(count)}
        </span>
        <span className="line-clamp-1 min-w-0 flex-1 basis-60">
          <b>{first.name}</b>: {first.says}
        </span>
        {stops.data?.working && <span className="text-sm text-ink-2">{words.stopBar.working}</span>}
        <span className="text-sm underline underline-offset-4">{words.stopBar.see}</span>
      </summary>
      <ul className="grid max-h-[50dvh] gap-3 overflow-auto pb-3 md:grid-cols-2">
        {overdue.map((o) => (
          <li key={o.id} className="rounded-xl border-2 border-barn bg-card p-3">
            <Link to={o.box ? address.box(job, o.box) : address.today(job)} className="font-bold underline underline-offset-4">
              {o.where ?? words.stopBar.overdue}
            </Link>
            <p>
              {o.says} ({o.by})
            </p>
          </li>
        ))}
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
