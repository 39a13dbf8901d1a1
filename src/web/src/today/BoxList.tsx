import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { FitBadge } from "../parts/FitBadge";
import { span, volume } from "../parts/measure";
import { words } from "../words";
import { todayWords as w } from "../words/today";
import { address, served } from "../parts/address";

type Box = Schemas["BoxSummary"];
const v = words.todayVerdicts;

/** How far the survey is, and every box by its fill: over-full, just fitting, unknown, room left. */
export function BoxList({ job, data, keep }: { job: string; data: Schemas["TodayAnswer"]; keep: (box: Box) => boolean }) {
  const { units } = useSettings();
  const all = [...data.over, ...data.full, ...data.unknown, ...data.fine];
  const whole = all.filter((b) => b.contents === "Complete").length;
  const partly = all.filter((b) => b.contents === "Partial").length;
  const groups = [
    ["over", w.over, w.overNone, data.over.filter(keep)],
    ["full", w.full, w.fullNone, data.full.filter(keep)],
    ["unknown", w.unknown, w.unknownNone, data.unknown.filter(keep)],
    ["fine", w.fine, w.fineNone, data.fine.filter(keep)],
  ] as const;
  return (
    <div className="flex flex-col gap-5">
      <section aria-label={v.survey} className="rounded-2xl border-2 border-rule bg-card p-3">
        <h2 className="text-lg">{v.survey}</h2>
        <div className="my-1.5 flex h-3 overflow-hidden rounded-full border-2 border-ink" aria-hidden>
          <div className="bg-ink" style={{ width: `${(100 * whole) / all.length}%` }} />
          <div
            className="bg-[repeating-linear-gradient(45deg,var(--ink)_0_3px,var(--card)_3px_6px)]"
            style={{ width: `${(100 * partly) / all.length}%` }}
          />
        </div>
        <p className="text-sm">
          {v.surveyed(whole, all.length)}, {v.opened(partly)}, {v.unopened(all.length - whole - partly)}
        </p>
      </section>
      {groups.map(([key, title, none, boxes]) => (
        <section key={key} aria-label={title}>
          <h2
            className={`mb-1.5 flex items-baseline gap-2 border-b-2 pb-0.5 text-lg
              ${key === "over" && boxes.length > 0 ? "border-barn text-barn" : "border-ink"}`}
          >
            {title} <span className="figure text-base">{boxes.length}</span>
          </h2>
          {boxes.length === 0 && <p className="text-ink-2">{none}</p>}
          <ul className="flex flex-col gap-1.5">
            {boxes.map((b) => (
              <li key={b.id}>
                <Link
                  to={address.box(job, b.id)}
                  className={`block rounded-xl border-2 px-3 py-1.5 hover:border-ink
                    ${key === "over" ? "border-barn bg-barn-wash" : "border-rule bg-card"}`}
                >
                  <span className="flex flex-wrap items-center justify-between gap-x-3">
                    <b>{b.name}</b>
                    {key !== "fine" && <FitBadge fit={b.fit} />}
                  </span>
                  <span className="flex flex-wrap justify-between gap-x-3 text-sm">
                    <span className="text-ink-2">{[b.place, b.kindName].filter(Boolean).join(" · ")}</span>
                    <span className="figure ml-auto font-bold">{figure(b, units)}</span>
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ))}
      <a
        href={served.boxes(job)}
        download
        className="no-print inline-flex min-h-11 items-center self-start rounded-xl border-2 border-ink bg-card px-4 font-semibold"
      >
        {w.csv}
      </a>
    </div>
  );
}

function figure(b: Box, units: ReturnType<typeof useSettings>["units"]): string {
  if (b.fit === "Over") return w.over_by(volume(-(b.left.high ?? b.left.low), units));
  if (b.fit === "Fits") return w.left_(span(b.left, units));
  if (b.fit === "ExactlyFull") return span(b.available, units);
  return b.needed.low > 0 ? w.atLeast(volume(b.needed.low, units)) : "";
}
