import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { Mark } from "../model/Verdict";
import { practiceWords as w } from "../words/practice";
import { markBorder } from "./SpotMarks";

/** What works as wished, what the rules say, what somebody touching it would get, and what was out of turn. */
export function MakeMarks({
  marks,
  onPoint,
  children,
}: {
  marks: Schemas["ToldMakeMark"];
  onPoint: (ids: readonly string[]) => void;
  children: ReactNode;
}) {
  return (
    <section aria-label={w.marks} role="status" className="flex flex-col gap-2">
      <h2 className="text-lg">{marks.right ? w.madeRight : w.madeWrong}</h2>
      <div className="flex flex-wrap gap-2">{children}</div>
      {marks.wishes.map((x) => (
        <p key={x.says} className={markBorder(x.outcome === "Kept")}>
          {x.says}. <b>{w.wishes[x.outcome]}</b>
        </p>
      ))}
      <h3 className="mt-1 font-semibold">{w.touching}</h3>
      {marks.touched.length === 0 ? (
        <p>{w.touchNothing}</p>
      ) : (
        marks.touched.map((t) => (
          <p key={t} className="rounded-xl border-2 border-l-8 border-barn bg-barn-wash p-2.5 font-semibold">
            {t}.
          </p>
        ))
      )}
      {marks.found.map((f, i) => (
        <button
          key={i}
          type="button"
          className={`text-left ${markBorder(false)}`}
          onClick={() => f.box == null && onPoint([f.finding.of, ...f.finding.ids])}
        >
          <Mark verdict={f.finding.verdict} /> {f.box != null && <b>{f.box}: </b>}
          {f.finding.says} <span className="text-sm text-ink-2">{f.finding.article}</span>
        </button>
      ))}
      <h3 className="mt-1 font-semibold">{w.inTurn}</h3>
      {marks.slips.length === 0 ? (
        <p>{marks.done ? w.turnRight : w.turnUnknown}</p>
      ) : (
        marks.slips.map((s) => (
          <p key={s} className={markBorder(false)}>
            {s}.
          </p>
        ))
      )}
    </section>
  );
}
