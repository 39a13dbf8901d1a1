import { useState } from "react";
import { flushSync } from "react-dom";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { Button, Choice } from "../../parts/controls";
import { address } from "../../parts/address";
import { Back } from "../../parts/Back";
import { words } from "../../words";
import { classWords as w, letter } from "../../words/class";
import { practiceWords } from "../../words/practice";
import { Setting } from "../Setting";
import { kinds, useSheet } from "./useSheet";

type Sheet = Schemas["ToldSheet"];
type Item = Sheet["items"][number];
type Look = "sheets" | "answers";

/** Sheets for a class, each with own numbers, and their answers: looked at and printed in black and white. */
export default function ClassSheets() {
  const { ask, put, sheets, search, another } = useSheet();
  const [look, setLook] = useState<Look>("sheets");
  const print = (what: Look) => {
    flushSync(() => setLook(what));
    window.print();
  };
  const head = w.sheetOf(ask.seed, ask.level, words.edition[ask.edition]);
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-4 pb-8">
      <div className="no-print flex flex-col gap-3">
        <Back to={address.practice} name={practiceWords.title} />
        <h1 className="text-2xl">{w.title}</h1>
        <p className="text-ink-2">{w.how}</p>
        <Setting level={ask.level} edition={ask.edition} onLevel={(level) => put({ level })} onEdition={(edition) => put({ edition })} />
        <fieldset>
          <legend className="mb-1 text-sm text-ink-2">{w.kinds}</legend>
          <div className="flex flex-wrap gap-x-5 gap-y-1">
            {kinds.map((k) => (
              <label key={k} className="inline-flex min-h-11 items-center gap-2 font-semibold">
                <input
                  type="checkbox"
                  className="size-6 accent-ink"
                  checked={ask.kinds.includes(k)}
                  onChange={(e) => put({ kinds: kinds.filter((x) => (x === k ? e.target.checked : ask.kinds.includes(x))).join(",") })}
                />
                {w.kind[k]}
              </label>
            ))}
          </div>
        </fieldset>
        <div className="flex flex-wrap items-end gap-4">
          <Count label={w.items} value={ask.items} most={40} onChange={(items) => put({ items })} />
          <Count label={w.learners} value={ask.learners} most={60} onChange={(learners) => put({ learners })} />
          <Count label={w.seed} value={Number(ask.seed)} most={99_999} onChange={(seed) => put({ seed })} />
          <Button onClick={another}>{w.another}</Button>
        </div>
        <div className="flex flex-wrap gap-3">
          <Button look="main" onClick={() => print("sheets")} disabled={!sheets.data}>
            {w.print}
          </Button>
          <Button onClick={() => print("answers")} disabled={!sheets.data}>
            {w.printAnswers}
          </Button>
          <Link
            to={`${address.projector}?${search}`}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
          >
            {w.onWall}
          </Link>
        </div>
        <Choice
          label={w.what}
          value={look}
          onChange={setLook}
          options={[
            ["sheets", w.sheets],
            ["answers", w.answers],
          ]}
        />
      </div>
      {ask.kinds.length === 0 && <p role="alert">{w.pick}</p>}
      {sheets.error && (
        <p role="alert" className="font-semibold text-barn">
          {sheets.error.message}
        </p>
      )}
      {ask.kinds.length > 0 && !sheets.data && !sheets.error && <p className="text-ink-2">{words.loading}</p>}
      <div className={`flex flex-col gap-6 ${sheets.isPlaceholderData ? "opacity-60" : ""}`}>
        {sheets.data?.map((s) =>
          look === "sheets" ? <Paper key={s.learner} sheet={s} head={head} /> : <Answers key={s.learner} sheet={s} head={head} />,
        )}
      </div>
    </div>
  );
}

function Count({ label, value, most, onChange }: { label: string; value: number; most: number; onChange: (value: string) => void }) {
  return (
    <label>
      <span className="mb-1 block text-sm text-ink-2">{label}</span>
      <input
        type="number"
        min={1}
        max={most}
        key={value}
        defaultValue={value}
        className="figure min-h-11 w-28 rounded-lg border-2 border-rule bg-card px-2 text-right"
        onBlur={(e) => onChange(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === "Enter") onChange(e.currentTarget.value);
        }}
      />
    </label>
  );
}

const page = "break-after-page rounded-2xl border-2 border-rule bg-card p-5 last:break-after-auto print:border-0 print:p-0";
const line = "border-b border-ink";

function Paper({ sheet, head }: { sheet: Sheet; head: string }) {
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

function Answers({ sheet, head }: { sheet: Sheet; head: string }) {
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
              {a.why} <span className="text-sm text-ink-2">{a.article}</span>
            </span>
          </li>
        ))}
      </ol>
    </article>
  );
}
