import { Zap } from "lucide-react";
import type { ReactNode } from "react";
import type { BoxView } from "../api/client";
import { looks, Mark } from "../model/Verdict";
import { words } from "../words";
import type { Panel } from "./usePanels";

const w = words.panels;

/** What is worst about the box, in one line that stays: a stop in full, and what it takes to see the rest. */
function Worst({ view, onSee }: { view: BoxView; onSee: () => void }) {
  const worst = view.findings[0];
  if (!worst) return null;
  const look = looks[worst.verdict];
  return (
    <button type="button" className={`w-full rounded-xl border-2 border-l-8 px-2.5 py-1.5 text-left ${look.box}`} onClick={onSee}>
      <Mark verdict={worst.verdict} />{" "}
      <span className={worst.verdict === "Stop" ? "line-clamp-3" : "line-clamp-2"}>
        {worst.says} <span className="text-sm text-ink-2">{worst.article}</span>
      </span>
    </button>
  );
}

/** The count that stands beside a panel's name. */
function countOf(panel: Panel, view: BoxView, live: boolean) {
  if (panel === "live" && live) return <Zap size={14} aria-label={w.isOn} />;
  const n = panel === "verdicts" ? view.findings.length : panel === "measure" ? view.questions.length : 0;
  if (n === 0) return null;
  const look = panel === "verdicts" ? looks[view.findings[0]!.verdict] : looks.Measure;
  const Icon = look.icon;
  return (
    <span className="inline-flex items-center gap-0.5">
      <Icon size={14} aria-hidden />
      <span className="figure text-sm">{n}</span>
    </span>
  );
}

/** The place beside the picture that all panels share: what is worst on top, a key for each, and the one or two that are open. */
export function Panels({
  view,
  may,
  open,
  live,
  toggle,
  above,
  show,
}: {
  view: BoxView;
  may: readonly Panel[];
  open: readonly Panel[];
  /** The box is looked at with the power on. */
  live: boolean;
  toggle: (panel: Panel) => void;
  above: ReactNode;
  show: (panel: Panel) => ReactNode;
}) {
  const verdicts = open.includes("verdicts");
  return (
    <div className="hand-side relative flex min-h-0 flex-col gap-2">
      <div className="bench-worst" data-listed={verdicts}>
        <Worst view={view} onSee={() => !verdicts && toggle("verdicts")} />
      </div>
      <div className="no-print flex flex-wrap gap-1" role="group" aria-label={w.title}>
        {may.map((p, i) => (
          <button
            key={p}
            type="button"
            data-panel={p}
            aria-expanded={open.includes(p)}
            aria-keyshortcuts={String(i + 1)}
            onClick={() => toggle(p)}
            className={`inline-flex min-h-9 grow items-center justify-center gap-1.5 rounded-lg border-2 px-2 font-semibold
              pointer-coarse:min-h-11
              ${open.includes(p) ? "border-ink bg-ink text-on-ink" : "border-rule bg-card"}`}
          >
            {w[p]}
            {countOf(p, view, live)}
          </button>
        ))}
      </div>
      {above}
      <div className="bench-panels flex min-h-0 flex-1 flex-col gap-3 2xl:flex-row">
        {may
          .filter((p) => open.includes(p))
          .map((p) => (
            <div key={p} className="bench-panel by-itself flex min-w-0 flex-col gap-4" data-open={p}>
              {show(p)}
            </div>
          ))}
        {open.length === 0 && <p className="text-sm text-ink-2">{w.none}</p>}
      </div>
    </div>
  );
}
