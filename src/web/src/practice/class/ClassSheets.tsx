import { useState } from "react";
import { flushSync } from "react-dom";
import { Link } from "react-router";
import { Button, Choice } from "../../parts/controls";
import { address } from "../../parts/address";
import { Back } from "../../parts/Back";
import { words } from "../../words";
import { classWords as w } from "../../words/class";
import { practiceWords } from "../../words/practice";
import { Setting } from "../Setting";
import { Answers, Paper } from "./Papers";
import { ClassList, OpenClass } from "./OpenClass";
import { kinds, onScreen, useSheet, type Kind } from "./useSheet";

type Look = "sheets" | "answers";

/** Sheets for a class, each with own numbers, and their answers: looked at and printed in black and white. */
export default function ClassSheets() {
  const { ask, put, tick, sheets, search, another } = useSheet();
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
        <ClassList />
        <h2 className="border-t-2 border-ink pt-3 text-xl">{w.newSheet}</h2>
        <p className="text-ink-2">{w.how}</p>
        <Setting level={ask.level} edition={ask.edition} onLevel={(level) => put({ level })} onEdition={(edition) => put({ edition })} />
        <Kinds legend={w.kinds} kinds={kinds} chosen={ask.kinds} onTick={tick} />
        <Kinds legend={w.kindsOnScreen} kinds={onScreen} chosen={ask.kinds} onTick={tick} />
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
        {ask.kinds.length > 0 && (
          <OpenClass
            sheet={{ kinds: [...ask.kinds], level: Number(ask.level), items: ask.items, seed: Number(ask.seed), edition: ask.edition }}
          />
        )}
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

function Kinds({
  legend,
  kinds,
  chosen,
  onTick,
}: {
  legend: string;
  kinds: readonly Kind[];
  chosen: readonly Kind[];
  onTick: (kind: Kind, on: boolean) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-ink-2">{legend}</legend>
      <div className="flex flex-wrap gap-x-5 gap-y-1">
        {kinds.map((k) => (
          <label key={k} className="inline-flex min-h-11 items-center gap-2 font-semibold">
            <input
              type="checkbox"
              className="size-6 accent-ink"
              checked={chosen.includes(k)}
              onChange={(e) => onTick(k, e.target.checked)}
            />
            {w.kind[k]}
          </label>
        ))}
      </div>
    </fieldset>
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
