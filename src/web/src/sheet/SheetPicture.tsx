import { useEffect, useMemo, useRef, type KeyboardEvent } from "react";
import type { Schemas } from "../api/client";
import { words } from "../words";
import { layout, U, type RailOut } from "./layout";
import { Press } from "./Press";
import { RailHead } from "./RailHead";
import { StopMark } from "./StopMark";
import { isOff, isShown, type Rail, type Show, type Stop } from "./show";
import { wrap } from "../model/names";

const w = words.sheet;
/** Letters of a name that have room under a stop, and beside an end. */
const LETTERS = 19;
const ENDS = 20;

const isEnd = (stop: Stop) => stop.at === "Somewhere" || stop.at === "Load";

/** The key a stop is known by in the picture: a box may stand on two rails. */
export const spotOf = (rail: string, stop: string) => `${rail}|${stop}`;

/** Every rail out of its panel, with its stops in feed order. */
export function SheetPicture({
  rails,
  panels,
  show,
  room,
  at,
  onStop,
  onRail,
}: {
  rails: readonly Rail[];
  panels: Schemas["JobHead"]["panels"];
  show: Show;
  room: string;
  /** The stop that is chosen, by its spot. */
  at: string | null;
  onStop: (spot: string) => void;
  onRail: (rail: Rail) => void;
}) {
  const root = useRef<SVGSVGElement>(null);
  const placed = useMemo(
    () =>
      layout(
        rails.map((r) => ({
          key: r.key,
          stops: r.stops.map((s) => ({ key: s.key, from: s.from ?? null, guarded: s.guards.length > 0, end: isEnd(s) })),
        })),
      ),
    [rails],
  );
  useEffect(() => {
    // Coming back from a box, its stop is in sight.
    if (at) root.current?.querySelector(`[data-spot="${CSS.escape(at)}"]`)?.scrollIntoView({ block: "nearest", inline: "nearest" });
    // Only when the page opens: choosing must not move the page.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const spots = placed.rails.flatMap((r) => r.stops.map((s) => ({ spot: spotOf(r.key, s.key), ...s })));
  const onKeyDown = (e: KeyboardEvent) => {
    const here = (e.target as HTMLElement).dataset?.spot;
    const from = spots.find((s) => s.spot === here);
    if (!from || !e.key.startsWith("Arrow")) return;
    e.preventDefault();
    const [dx, dy] = [
      Number(e.key === "ArrowRight") - Number(e.key === "ArrowLeft"),
      Number(e.key === "ArrowDown") - Number(e.key === "ArrowUp"),
    ];
    const next = spots
      .map((s) => ({
        s,
        along: (s.x - from.x) * dx + (s.y - from.y) * dy,
        aside: Math.abs((s.x - from.x) * dy) + Math.abs((s.y - from.y) * dx),
      }))
      .filter((c) => c.along > 4)
      .sort((a, b) => a.along + 3 * a.aside - (b.along + 3 * b.aside))[0];
    if (next) root.current?.querySelector<SVGElement>(`[data-spot="${CSS.escape(next.s.spot)}"]`)?.focus();
  };
  const heads = panelsOf(rails, placed.rails);
  return (
    <svg
      ref={root}
      width={placed.width}
      height={placed.height + 34}
      viewBox={`0 -34 ${placed.width} ${placed.height + 34}`}
      className="block"
      role="group"
      aria-label={w.title}
      onKeyDown={onKeyDown}
    >
      {heads.map((h) => (
        <g key={h.panel ?? "?"}>
          <rect
            x="1.5"
            y={h.top - 32}
            width={U.panel - 6}
            height={h.bottom - h.top + 28}
            rx="10"
            fill={h.panel ? "var(--metal)" : "none"}
            stroke="var(--ink)"
            strokeWidth="2"
            strokeDasharray={h.panel ? undefined : "6 4"}
          />
          <text x="14" y={h.top - 12} fontSize="14" fontWeight="700" fill="var(--ink)">
            {h.panel ? wrap(panels[h.panel]?.name ?? h.panel, 22, 1)[0] : w.notFollowed}
          </text>
        </g>
      ))}
      {rails.map((rail, i) => (
        <RailPicture
          key={rail.key}
          rail={rail}
          placed={placed.rails[i]!}
          at={at}
          show={show}
          room={room}
          onStop={onStop}
          onRail={() => onRail(rail)}
        />
      ))}
    </svg>
  );
}

/** Rails that come out of one panel follow each other. */
function panelsOf(rails: readonly Rail[], placed: readonly RailOut[]) {
  const heads: { panel: string | null; top: number; bottom: number }[] = [];
  rails.forEach((rail, i) => {
    const { top, height } = placed[i]!;
    const last = heads[heads.length - 1];
    if (last && last.panel === (rail.panel ?? null)) last.bottom = top + height;
    else heads.push({ panel: rail.panel ?? null, top, bottom: top + height });
  });
  return heads;
}

function RailPicture({
  rail,
  placed,
  at,
  show,
  room,
  onStop,
  onRail,
}: {
  rail: Rail;
  placed: RailOut;
  at: string | null;
  show: Show;
  room: string;
  onStop: (spot: string) => void;
  onRail: () => void;
}) {
  const stops = new Map(rail.stops.map((s) => [s.key, s]));
  const off = isOff(rail);
  return (
    <g data-rail={rail.key}>
      {placed.stretches.map((s) => (
        <g key={s.keys[0]}>
          <rect
            x={s.x}
            y={s.y - 18}
            width={s.width}
            height="36"
            rx="18"
            fill="var(--moss-wash)"
            stroke="var(--moss)"
            strokeWidth="1.2"
            strokeDasharray="5 3"
          />
          <title>{w.behind(stops.get(s.keys[0]!)!.guards)}</title>
          <text x={s.x + s.width - 10} y={s.y - 22} fontSize="11" textAnchor="end" fill="var(--moss)">
            {w.isProtected}
          </text>
        </g>
      ))}
      {placed.ways.map((way) => (
        <Way
          key={way.to}
          d={way.d}
          stop={stops.get(way.to)!}
          off={off}
          x={way.x2 - (stops.get(way.to)!.from ? U.column / 2 - U.stop / 2 : 22)}
          y={way.y}
        />
      ))}
      <RailHead rail={rail} y={placed.top + U.lead} off={off} onOpen={onRail} />
      {placed.stops.map(({ key, x, y }) => {
        const stop = stops.get(key)!;
        const spot = spotOf(rail.key, key);
        const faded = !isShown(rail, stop, show, room);
        return (
          <g key={key} opacity={faded ? 0.3 : 1}>
            <StopMark stop={stop} x={x} y={y} />
            {isEnd(stop)
              ? wrap(stop.name, ENDS, 2).map((line, i, all) => (
                  <text key={i} x={x + 20} y={y + 4 + 13 * i - 6.5 * (all.length - 1)} fontSize="12.5" fill="var(--ink-2)">
                    {line}
                  </text>
                ))
              : wrap(stop.name, LETTERS, 2).map((line, i) => (
                  <text
                    key={i}
                    x={x}
                    y={y + 28 + 13 * i}
                    fontSize="12.5"
                    textAnchor="middle"
                    fill="var(--ink)"
                    stroke="var(--lime)"
                    strokeWidth="5"
                    strokeLinejoin="round"
                    paintOrder="stroke"
                  >
                    {line}
                  </text>
                ))}
            <Press
              label={w.stopSays(stop)}
              pressed={at === spot}
              spot={spot}
              onPress={() => onStop(spot)}
              x={x - (isEnd(stop) ? 14 : 56)}
              y={y - 18}
              width={isEnd(stop) ? U.column : 112}
              height={isEnd(stop) ? 36 : 54}
            />
            <rect
              className="ring"
              x={x - 19}
              y={y - 19}
              width="38"
              height="38"
              rx="9"
              fill="none"
              stroke="var(--slate)"
              strokeWidth="3.5"
              opacity={at === spot ? 1 : 0}
              pointerEvents="none"
            />
          </g>
        );
      })}
    </g>
  );
}

/** A cable from stop to stop: thick where it feeds, thin behind a switch, double between switches, dotted where nobody saw a hot in it. */
function Way({ d, stop, off, x, y }: { d: string; stop: Stop; off: boolean; x: number; y: number }) {
  const dead = off || stop.expected === "Dead";
  const colour = dead ? "var(--ink-2)" : "var(--ink)";
  const thick = stop.brings === "Feed" ? 5 : stop.brings === "Travelers" ? 7 : stop.brings === "Switched" ? 2.5 : 2;
  const dash = stop.brings === "Unknown" || !stop.seen ? "2 6" : dead ? "7 5" : undefined;
  return (
    <g fill="none" strokeLinecap="round">
      <path d={d} stroke={colour} strokeWidth={thick} strokeDasharray={dash} />
      {stop.brings === "Travelers" && <path d={d} stroke="var(--lime)" strokeWidth="3" />}
      {stop.size && (
        <text
          x={x}
          y={y - 8}
          fontSize="10.5"
          textAnchor="middle"
          className="figure"
          fill="var(--ink-2)"
          stroke="var(--lime)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {stop.size.split(",")[0]}
        </text>
      )}
    </g>
  );
}
