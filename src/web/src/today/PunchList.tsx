import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { Mark, looks } from "../model/Verdict";
import { whereIs } from "../parts/whereIs";
import { words } from "../words";
import { address } from "../parts/address";

const v = words.todayVerdicts;
export type Sort = "verdict" | "room";
type Found = Schemas["JobFinding"];
type Box = Schemas["BoxSummary"];

/** One kind of fault at one box: the first of them, how many there are, and all the parts they are about. */
type Line = Found & { count: number };

/** The same fault at one box once, with its count. */
function once(found: readonly Found[]): Line[] {
  const lines = new Map<string, Line>();
  for (const f of found) {
    const key = `${f.box ?? f.supply}|${f.finding.rule}|${f.finding.case}`;
    const was = lines.get(key);
    lines.set(
      key,
      was ? { ...was, count: was.count + 1, finding: { ...was.finding, ids: [...was.finding.ids, ...f.finding.ids] } } : { ...f, count: 1 },
    );
  }
  return [...lines.values()];
}

/** What is wrong over the whole job, each line jumping to its part of the picture; or what is still to be measured, box by box. */
export function PunchList({
  job,
  show,
  sort,
  found,
  boxes,
}: {
  job: string;
  show: string;
  sort: Sort;
  found: readonly Found[];
  boxes: readonly Box[];
}) {
  if (show === "measure") {
    const asked = boxes.filter((b) => b.measure > 0);
    return (
      <ul className="flex flex-col gap-1.5">
        {asked.length === 0 && <li className="text-ink-2">{v.none}</li>}
        {asked.map((b) => (
          <li key={b.id}>
            <Link
              to={address.survey(job, b.id, "measure")}
              className="flex flex-wrap items-center gap-x-3 rounded-xl border-2 border-l-8 border-slate bg-card px-3 py-2 hover:border-ink"
            >
              <b className="flex-1">{b.name}</b>
              <span className="text-sm text-ink-2">{b.place}</span>
              <Mark verdict="Measure">
                <span className="figure">{b.measure}</span>
              </Mark>
            </Link>
          </li>
        ))}
      </ul>
    );
  }
  const kept = found.filter((f) => show === "all" || f.finding.verdict === show);
  if (kept.length === 0) return <p className="text-ink-2">{show === "Stop" ? v.stopsNone : v.none}</p>;
  const groups = new Map<string, Line[]>();
  const titles = { Stop: v.stops, Fix: v.fixes, Better: v.better, Measure: v.measure, Fine: "" } as const;
  for (const f of once(kept)) {
    const key = sort === "room" ? (f.place ?? v.noRoom) : titles[f.finding.verdict];
    groups.set(key, [...(groups.get(key) ?? []), f]);
  }
  const order = sort === "room" ? [...groups.keys()].sort((a, b) => a.localeCompare(b)) : [...groups.keys()];
  return (
    <div className="flex flex-col gap-5">
      {order.map((key) => {
        const list = groups.get(key)!;
        const stop = list[0]!.finding.verdict === "Stop" && sort === "verdict";
        return (
          <section key={key} aria-label={key}>
            <h2 className={`mb-1.5 flex items-baseline gap-2 border-b-2 pb-0.5 text-lg ${stop ? "border-barn text-barn" : "border-ink"}`}>
              {key} <span className="figure text-base">{list.length}</span>
            </h2>
            <ul className="flex flex-col gap-1.5">
              {list.map(({ count, ...f }) => (
                <li key={`${f.box ?? f.supply}|${f.finding.rule}|${f.finding.of}`}>
                  <Link
                    to={whereIs(job, f)}
                    className={`block rounded-xl border-2 border-l-8 px-3 py-1.5 hover:border-ink ${looks[f.finding.verdict].box}`}
                  >
                    <span className="flex flex-wrap items-baseline gap-x-3">
                      <Mark verdict={f.finding.verdict} />
                      <b>{f.name}</b>
                      {sort !== "room" && <span className="text-sm text-ink-2">{f.place}</span>}
                      {count > 1 && <span className="figure ml-auto font-bold">× {count}</span>}
                    </span>
                    <span className="block">
                      {f.finding.says} <span className="text-sm text-ink-2">{f.finding.article}</span>
                      {count > 1 && <span className="block text-sm">{v.andLike(count - 1)}</span>}
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}
