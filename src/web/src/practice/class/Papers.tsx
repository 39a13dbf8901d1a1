import type { Schemas } from "../../api/client";
import { classWords as w, letter } from "../../words/class";
import { BoxDrawn } from "./BoxDrawn";

/** Of a box on a sheet, so that two questions with one stand on a page; of one in its answer. */
const DRAWN = 620;
const ANSWERED = 420;

type Sheet = Schemas["ToldSheet"];
type Item = Sheet["items"][number];

const page = "break-after-page rounded-2xl border-2 border-rule bg-card p-5 last:break-after-auto print:border-0 print:p-0";
const line = "border-b border-ink";

/** A sheet to be filled in, black on white. */
export function Paper({ sheet, head }: { sheet: Sheet; head: string }) {
  return (
    <article aria-label={w.learner(sheet.learner)} className={page}>
      <header className="flex flex-wrap items-end gap-x-6 gap-y-3 border-b-2 border-ink pb-2">
        <h2 className="text-lg">{w.learner(sheet.learner)}</h2>
        <span className="text-sm text-ink-2">{head}</span>
        <span className={`ml-auto w-56 ${line}`}>{w.name}</span>
        <span className={`w-32 ${line}`}>{w.date}</span>
      </header>
      <ol>
        {sheet.items.map((item, i) => (
          <li key={i} className="flex break-inside-avoid gap-3 border-b border-rule py-3 last:border-b-0">
            <b className="figure w-6 shrink-0 text-right">{i + 1}</b>
            <div className="min-w-0 flex-1">
              <PaperItem item={item} />
            </div>
          </li>
        ))}
      </ol>
    </article>
  );
}

function PaperItem({ item }: { item: Item }) {
  return (
    <>
      <p className="font-semibold">{item.asks}</p>
      {item.given.length > 0 && (
        <ul className="list-disc pl-5">
          {item.given.map((g) => (
            <li key={g}>{g}</li>
          ))}
        </ul>
      )}
      {item.picture && (
        <div className="my-2 rounded-lg border-2 border-rule p-2">
          <BoxDrawn of={item.picture} most={DRAWN} />
        </div>
      )}
      {Array.from({ length: item.lines }, (_, n) => (
        <p key={n} className={`mt-2 h-7 ${line}`} />
      ))}
      <ul className="mt-1 grid gap-x-6 sm:grid-cols-2 print:grid-cols-2">
        {item.options.map((o, n) => (
          <li key={o} className="flex items-baseline gap-2">
            <span aria-hidden className="inline-block size-3.5 shrink-0 rounded-full border-2 border-ink" />
            <b>{letter(n)}</b> {o}
          </li>
        ))}
      </ul>
      {item.rows.length > 0 && (
        <div className="mt-2">
          {item.rows.map((r) => (
            <div key={r} className="flex items-end gap-3 py-1">
              <span className="flex-1">{r}</span>
              <span className={`w-20 text-right text-xs ${line}`}>{w.counted}</span>×
              <span className={`w-24 text-right text-xs ${line}`}>{w.each}</span>=<span className={`w-20 ${line}`}>&nbsp;</span>
            </div>
          ))}
          <div className="mt-2 flex flex-wrap gap-6">
            {[w.needed, w.there, w.fits].map((x) => (
              <span key={x} className={`w-40 ${line}`}>
                {x}
              </span>
            ))}
          </div>
        </div>
      )}
    </>
  );
}

/** What is right on a sheet, for the teacher. */
export function Answers({ sheet, head }: { sheet: Sheet; head: string }) {
  return (
    <article aria-label={w.answersOf(sheet.learner)} className="break-inside-avoid rounded-2xl border-2 border-rule bg-card p-4 print:p-0">
      <h2 className="text-lg">{w.answersOf(sheet.learner)}</h2>
      <p className="text-sm text-ink-2">{head}</p>
      <ol>
        {sheet.answers.map((a, i) => (
          <li key={i} className="flex gap-3 border-t border-rule py-1.5">
            <b className="figure w-6 shrink-0 text-right">{i + 1}</b>
            <span className="min-w-0 flex-1">
              {a.option != null && (
                <b>
                  {letter(a.option)} {sheet.items[i]!.options[a.option]}.{" "}
                </b>
              )}
              {a.sum.map((s) => (
                <span key={s} className="block">
                  {s}
                </span>
              ))}
              {a.picture && <BoxDrawn of={a.picture} most={ANSWERED} />}
              {a.why} <span className="text-sm text-ink-2">{a.article}</span>
            </span>
          </li>
        ))}
      </ol>
    </article>
  );
}
