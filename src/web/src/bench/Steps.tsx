import { memo } from "react";
import { useSteps } from "../model/job";
import { words } from "../words";

const w = words.bench;

/** The box's steps, newest first: go back to look, and see who did what and when. */
export const Steps = memo(function Steps({
  job,
  box,
  name,
  at,
  onAt,
}: {
  job: string;
  box: string;
  name: string;
  at: number | null;
  onAt: (version: number | null) => void;
}) {
  const steps = useSteps(job, box);
  const lines = steps.data ?? [];
  const plain = (says: string) => (says.startsWith(`${name}: `) ? says.slice(name.length + 2) : says);
  return (
    <section aria-label={w.steps} className="no-print">
      <h2 className="mb-1 text-lg">{w.steps}</h2>
      <ol className="flex flex-col gap-1.5" aria-label={w.steps}>
        {lines.map((l, i) => {
          const on = at === l.version || (at === null && i === 0);
          return (
            <li key={l.id}>
              <button
                type="button"
                aria-pressed={on}
                onClick={() => onAt(i === 0 ? null : l.version)}
                className={`min-h-11 w-full rounded-xl border-2 px-3 py-1.5 text-left text-sm
                  ${on ? "border-ink bg-ink text-on-ink" : "border-rule bg-card"}`}
              >
                <span className="line-clamp-2 first-letter:uppercase">{plain(l.says)}</span>
                <span className="opacity-80">
                  {l.by}, <time className="figure">{l.at.slice(5, 16).replace("T", " ")}</time>
                </span>
              </button>
            </li>
          );
        })}
        {lines.length === 0 && <li className="text-sm text-ink-2">{w.noSteps}</li>}
      </ol>
    </section>
  );
});
