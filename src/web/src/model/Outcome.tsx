import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { FitBadge } from "../parts/FitBadge";
import { span } from "../parts/measure";
import { drawWords } from "../words/draw";
import { RailStrip } from "./RailStrip";
import { Mark } from "./Verdict";

const w = drawWords.outcome;
type Findings = Schemas["ToldFinding"][];

/** What something would do: to what hangs where, to the load, drop and protection of circuits, and to boxes. */
export function Outcome({ of }: { of: Schemas["ToldOutcome"] }) {
  const { units } = useSettings();
  const fill = (f: Schemas["FillFigures"]) => `${span(f.needed, units, false)} / ${span(f.available, units)}`;
  if (of.boxes.length + of.circuits.length + of.stops.length + of.rails.length === 0)
    return <p className="text-sm text-ink-2">{w.nothing}</p>;
  return (
    <div className="flex flex-col gap-2 text-sm">
      {of.stops.length > 0 && (
        <ul aria-label={w.stops}>
          {of.stops.map((s) => (
            <li key={s.box} className="border-t border-rule py-1 first:border-t-0">
              <b>{s.name}</b>: {w.hangs(s)}
            </li>
          ))}
        </ul>
      )}
      {of.rails.map((r) => (
        <RailStrip key={r.key} rail={r} />
      ))}
      {of.circuits.length > 0 && (
        <ul aria-label={w.circuits} className="flex flex-col gap-1">
          {of.circuits.map((c) => (
            <li key={c.circuit} className="rounded-lg bg-slate-wash p-2">
              <b>{c.name}</b>
              <dl className="flex flex-wrap gap-x-5">
                {w.figures(c.was ?? null, c.is ?? null).map(([what, was, is]) => (
                  <div key={what} className="flex items-baseline gap-1.5">
                    <dt className="text-ink-2">{what}</dt>
                    <dd className="figure">
                      {was === is ? (
                        is
                      ) : (
                        <>
                          {was} <span aria-label={w.then}>→</span> <b>{is}</b>
                        </>
                      )}
                    </dd>
                  </div>
                ))}
              </dl>
              <Brings findings={c.brings} />
            </li>
          ))}
        </ul>
      )}
      {of.boxes.length > 0 && (
        <ul aria-label={w.boxes} className="flex flex-col">
          {of.boxes.map((b) => (
            <li key={b.box} className="border-t border-rule py-1 first:border-t-0">
              <span className="flex flex-wrap items-center gap-2">
                <b>{b.name}</b>
                <span className="figure">
                  {b.was && b.is && fill(b.was) !== fill(b.is) && <>{fill(b.was)} → </>}
                  {b.is && fill(b.is)}
                </span>
                {b.is && <FitBadge fit={b.is.fit} />}
              </span>
              <Brings findings={b.brings} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Brings({ findings }: { findings: Findings }) {
  return findings.map((f) => (
    <p key={f.rule + f.of + f.case} className="mt-0.5">
      <Mark verdict={f.verdict} /> {f.says}
    </p>
  ));
}
