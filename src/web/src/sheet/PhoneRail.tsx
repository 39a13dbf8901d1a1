import { ChevronLeft, ChevronRight } from "lucide-react";
import { useRef } from "react";
import { sheetWords } from "../words/sheet";
import { isShown, spotOf, type Rail, type Show, type Stop } from "./show";
import { StopMark } from "./StopMark";

const w = sheetWords.sheet;
/** So far a finger goes before it is a swipe, px. */
const SWIPE = 60;

/** One circuit at a time, from the breaker downwards; swipe or tap to the next. */
export function PhoneRail({
  rails,
  index,
  onIndex,
  show,
  room,
  at,
  onStop,
  onRail,
}: {
  rails: readonly Rail[];
  index: number;
  onIndex: (index: number) => void;
  show: Show;
  room: string;
  at: string | null;
  onStop: (spot: string) => void;
  onRail: (rail: Rail) => void;
}) {
  const begun = useRef<{ x: number; y: number } | null>(null);
  const rail = rails[index]!;
  const by = (step: number) => onIndex((index + step + rails.length) % rails.length);
  const depth = depths(rail.stops);
  return (
    <div
      onTouchStart={(e) => (begun.current = { x: e.touches[0]!.clientX, y: e.touches[0]!.clientY })}
      onTouchEnd={(e) => {
        const from = begun.current;
        const to = e.changedTouches[0]!;
        if (from && Math.abs(to.clientX - from.x) > SWIPE && Math.abs(to.clientY - from.y) < SWIPE) by(to.clientX < from.x ? 1 : -1);
      }}
    >
      <div className="flex items-center gap-2">
        <button
          type="button"
          className="grid size-12 place-items-center rounded-xl border-2 border-ink"
          aria-label={w.before}
          onClick={() => by(-1)}
        >
          <ChevronLeft aria-hidden />
        </button>
        <button
          type="button"
          className="min-h-12 flex-1 rounded-xl border-2 border-ink bg-card px-3 text-left"
          onClick={() => onRail(rail)}
        >
          <b className="block">{rail.name ?? rail.breakers[0]?.says ?? w.notFollowed}</b>
          <span className="figure text-sm text-ink-2">
            {rail.breakers.length > 0 && w.railShort(rail)} {w.nth(index + 1, rails.length)}
          </span>
        </button>
        <button
          type="button"
          className="grid size-12 place-items-center rounded-xl border-2 border-ink"
          aria-label={w.after}
          onClick={() => by(1)}
        >
          <ChevronRight aria-hidden />
        </button>
      </div>
      {rail.stops.length === 0 && <p className="py-3 text-ink-2">{w.nothing}</p>}
      <ol className="mt-3">
        {rail.stops.map((stop) => {
          const spot = spotOf(rail.key, stop.key);
          return (
            <li key={stop.key} style={{ paddingLeft: Math.min(5, depth.get(stop.key) ?? 0) * 18 }}>
              <button
                type="button"
                aria-pressed={at === spot}
                onClick={() => onStop(spot)}
                className={`flex min-h-14 w-full items-center gap-3 border-l-6 py-1 pl-2 text-left aria-pressed:bg-soft
                  ${stop.guards.length > 0 ? "bg-moss-wash" : ""} ${isShown(rail, stop, show, room) ? "" : "opacity-40"}
                  ${line(stop)} border-ink`}
              >
                <svg width="38" height="38" viewBox="0 0 38 38" aria-hidden className="shrink-0">
                  <StopMark stop={stop} x={19} y={19} />
                </svg>
                <span className="flex-1">
                  <b className="block first-letter:uppercase">{stop.name}</b>
                  <span className="block text-sm text-ink-2">{w.under(stop)}</span>
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </div>
  );
}

/** The line a stop hangs on: dotted where nobody saw a hot come, dashed where none is expected. */
function line(stop: Stop): string {
  if (stop.brings === "Unknown" || !stop.seen) return "border-dotted";
  return stop.expected === "Dead" ? "border-dashed" : "";
}

/** How many forks each stop is from the straight way: the first way on goes straight. */
function depths(stops: readonly Stop[]): ReadonlyMap<string, number> {
  const depth = new Map<string, number>();
  const gone = new Set<string>();
  for (const s of stops) {
    const from = s.from ?? "";
    depth.set(s.key, (depth.get(from) ?? 0) + (gone.has(from) && from !== "" ? 1 : 0));
    gone.add(from);
  }
  return depth;
}
