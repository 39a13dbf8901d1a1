import { useMemo, type ReactNode, type RefObject } from "react";
import type { Units } from "../api/settings";
import { wire } from "../model/wire";
import { fact } from "../parts/measure";
import { knotAt, knotStop } from "./Knot";
import type { Placed } from "./layout";
import { knot, pathOf, type Way } from "./layout/ways";
import { viewBox, type Pad } from "./pictureProps";
import { thickness, type Strand, type Strands } from "./scene";
import type { Plate } from "./plates";
import { Stop } from "./Stop";
import { Figure, figureOf } from "./StrandLine";
import { stateOf, type Hand, type Move } from "./useHeld";

const colours = { fine: "var(--moss)", here: "var(--moss)", worse: "var(--barn)", no: "none" };

/**
 * What lies over the picture while something is held: the strand in the hand, every place it may go, the place under the
 * pointer, and the line that follows it. The picture below stays as it is, so that picking draws only this.
 */
export function Lights({
  strands,
  plates,
  placed,
  ways,
  units,
  pad,
  hand,
  ghost,
}: {
  strands: Strands;
  plates: readonly Plate[];
  placed: Placed;
  ways: readonly Way[];
  units: Units;
  pad: Pad;
  hand: Hand | null;
  ghost: RefObject<SVGPathElement | null>;
}) {
  const spots = plates.flatMap((p) => p.rows.flatMap((r) => r.spots));
  const moves = useMemo(() => new Map((hand?.moves ?? []).map((m) => [m.key, m] as const)), [hand?.moves]);
  const held = hand ? [...hand.held.leads, ...(hand.held.pigtail ? [hand.held.pigtail] : [])] : [];
  return (
    <svg className="pointer-events-none absolute inset-0 size-full" viewBox={viewBox(placed, pad)} role="group" aria-hidden={!hand}>
      {ways
        .filter((way) => held.includes(way.strand))
        .map((way) => (
          <Halo key={way.strand} way={way} strand={strands[way.strand]!} units={units} />
        ))}
      {spots.map(({ at, x, y }) => {
        const move = moves.get(at);
        if (!move) return null;
        return (
          <g key={at}>
            <Ring move={move} over={hand?.over === at}>
              {(look) => <circle cx={x} cy={y} r="12" {...look} />}
            </Ring>
            <Place move={move} x={x - 12} y={y - 12} width={24} height={24} />
          </g>
        );
      })}
      {placed.middle.map((m) => {
        const move = moves.get(`joint:${m.id}`);
        if (!move) return null;
        const { cx, top, height } = knotAt(m, placed);
        return (
          <g key={m.id}>
            <Ring move={move} over={hand?.over === move.key}>
              {(look) => <rect x={cx - knot.half - 2} y={top - 1} width={2 * knot.half + 4} height={height + 3} rx="8" {...look} />}
            </Ring>
            <Place move={move} {...knotStop(cx, top, height)} />
          </g>
        );
      })}
      <path ref={ghost} fill="none" stroke="var(--slate)" strokeWidth="5" strokeDasharray="9 6" strokeLinecap="round" />
    </svg>
  );
}

type Look = { fill: "none"; stroke: string; strokeWidth: number; strokeDasharray: string | undefined };

/** A place that may be landed on has a broken ring, the one under the pointer a whole one; a place that may not has none. */
function Ring({ move, over, children }: { move: Move; over: boolean; children: (look: Look) => ReactNode }) {
  const stroke = over ? "var(--slate)" : colours[stateOf(move)];
  if (stroke === "none") return null;
  return children({ fill: "none", stroke, strokeWidth: over ? 4 : 3, strokeDasharray: over ? undefined : "5 3" });
}

function Place({ move, ...at }: { move: Move; x: number; y: number; width: number; height: number }) {
  return (
    <g pointerEvents="all">
      <Stop walk={move.key} target={move.key} says={move.says} disabled={move.refusal != null} {...at} />
    </g>
  );
}

/** A strand that is in the hand. */
function Halo({ way, strand, units }: { way: Way; strand: Strand; units: Units }) {
  const d = pathOf(way.points);
  const thick = thickness(strand.gauge);
  return (
    <g data-held={way.strand}>
      <g fill="none" strokeLinecap="round">
        <path d={d} stroke="var(--slate)" strokeWidth={thick + 9} />
        <path d={d} stroke={wire(strand.colour)} strokeWidth={thick} />
      </g>
      <Figure way={way} text={figureOf(strand, fact(strand.length, units, "?"))} strong />
      {way.ends.map((end) => (
        <circle key={String(end.far)} cx={end.x} cy={end.y} r="8" fill="var(--card)" stroke="var(--slate)" strokeWidth="4" />
      ))}
    </g>
  );
}
