import type { BoxView, Schemas } from "../api/client";
import { words } from "../words";
import { Mark } from "../model/Verdict";

/** How many verdicts of each kind the box has, worst first, each jumping to where they stand. */
export function Counts({ view }: { view: BoxView }) {
  const counts: [Schemas["Verdict"], number, string][] = [
    ["Stop", view.findings.filter((f) => f.verdict === "Stop").length, words.bench.verdicts],
    ["Fix", view.findings.filter((f) => f.verdict === "Fix").length, words.bench.verdicts],
    ["Better", view.findings.filter((f) => f.verdict === "Better").length, words.bench.verdicts],
    ["Measure", view.questions.length, words.measurePanel.title],
  ];
  const shown = counts.filter(([, n]) => n > 0);
  if (shown.length === 0) return null;
  return (
    <div className="no-print flex flex-wrap gap-x-4 gap-y-1">
      {shown.map(([verdict, n, section]) => (
        <button
          key={verdict}
          type="button"
          className="min-h-8 underline decoration-rule underline-offset-4"
          onClick={() => document.querySelector(`section[aria-label="${section}"]`)?.scrollIntoView({ block: "start" })}
        >
          <Mark verdict={verdict}>
            <span className="figure">{n}</span>
          </Mark>
        </button>
      ))}
    </div>
  );
}
