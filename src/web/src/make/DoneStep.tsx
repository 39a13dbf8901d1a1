import type { Schemas } from "../api/client";
import { Button } from "../parts/controls";
import { makeWords as w } from "../words/make";

/** A step that was marked: when, by whom, and for the last one the way back. */
export function DoneStep({ step, last, onTakeBack }: { step: Schemas["ToldTick"]; last: boolean; onTakeBack: () => void }) {
  const at = new Date(step.at).toLocaleString(undefined, { weekday: "short", hour: "2-digit", minute: "2-digit" });
  return (
    <div className="rounded-2xl border-2 border-moss bg-card p-4">
      <h1 className="text-2xl">{step.title}</h1>
      <p className="mb-2 text-ink-2">{w.doneAt(step.by, at)}</p>
      {last && <Button onClick={onTakeBack}>{w.takeBack}</Button>}
    </div>
  );
}
