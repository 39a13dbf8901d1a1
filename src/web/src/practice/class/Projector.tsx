import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { address } from "../../parts/address";
import { Back } from "../../parts/Back";
import { Button } from "../../parts/controls";
import { words } from "../../words";
import { classWords as w, letter } from "../../words/class";
import { BoxDrawn } from "./BoxDrawn";
import { useSheet } from "./useSheet";

/** A box on the wall is seen from the last row. */
const DRAWN = 1000;

/** One question at a time, large, with a count of hands for each answer; the answer when the teacher shows it. */
export default function Projector() {
  const { ask, sheets, search } = useSheet(true);
  const [here, setHere] = useSearchParams();
  const sheet = sheets.data?.[0];
  const at = Math.max(1, Math.min(ask.items, Number(here.get("item")) || 1));
  const go = (item: number) => setHere((was) => new URLSearchParams({ ...Object.fromEntries(was), item: String(item) }), { replace: true });
  const item = sheet?.items[at - 1];
  const answer = sheet?.answers[at - 1];
  return (
    <div className="mx-auto flex max-w-6xl flex-col gap-4 pb-8">
      <div className="flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <Back to={`${address.classSheets}?${search}`} name={w.back} />
          <p className="text-lg text-ink-2">{w.of(at, ask.items)}</p>
        </div>
        <Button disabled={at === 1} onClick={() => go(at - 1)}>
          {w.last}
        </Button>
        <Button look="main" disabled={at === ask.items} onClick={() => go(at + 1)}>
          {w.next}
        </Button>
      </div>
      {sheets.error && (
        <p role="alert" className="font-semibold text-barn">
          {sheets.error.message}
        </p>
      )}
      {item && answer ? <OnWall key={`${search}-${at}`} item={item} answer={answer} /> : <p className="text-ink-2">{words.loading}</p>}
    </div>
  );
}

function OnWall({ item, answer }: { item: Schemas["ToldSheetItem"]; answer: Schemas["ToldSheetAnswer"] }) {
  const [shown, setShown] = useState(false);
  const [hands, setHands] = useState<readonly number[]>(() => item.options.map(() => 0));
  const all = hands.reduce((a, b) => a + b, 0);
  const raise = (n: number, by: number) => setHands(hands.map((h, i) => (i === n ? Math.max(0, h + by) : h)));
  return (
    <>
      <h1 className="text-4xl leading-tight">{item.asks}</h1>
      {item.picture && <BoxDrawn of={item.picture} most={DRAWN} />}
      {item.given.length > 0 && (
        <ul className={`list-disc pl-7 ${item.picture ? "columns-2 text-lg" : "text-2xl"}`}>
          {item.given.map((g) => (
            <li key={g}>{g}</li>
          ))}
        </ul>
      )}
      <ul className="flex flex-col gap-3">
        {item.options.map((o, n) => {
          const right = shown && answer.option === n;
          return (
            <li
              key={o}
              className={`relative flex items-center gap-4 overflow-hidden rounded-2xl border-2 p-3 text-2xl
                ${right ? "border-moss bg-moss-wash font-bold" : "border-ink bg-card"}`}
            >
              <b className="w-8 text-center">{letter(n)}</b>
              <span className="min-w-0 flex-1">{o}</span>
              <Button aria-label={w.less(letter(n))} onClick={() => raise(n, -1)}>
                −
              </Button>
              <span className="figure w-12 text-center" aria-label={w.hands(letter(n))} role="status">
                {hands[n]}
              </span>
              <Button aria-label={w.one(letter(n))} onClick={() => raise(n, 1)}>
                +
              </Button>
              <span
                className="absolute bottom-0 left-0 h-1.5 bg-ink"
                style={{ width: `${(100 * (hands[n] ?? 0)) / Math.max(1, all)}%` }}
                aria-hidden
              />
            </li>
          );
        })}
      </ul>
      {shown ? (
        <section role="status" className="rounded-2xl border-2 border-l-8 border-moss bg-moss-wash p-4 text-2xl">
          {answer.sum.map((s) => (
            <p key={s}>{s}</p>
          ))}
          {answer.picture && <BoxDrawn of={answer.picture} most={DRAWN} />}
          <p className={answer.sum.length > 0 ? "font-bold" : ""}>{answer.why}</p>
          <p className="text-lg text-ink-2">{answer.article}</p>
          {answer.option != null && all > 0 && <p className="text-lg">{w.rightHands(hands[answer.option] ?? 0, all)}</p>}
        </section>
      ) : (
        <Button look="main" className="min-h-14 self-start text-xl" onClick={() => setShown(true)}>
          {w.show}
        </Button>
      )}
    </>
  );
}
