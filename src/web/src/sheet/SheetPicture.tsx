import { useEffect, useMemo, useRef, type KeyboardEvent } from "react";
import type { Schemas } from "../api/client";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import { layout, U, type RailOut } from "./layout";
import { RailPicture } from "./RailPicture";
import { isEnd, spotOf, type Rail, type Show, type Stop } from "./show";
import { useDraw } from "./useDraw";
import { wrap } from "../model/names";

const w = sheetWords.sheet;

/** Every rail out of its panel, with its stops in feed order. */
export function SheetPicture({
  rails,
  across,
  panels,
  show,
  room,
  at,
  onStop,
  onRail,
  onCable,
  onDraw,
}: {
  rails: readonly Rail[];
  /** Cables between stops of different rails. */
  across: Schemas["SheetView"]["across"];
  panels: Schemas["JobHead"]["panels"];
  show: Show;
  room: string;
  /** The stop that is chosen, by its spot. */
  at: string | null;
  onStop: (spot: string) => void;
  onRail: (rail: Rail) => void;
  /** A cable was tapped, by the stop that comes by it. */
  onCable: (stop: Stop) => void;
  /** Somebody drew from one thing to another. */
  onDraw: (from: string, to: string) => void;
}) {
  const { line, begin } = useDraw(onDraw);
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
  const where = new Map(spots.map((s) => [s.spot, s]));
  const nameOf = new Map(rails.flatMap((r) => r.stops.map((s) => [s.key, s.name] as const)));
  const ties = [
    ...rails.flatMap((r) => r.ties.map((t) => ({ ...t, rails: [r.key, r.key] as const }))),
    ...across.map((t) => ({ ...t, rails: [railWith(rails, t.from), railWith(rails, t.to)] as const })),
  ].flatMap((t) => {
    const [from, to] = [where.get(spotOf(t.rails[0], t.from)), where.get(spotOf(t.rails[1], t.to))];
    const names = [nameOf.get(t.from) ?? "?", nameOf.get(t.to) ?? "?"] as const;
    return from && to ? [{ run: t.run, brings: t.brings, from, to, names }] : [];
  });
  const heads = panelsOf(rails, placed.rails);
  return (
    <svg
      ref={root}
      width={placed.width}
      height={placed.height + 34}
      viewBox={`0 -34 ${placed.width} ${placed.height + 34}`}
      className="block"
      role="group"
      aria-label={words.runSheet}
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
          onCable={onCable}
          onDown={begin}
        />
      ))}
      {ties.map((tie) => (
        <g key={tie.run}>
          <title>{w.tie(tie.names)}</title>
          <path
            data-tie={tie.run}
            d={tieOf(tie.from, tie.to)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="2.5"
            strokeDasharray={tie.brings === "Unknown" ? "1.5 6" : undefined}
            strokeLinecap="round"
            opacity="0.75"
            pointerEvents="none"
          />
        </g>
      ))}
      <path ref={line} fill="none" stroke="var(--slate)" strokeWidth="3" strokeDasharray="7 5" pointerEvents="none" />
    </svg>
  );
}

const railWith = (rails: readonly Rail[], stop: string) => rails.find((r) => r.stops.some((s) => s.key === stop))?.key ?? "";

/** A further cable between two stops: over the names on a row, or beside what stands between two rows. */
function tieOf(a: { x: number; y: number }, b: { x: number; y: number }) {
  const [from, to] = a.x <= b.x ? [a, b] : [b, a];
  const rise = from.y === to.y ? 34 : 12;
  const half = U.stop / 2;
  const [y1, y2] = [from.y - half, to.y - half];
  return `M${from.x + 6} ${y1}C${from.x + 24} ${y1 - rise} ${to.x - 24} ${y2 - rise} ${to.x - 6} ${y2}`;
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
