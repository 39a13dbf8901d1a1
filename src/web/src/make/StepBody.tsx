import { TriangleAlert } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { useSettings } from "../api/settings";
import { address } from "../parts/address";
import { length } from "../parts/measure";
import { makeWords as w } from "../words/make";
import { AskLengths } from "./AskLengths";
import { StepPicture } from "./StepPicture";
import { Tests } from "./Tests";
import type { Step } from "./useCard";

/** One step: what to do, in large type, with its leads alone and how much of each. */
export function StepBody({ job, change, box, step }: { job: string; change: string; box: string; step: Step }) {
  const { units } = useSettings();
  const [ticked, setTicked] = useState<ReadonlySet<number>>(new Set());
  const turn = (i: number) => {
    const next = new Set(ticked);
    if (!next.delete(i)) next.add(i);
    setTicked(next);
  };
  return (
    <>
      <div>
        <h1 className="text-3xl leading-tight">{step.title}</h1>
        <p className="text-lg text-ink-2">{step.says}</p>
      </div>
      {step.warning && (
        <p className="flex gap-2 rounded-xl border-2 border-l-8 border-amber bg-amber-wash p-3 text-lg font-semibold">
          <TriangleAlert size={24} aria-hidden className="mt-0.5 shrink-0" />
          {step.warning}
        </p>
      )}
      {step.leads.length > 0 && <StepPicture leads={step.leads} knot={step.knot ?? null} />}
      <ul className="flex flex-col gap-2">
        {step.items.map((item, i) => (
          <li key={`${item.says}|${i}`}>
            <button
              type="button"
              aria-pressed={ticked.has(i)}
              onClick={() => turn(i)}
              className={`flex min-h-14 w-full items-center gap-3 rounded-xl border-2 bg-card px-3 text-left text-lg
                ${item.ask ? "border-slate bg-slate-wash" : "border-rule"}`}
            >
              <span
                aria-hidden
                className={`grid size-8 shrink-0 place-items-center rounded-lg border-2 border-ink text-xl
                  ${ticked.has(i) ? "bg-moss text-on-ink" : "bg-card"}`}
              >
                {ticked.has(i) ? "✓" : ""}
              </span>
              <span className="min-w-0 flex-1 py-1">{item.says}</span>
              <b className="figure shrink-0 text-xl">{amount(item, units)}</b>
            </button>
          </li>
        ))}
      </ul>
      {step.case === "Joint" && <AskLengths job={job} change={change} box={box} step={step} />}
      {step.case === "Off" && step.now.length === 0 && (
        <Link to={address.breaker(job, box)} className="inline-flex min-h-11 items-center underline underline-offset-4">
          {w.which}
        </Link>
      )}
      {step.case === "Readings" && <Tests job={job} change={change} box={box} />}
    </>
  );
}

const amount = (item: Step["items"][number], units: Parameters<typeof length>[1]) =>
  item.length ? length(item.length, units) : item.count != null ? String(item.count) : item.ask ? "?" : "";
