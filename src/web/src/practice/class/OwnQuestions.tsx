import { useState } from "react";
import { newId, type Schemas } from "../../api/client";
import { Button, TakeOut } from "../../parts/controls";
import { Field } from "../../parts/Field";
import { classWords as w, letter } from "../../words/class";
import { usePlan, type View } from "./useClass";

type Own = Schemas["OwnQuestion"];

/** The teacher's own questions, between the generated ones. */
export function OwnQuestions({ view }: { view: View }) {
  const [writing, setWriting] = useState(false);
  const plan = usePlan(view.id, () => setWriting(false));
  const put = (own: readonly Own[]) => plan.mutate({ ...view.plan, own: [...own] });
  return (
    <section aria-label={w.tabs.own} className="flex flex-col gap-3">
      <p className="text-ink-2">{w.ownHow}</p>
      <ul className="flex flex-col gap-2">
        {view.plan.own.map((q) => (
          <li key={q.id} className="flex items-start gap-3 rounded-2xl border-2 border-rule bg-card p-3">
            <div className="min-w-0 flex-1">
              <p className="font-semibold">
                {q.asks} <span className="font-normal text-ink-2">{w.ownList(q.after)}</span>
              </p>
              <ul className="mt-1 grid gap-x-6 sm:grid-cols-2">
                {q.options.map((o, i) => (
                  <li key={i} className={i === q.right ? "font-bold text-moss" : ""}>
                    {letter(i)} {o}
                  </li>
                ))}
              </ul>
              {q.why && <p className="text-sm text-ink-2">{q.why}</p>}
            </div>
            <TakeOut name={q.asks} onClick={() => put(view.plan.own.filter((x) => x.id !== q.id))} />
          </li>
        ))}
      </ul>
      {writing ? (
        <Write most={view.plan.sheet.items} busy={plan.isPending} onKeep={(q) => put([...view.plan.own, q])} />
      ) : (
        <Button look="main" className="self-start" onClick={() => setWriting(true)}>
          {w.ownNew}
        </Button>
      )}
    </section>
  );
}

function Write({ most, busy, onKeep }: { most: number; busy: boolean; onKeep: (q: Own) => void }) {
  const [asks, setAsks] = useState("");
  const [after, setAfter] = useState(String(most));
  const [options, setOptions] = useState<readonly string[]>(["", "", ""]);
  const [right, setRight] = useState<number | null>(null);
  const [why, setWhy] = useState("");
  // Lines that were left empty are no answers.
  const full = options.map((o, i) => ({ text: o.trim(), i })).filter((o) => o.text !== "");
  const place = full.findIndex((o) => o.i === right);
  return (
    <div className="flex flex-col gap-3 rounded-2xl border-2 border-ink bg-card p-4">
      <Field label={w.ownAsks} value={asks} onType={setAsks} />
      {options.map((o, i) => (
        <div key={i} className="flex items-end gap-3">
          <Field label={w.ownOption(i + 1)} value={o} onType={(t) => setOptions(options.map((x, n) => (n === i ? t : x)))} />
          <label className="inline-flex min-h-11 items-center gap-2 font-semibold">
            <input
              type="radio"
              name="own-right"
              aria-label={w.ownRight(i + 1)}
              className="size-6 accent-ink"
              checked={right === i}
              onChange={() => setRight(i)}
            />
            {w.cell.right}
          </label>
        </div>
      ))}
      <div className="flex flex-wrap items-end gap-3">
        {options.length < 8 && <Button onClick={() => setOptions([...options, ""])}>{w.ownAdd}</Button>}
        <Field label={w.ownAfter} value={after} onType={setAfter} figure="numeric" wide={false} />
      </div>
      <Field label={w.ownWhy} value={why} onType={setWhy} />
      <Button
        look="main"
        className="self-start"
        disabled={busy || asks.trim() === "" || full.length < 2 || place < 0}
        onClick={() =>
          onKeep({
            id: newId("q"),
            after: Math.min(most, Math.max(0, Math.floor(Number(after)) || 0)),
            asks: asks.trim(),
            options: full.map((f) => f.text),
            right: place,
            why: why.trim(),
          })
        }
      >
        {w.ownKeep}
      </Button>
    </div>
  );
}
