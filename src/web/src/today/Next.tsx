import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { address } from "../parts/address";
import { words } from "../words";

const w = words.todayNext;

/** What each open Change waits for before its next stage: what is in the way first, then what can be done. */
export function Next({ job, next }: { job: string; next: readonly Schemas["ToldWaits"][] }) {
  if (next.length === 0) return null;
  const sorted = [...next].sort((a, b) => Number(b.blocks) - Number(a.blocks));
  return (
    <section aria-label={w.title} className="mb-5">
      <h2 className="mb-1.5 border-b-2 border-ink pb-0.5 text-lg">{w.title}</h2>
      <ul className="flex flex-col gap-1.5">
        {sorted.map((n) => (
          <li key={`${n.change}|${n.box}`}>
            <Link
              to={whereTo(job, n)}
              className={`block rounded-xl border-2 px-3 py-1.5 hover:border-ink
                ${n.blocks ? "border-l-8 border-slate bg-slate-wash" : "border-rule bg-card"}`}
            >
              <span className="flex flex-wrap items-baseline gap-x-3">
                <b>{n.name}</b>
                <span className="text-sm text-ink-2">{n.blocks ? w.waits : w.next}</span>
              </span>
              <span className="block">{n.says}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function whereTo(job: string, n: Schemas["ToldWaits"]): string {
  if (!n.box) return address.changes(job);
  if (n.case === "NotOpened" || n.case === "NotRecorded") return address.survey(job, n.box);
  return n.case === "WouldFail" ? address.plan(job, n.box, n.change) : address.box(job, n.box);
}
