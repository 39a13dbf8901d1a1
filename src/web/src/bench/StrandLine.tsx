import { memo, type PointerEvent } from "react";
import { wire } from "../model/wire";
import { Badge } from "../model/Badge";
import type { PointLive } from "../model/useLive";
import { words } from "../words";
import { pathOf, type Way } from "./layout/ways";
import { labelHeight, labelWidth, outline, thickness, type Strand } from "./scene";
import type { Sel } from "./select";
import { Stop } from "./Stop";

const w = words.bench;

/** What stands on a strand: its colour and length. */
export const figureOf = (strand: Strand, length: string) => `${strand.colour} ${length}`;

/** The figure on a strand. */
export function Figure({ way, text, strong }: { way: Way; text: string; strong: boolean }) {
  const { x, y } = way.label;
  const width = labelWidth(text);
  return (
    <>
      <rect
        x={x}
        y={y - labelHeight / 2}
        width={width}
        height={labelHeight}
        rx="9"
        fill="var(--card)"
        stroke={strong ? "var(--slate)" : "var(--rule)"}
        strokeWidth={strong ? 3 : 1.5}
      />
      <text x={x + width / 2} y={y + 4.3} textAnchor="middle" fontSize="12" fill="var(--ink)" className="figure">
        {text}
      </text>
    </>
  );
}

/** A conductor: its insulation by colour, thickness by gauge, its figure on it, tape where it is re-identified, and ends to pick up. */
export const StrandLine = memo(function StrandLine({
  way,
  strand,
  bends,
  says,
  length,
  lit,
  focus,
  expected,
  onSelect,
  onPick,
}: {
  way: Way;
  strand: Strand;
  /** True when it turns back in the middle column. */
  bends: boolean;
  says: string;
  length: string;
  lit: boolean;
  focus: boolean;
  expected: PointLive | undefined;
  onSelect: (sel: Sel, event?: { shiftKey: boolean }) => void;
  onPick: (strand: string, far: boolean, event: PointerEvent) => void;
}) {
  const thick = thickness(strand.gauge);
  const d = pathOf(way.points);
  const text = figureOf(strand, length);
  const width = labelWidth(text);
  const { x, y } = way.label;
  const bandAt = way.label.zone === "a" ? x + width + (expected ? 24 : 10) : x - (expected ? 32 : 8);
  const ends = strand.kind === "own" ? way.ends.slice(way.ends.length > 1 && bends ? 1 : 0).slice(0, 1) : way.ends;
  return (
    <g data-strand={strand.id}>
      <path
        d={d}
        fill="none"
        stroke="transparent"
        strokeWidth="20"
        onClick={(e) => onSelect({ kind: "strand", id: strand.id }, e)}
        style={{ cursor: "pointer" }}
      />
      {lit && (
        <path d={d} fill="none" stroke="var(--slate)" strokeWidth={thick + 9} strokeLinecap="round" opacity="0.55" pointerEvents="none" />
      )}
      <path
        d={d}
        fill="none"
        stroke="var(--w-edge)"
        strokeWidth={thick + outline}
        strokeLinecap="round"
        strokeDasharray={strand.gauge ? undefined : "7 3"}
        pointerEvents="none"
      />
      <path d={d} fill="none" stroke={wire(strand.colour)} strokeWidth={thick} strokeLinecap="round" pointerEvents="none" />
      {strand.stranded && (
        <path d={d} fill="none" stroke="var(--w-edge)" strokeWidth="1" strokeDasharray="2 5" opacity="0.8" pointerEvents="none" />
      )}
      {strand.kind === "through" && (
        <path d={d} fill="none" stroke="var(--card)" strokeWidth="1.2" strokeDasharray="10 6" pointerEvents="none" />
      )}
      {strand.markedAs && (
        <rect
          x={bandAt}
          y={y - thick / 2 - 3}
          width="11"
          height={thick + 6}
          fill={wire(strand.markedAs)}
          stroke="var(--w-edge)"
          strokeWidth="1.2"
        >
          <title>{w.taped(strand.markedAs)}</title>
        </rect>
      )}
      <Figure way={way} text={text} strong={focus || lit} />
      <Badge x={way.label.zone === "a" ? x + width + 11 : x - 11} y={y} point={expected} />
      <Stop
        walk={strand.id}
        says={expected ? `${says}, ${words.live.expected[expected.expected]}` : says}
        pressed={lit}
        x={x}
        y={y - 12}
        width={width}
        height={24}
        onChoose={(e) => onSelect({ kind: "strand", id: strand.id }, e)}
      />
      {strand.kind !== "through" &&
        ends.map((end) => (
          <circle
            key={String(end.far)}
            cx={end.x}
            cy={end.y}
            r="6"
            data-end={`${strand.id}|${end.far !== strand.flip}`}
            fill="var(--card)"
            stroke="var(--ink)"
            strokeWidth="2"
            style={{ cursor: "grab" }}
            onPointerDown={(e) => onPick(strand.id, strand.kind === "pigtail" && end.far !== strand.flip, e)}
          >
            <title>{w.pickEnd(says)}</title>
          </circle>
        ))}
    </g>
  );
});

/** A free end: capped, loose, or not seen. Its word stands to the right, or to the left where the strand comes from there. */
export function EndMark({ x, y, at, toLeft }: { x: number; y: number; at: string; toLeft: boolean }) {
  const text = at === "Cap" ? words.landing.Cap : at === "Loose" ? words.landing.Loose : w.notSeen;
  return (
    <g pointerEvents="none">
      {at === "Cap" && <path d={`M${x - 8} ${y - 7}h14l5 7l-5 7h-14z`} fill="var(--band-device)" stroke="var(--ink)" strokeWidth="1.6" />}
      {at === "Unknown" && (
        <text
          x={x}
          y={y + 5}
          textAnchor="middle"
          fontSize="15"
          fontWeight="700"
          fill="var(--slate)"
          stroke="var(--lime)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          ?
        </text>
      )}
      <text x={toLeft ? x - 14 : x + 16} y={y + 4} textAnchor={toLeft ? "end" : "start"} fontSize="12" fill="var(--ink-2)">
        {text}
      </text>
    </g>
  );
}
