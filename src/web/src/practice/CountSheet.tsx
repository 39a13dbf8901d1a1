import type { Schemas } from "../api/client";
import { Choice } from "../parts/controls";
import { practiceWords as w } from "../words/practice";

type Row = Schemas["FillRow"];
/** What is typed, by line and column. */
export type Typed = Readonly<Record<string, string>>;

export const rowKey = (row: Row) => `${row.kind}-${row.gauge ?? ""}-${row.device ?? 0}`;

const figure = "figure min-h-11 w-full rounded-lg border-2 bg-card px-2 text-right text-lg";
const value = (text: string | undefined) => Number((text ?? "").replace(",", "."));

/** What was typed, as the program marks it. */
export function tryOf(drill: Schemas["ToldDrill"], typed: Typed): Schemas["FillTry"] {
  const number = (key: string) => value(typed[key]) || 0;
  return {
    rows: drill.rows.map((r) => ({
      row: r.row,
      counted: { count: number(`${rowKey(r.row)}.count`), each: number(`${rowKey(r.row)}.each`) },
    })),
    needed: number("sum"),
    available: number("room"),
    fit: (typed.fit ?? "CannotTell") as Schemas["Fit"],
  };
}

/** The sheet a learner counts on: count × allowance for each line, then the sum, the room and the verdict. */
export function CountSheet({
  drill,
  typed,
  onType,
  hinted,
  onHint,
  marked,
}: {
  drill: Schemas["ToldDrill"];
  typed: Typed;
  onType: (key: string, text: string) => void;
  hinted: readonly string[];
  /** Takes a hint; where there is none to be had, no one can be taken. */
  onHint?: (key: string) => void;
  marked: Schemas["ToldDrillMark"] | undefined;
}) {
  const cell = (key: string, label: string, wrong: boolean) => (
    <input
      inputMode="decimal"
      aria-label={label}
      aria-invalid={wrong}
      className={`${figure} ${wrong ? "border-amber" : "border-rule"}`}
      value={typed[key] ?? ""}
      onChange={(e) => onType(key, e.target.value)}
    />
  );
  return (
    <section aria-label={w.yours} className="rounded-2xl bg-card p-4">
      <h2 className="text-lg">{w.yours}</h2>
      <div className="mt-1 grid grid-cols-[1fr_4.5rem_4.5rem] items-center gap-x-2 gap-y-1.5 sm:grid-cols-[1fr_6rem_6rem_5rem]">
        <span />
        <span className="text-right text-sm text-ink-2">{w.count}</span>
        <span className="text-right text-sm text-ink-2">{w.each}</span>
        <span className="hidden sm:block" />
        {drill.rows.map(({ row, name, hint }) => {
          const key = rowKey(row);
          const wrong = marked?.row != null && rowKey(marked.row) === key;
          const volume = value(typed[`${key}.count`]) * value(typed[`${key}.each`]);
          return (
            <div key={key} className="contents">
              <span className={wrong ? "font-bold text-amber" : ""}>
                {name}{" "}
                {hinted.includes(key) ? (
                  <span className="block text-sm text-ink-2">{hint}</span>
                ) : onHint ? (
                  <button
                    type="button"
                    aria-label={w.hint(name)}
                    className="min-h-11 px-1 text-sm text-ink-2 underline underline-offset-4"
                    onClick={() => onHint(key)}
                  >
                    {w.hintShort}
                  </button>
                ) : null}
              </span>
              {cell(`${key}.count`, w.countOf(name), wrong)}
              {cell(`${key}.each`, w.eachOf(name), wrong)}
              <span className="figure hidden text-right sm:block">{volume > 0 ? volume.toFixed(2) : ""}</span>
            </div>
          );
        })}
        <span className="col-span-full my-1 border-t-2 border-ink" />
        <span className="col-span-2 font-semibold">{w.sum}</span>
        {cell("sum", w.sum, marked?.wrong === "Sum")}
        <span className="hidden sm:block" />
        <span className="col-span-2 font-semibold">{w.room}</span>
        {cell("room", w.room, marked?.wrong === "Available")}
        <span className="hidden sm:block" />
      </div>
      <div className="mt-2">
        <Choice
          label={w.verdict}
          value={(typed.fit ?? null) as keyof typeof w.verdicts | null}
          onChange={(fit) => onType("fit", fit)}
          options={Object.entries(w.verdicts) as [keyof typeof w.verdicts, string][]}
        />
      </div>
    </section>
  );
}
