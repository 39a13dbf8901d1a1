import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { useBox } from "../model/job";
import { ProofPanel } from "../model/ProofPanel";
import { address } from "../parts/address";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { makeWords as w } from "../words/make";
import { BenchFirst } from "./BenchFirst";
import { DoneStep } from "./DoneStep";
import { StepBody } from "./StepBody";
import { Tests } from "./Tests";
import { useCard, type Card, type Step } from "./useCard";
import { useAloud, useAwake, useEars } from "./useHandsFree";

/** Doing it: one step to a screen, large, for one thumb; what touches a conductor only while its proof stands. */
export default function MakeUp() {
  const { job = "", change = "", box = "" } = useParams();
  const { card, step, ahead, done, takeBack, busy } = useCard(job, change, box);
  const [back, setBack] = useState(0);
  const view = useBox(job, box, change, null, "AsLeft");
  const awake = useAwake();
  const data = card.data;
  const past = data?.done ?? [];
  const looking = back > 0 ? past[past.length - back] : undefined;
  const aloud = useAloud(step ? `${step.title}. ${step.warning ?? ""} ${step.says}` : w.madeUp);
  // Not before the last mark is kept: until then the step before it would stand there as the last.
  const goBack = () => !busy && setBack(Math.min(back + 1, past.length));
  const goOn = () => {
    if (looking) setBack(back - 1);
    else if (step && step.case !== "Prove" && step.case !== "Beyond" && !busy) void done(step);
  };
  const ears = useEars(goOn, goBack);
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if ((e.target as HTMLElement).closest("input, textarea, select, button, a, [role=dialog]")) return;
      if (e.key === "Enter") goOn();
      if (e.key === "ArrowLeft") goBack();
    };
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  });
  if (card.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!data) return <Nowhere error={card.error} />;
  const all = past.length + data.steps.length + data.hidden;
  return (
    <div className="mx-auto flex max-w-xl flex-col gap-3 pb-28">
      <div className="flex items-baseline gap-3">
        <Link to={address.changes(job)} className="min-w-0 flex-1 truncate text-sm underline underline-offset-4">
          {data.change}
        </Link>
        <span className="figure text-lg">{w.of(Math.min(past.length + ahead - back + 1, all), all)}</span>
      </div>
      <p className="text-lg font-bold">{data.name}</p>
      <Bar done={past.length + ahead} all={all} />
      <div aria-live="polite" className="flex flex-col gap-3">
        {looking ? (
          <DoneStep step={looking} last={back === 1} onTakeBack={() => void takeBack(looking.step).then(() => setBack(0))} />
        ) : !step ? (
          <Through job={job} change={change} box={box} card={data} />
        ) : (
          <>
            <p className="text-sm text-ink-2">
              {w.stage[step.stage]}
              {data.gate === "Stands" && ` · ${data.proof.says}`}
              {data.gate === "NotNeeded" && step.stage !== "Test" && ` · ${w.dead}`}
            </p>
            <StepBody key={step.key} job={job} change={change} box={box} step={step} />
            {step.case === "Prove" && view.data && <ProofPanel job={job} view={view.data} change={change} />}
            {(step.stage === "Dead" || step.stage === "BringIn") && <BenchFirst below={data.below} up={data.up} />}
            {data.hidden > 0 && step.case === "Prove" && <p className="text-sm text-ink-2">{w.hidden(data.hidden)}</p>}
          </>
        )}
      </div>
      <div className="fixed inset-x-0 bottom-12 z-10 border-t-2 border-ink bg-lime p-3 md:bottom-0">
        <div className="mx-auto flex max-w-xl gap-3">
          <button
            type="button"
            disabled={busy || past.length === back}
            onClick={goBack}
            className="min-h-14 flex-1 rounded-2xl border-2 border-ink bg-card text-lg font-bold disabled:opacity-50"
          >
            {w.back}
          </button>
          <button
            type="button"
            disabled={busy || (!looking && (!step || step.case === "Prove" || step.case === "Beyond"))}
            onClick={goOn}
            className="min-h-14 flex-[2.4] rounded-2xl border-2 border-ink bg-ink text-lg font-bold text-on-ink disabled:opacity-50"
          >
            {looking ? w.forward : keyOf(step, data.tested)}
          </button>
        </div>
      </div>
      {!looking && step && step.stage !== "Dead" && step.case !== "Beyond" && (
        <p className="text-sm text-ink-2">
          <Link
            to={`${address.plan(job, box, change)}&state=AsLeft`}
            className="mr-2 inline-flex min-h-11 items-center text-base text-ink underline underline-offset-4"
          >
            {w.otherwise}
          </Link>
          {w.otherwiseHow}
        </p>
      )}
      <div className="flex flex-wrap gap-x-4 text-sm text-ink-2">
        {aloud.can && (
          <button type="button" className="min-h-11 underline underline-offset-4" aria-pressed={aloud.on} onClick={aloud.turn}>
            {aloud.on ? w.quiet : w.aloud}
          </button>
        )}
        {ears.can && (
          <button type="button" className="min-h-11 underline underline-offset-4" aria-pressed={ears.on} onClick={ears.turn}>
            {ears.on ? w.deaf : w.listen}
          </button>
        )}
        <span className="min-h-11 content-center">{awake ? `${w.awake} ${w.keys}` : w.keys}</span>
      </div>
    </div>
  );
}

/** How far it is. */
function Bar({ done, all }: { done: number; all: number }) {
  return (
    <div className="flex h-2.5 gap-1" aria-hidden>
      {Array.from({ length: Math.min(all, 40) }, (_, i) => {
        const at = (i / Math.min(all, 40)) * all;
        const look = at < done ? "bg-moss" : at < done + 1 ? "bg-ink" : "border-2 border-rule bg-card";
        return <span key={i} className={`flex-1 rounded-full ${look}`} />;
      })}
    </div>
  );
}

/** Nothing is left of the card. Marked is not proved: what was read stands beside it, and what was not. */
function Through({ job, change, box, card }: { job: string; change: string; box: string; card: Card }) {
  const { tested } = card;
  const open = tested ? tested.missing + tested.otherwise : 0;
  const proved = tested != null && tested.asked > 0 && open === 0;
  const read = proved ? "border-moss" : "border-slate";
  const edge = tested?.otherwise ? "border-barn" : read;
  return (
    <div className={`rounded-2xl border-2 bg-card p-4 ${edge}`}>
      <h1 className="text-2xl">{card.done.length === 0 ? w.nothing : open > 0 ? w.notProved : proved ? w.through : w.madeUp}</h1>
      {tested && tested.otherwise > 0 && <p className="text-lg font-semibold text-barn">{w.readsOtherwise(tested.otherwise)}</p>}
      {tested && tested.missing > 0 && <p className="text-lg">{w.notRead(tested.missing, tested.asked)}</p>}
      {open > 0 && (
        <details open>
          <summary className="min-h-11 content-center underline underline-offset-4">{w.readings}</summary>
          <Tests job={job} change={change} box={box} />
        </details>
      )}
      <Link to={address.changes(job)} className="inline-flex min-h-11 items-center underline underline-offset-4">
        {w.toChange}
      </Link>
    </div>
  );
}

/** What the large key says: what it does, and what of the readings it leaves behind. */
const keyOf = (step: Step | undefined, tested: Card["tested"]) =>
  step?.case === "Off" && step.now.length > 0
    ? w.offAll
    : step?.case === "PowerOn"
      ? w.letGo
      : step?.case === "Readings" && tested && tested.otherwise > 0
        ? w.goOnOtherwise(tested.otherwise)
        : step?.case === "Readings" && tested && tested.missing > 0
          ? w.goOn(tested.missing)
          : w.done;
