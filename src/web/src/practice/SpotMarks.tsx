import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { Mark, type Finding } from "../model/Verdict";
import { practiceWords as w } from "../words/practice";

/** How a line that was marked is framed. */
export const markBorder = (right: boolean) =>
  `rounded-xl border-2 border-l-8 p-2.5 ${right ? "border-moss bg-moss-wash" : "border-amber bg-amber-wash"}`;

/** What was found, what was missed, and what holds though it was called wrong. */
export function SpotMarks({
  marks,
  onPoint,
  children,
}: {
  marks: Schemas["ToldSpotMark"];
  onPoint: (ids: readonly string[]) => void;
  children: ReactNode;
}) {
  return (
    <section aria-label={w.marks} role="status" className="flex flex-col gap-2">
      <h2 className="text-lg">{w.score(marks.found, marks.planted, marks.falseAlarms)}</h2>
      <div className="flex flex-wrap gap-2">{children}</div>
      {marks.lines.map((l, i) => (
        <div key={i} className={markBorder(l.outcome === "Found" && l.severity == null)}>
          <p>
            <b>{w.outcome[l.outcome]}</b> {l.part}: {l.claim}
          </p>
          {l.severity && (
            <p>
              {w.badly} <Mark verdict={l.severity} />
            </p>
          )}
          {l.why && <p>{l.why}</p>}
          <Says all={l.is} onPoint={onPoint} />
        </div>
      ))}
      {marks.missed.map((m, i) => (
        <div key={i} className={markBorder(false)}>
          <p>
            <b>{w.missed}</b>
          </p>
          <Says all={m} onPoint={onPoint} />
        </div>
      ))}
    </section>
  );
}

function Says({ all, onPoint }: { all: readonly Finding[]; onPoint: (ids: readonly string[]) => void }) {
  return all.map((f) => (
    <button key={`${f.rule}|${f.of}`} type="button" className="block w-full py-0.5 text-left" onClick={() => onPoint([f.of, ...f.ids])}>
      <Mark verdict={f.verdict} /> {f.says} <span className="text-sm text-ink-2">{f.article}</span>
    </button>
  ));
}
