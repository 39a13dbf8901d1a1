import type { Schemas } from "../api/client";
import { sheetWords } from "../words/sheet";

const w = sheetWords.sheet;

/** What comes before the rails: every source, what lets only one of several be on, and the panel behind it. */
export function Feeds({ head, feeds, onOpen }: { head: Schemas["JobHead"]; feeds: readonly Schemas["PanelFeed"][]; onOpen: () => void }) {
  if (feeds.length === 0) return null;
  return (
    <ul aria-label={w.feeds} className="mb-3 flex flex-wrap gap-x-6 gap-y-2 text-sm">
      {feeds.map((f) => {
        const panel = head.panels[f.panel];
        const several = f.sources.length > 1;
        return (
          <li key={f.panel} className="flex items-center gap-1.5">
            <span className="flex flex-wrap items-center gap-1">
              {f.sources.length === 0 && <Stop label={w.noSource} open onOpen={onOpen} />}
              {f.sources.map((id) => (
                <Stop key={id} label={head.sources[id]?.name ?? id} open={id !== panel?.source} onOpen={onOpen} />
              ))}
            </span>
            <svg width={several ? 44 : 28} height="24" aria-hidden className="shrink-0">
              <path d={several ? "M0 5H14L22 12M0 19H10M22 12H44" : "M0 12H28"} fill="none" stroke="var(--ink)" strokeWidth="3" />
              {several && f.oneAtATime == null && (
                <text x="24" y="8" fontSize="12" fontWeight="700" fill="var(--ink)">
                  ?
                </text>
              )}
            </svg>
            <button
              type="button"
              className={`min-h-11 rounded-lg border-2 bg-card px-2.5 font-semibold
                ${several && f.oneAtATime === false ? "border-barn" : "border-ink"}`}
              onClick={onOpen}
            >
              {panel?.name}
              {panel?.mainAmperes == null ? "" : w.main(panel.mainAmperes)}
              {several && <span className="block text-xs font-normal text-ink-2">{w.transfer(f.oneAtATime ?? null)}</span>}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** A source: a round end, broken where it stands by or nobody said. */
function Stop({ label, open, onOpen }: { label: string; open: boolean; onOpen: () => void }) {
  return (
    <button
      type="button"
      className={`min-h-11 rounded-full border-2 border-ink px-3 ${open ? "border-dashed" : "bg-card font-semibold"}`}
      onClick={onOpen}
    >
      {label}
    </button>
  );
}
