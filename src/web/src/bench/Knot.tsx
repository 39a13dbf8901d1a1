import { memo, type PointerEvent } from "react";
import type { Schemas } from "../api/client";
import { Badge } from "../model/Badge";
import type { PointLive } from "../model/useLive";
import { words } from "../words";
import type { Placed } from "./layout";
import { knot } from "./layout/ways";
import { wrap } from "../model/names";
import type { Sel } from "./select";
import { Stop } from "./Stop";

const w = words.bench;

/** Where a joint is pressed. */
export const knotStop = (cx: number, top: number, height: number) => ({ x: cx - 40, y: top - 29, width: 80, height: height + 31 });

/** Where the connector of a joint of the middle column lies, and how tall it is. */
export const knotAt = (m: Placed["middle"][number], placed: Placed) => ({
  cx: placed.x.middle + knot.at,
  top: m.top + 28,
  height: (Math.max(m.left.length, m.right.length, 2) - 1) * 12 + 16,
});

/** A joint: its connector's body by style, what it is called, and how many it holds. */
export const Knot = memo(function Knot({
  id,
  cx,
  top,
  height,
  name,
  connector,
  count,
  lit,
  focus,
  expected,
  onSelect,
  onPull,
}: {
  id: string;
  cx: number;
  top: number;
  height: number;
  name: string;
  connector: Schemas["ConnectorKind"] | undefined;
  count: number;
  lit: boolean;
  focus: boolean;
  expected: PointLive | undefined;
  onSelect: (sel: Sel, event?: { shiftKey: boolean }) => void;
  onPull: (joint: string, event: PointerEvent) => void;
}) {
  const x0 = cx - knot.half;
  const x1 = cx + knot.half;
  const strong = lit || focus;
  const edge = strong ? "var(--slate)" : "var(--ink)";
  const short = (connector?.name ?? "?").replace("through-hole ", "").replace(" connector", "");
  return (
    <g>
      <g>
        <text x={cx} y={top - 17} textAnchor="middle" fontSize="13.5" fontWeight="700" fill="var(--ink)">
          {wrap(name, 17, 1)[0]}
        </text>
        <text x={cx} y={top - 4} textAnchor="middle" fontSize="11.5" fill="var(--ink-2)">
          {short} · {count}
        </text>
        <Body style={connector?.style ?? "TwistOn"} x0={x0} x1={x1} top={top} height={height} edge={edge} strong={strong} />
      </g>
      <Badge x={cx} y={top + height / 2} point={expected} />
      <Stop
        walk={id}
        says={w.jointHolds(name, connector?.name ?? "?", count)}
        pressed={lit}
        {...knotStop(cx, top, height)}
        onChoose={(e) => onSelect({ kind: "joint", id }, e)}
      />
      <circle
        cx={x1 + 2}
        cy={top + height - 2}
        r="7"
        fill="var(--card)"
        stroke="var(--ink)"
        strokeWidth="1.5"
        style={{ cursor: "grab" }}
        data-pull={id}
        onPointerDown={(e) => onPull(id, e)}
      >
        <title>{w.pullPigtail(name)}</title>
      </circle>
      <path d={`M${x1 - 1} ${top + height - 2}h6m-3 -3v6`} stroke="var(--ink)" strokeWidth="1.5" pointerEvents="none" />
    </g>
  );
});

function Body({
  style,
  x0,
  x1,
  top,
  height,
  edge,
  strong,
}: {
  style: string;
  x0: number;
  x1: number;
  top: number;
  height: number;
  edge: string;
  strong: boolean;
}) {
  const line = { stroke: edge, strokeWidth: strong ? 4 : 2 };
  const mid = top + height / 2;
  if (style === "None")
    return (
      <path
        d={`M${x0} ${top + 6}C${x0 + 14} ${mid} ${x1 - 14} ${mid} ${x1} ${mid}M${x0} ${top + height - 6}C${x0 + 14} ${mid}
          ${x1 - 14} ${mid} ${x1} ${mid}`}
        fill="none"
        strokeDasharray="4 3"
        {...line}
      />
    );
  if (style === "TwistOn" || style === "ThroughHoleTwistOn") {
    const tip = Math.min(10, height / 4);
    return (
      <>
        <path
          d={`M${x0} ${top}L${x1 - 8} ${top + tip}Q${x1} ${mid} ${x1 - 8} ${top + height - tip}L${x0}
            ${top + height}Q${x0 + 5} ${mid} ${x0} ${top}Z`}
          fill="var(--knot)"
          {...line}
        />
        {[0.35, 0.6].map((t) => (
          <path
            key={t}
            d={`M${x0 + t * 48} ${top + tip * t + 3}Q${x0 + t * 48 + 4} ${mid} ${x0 + t * 48} ${top + height - tip * t - 3}`}
            fill="none"
            stroke="var(--knot-line)"
            strokeWidth="1.5"
          />
        ))}
      </>
    );
  }
  return (
    <>
      <rect
        x={x0}
        y={top}
        width={x1 - x0}
        height={height}
        rx={style === "Sealed" || style === "Crimp" ? 12 : 4}
        fill="var(--knot)"
        {...line}
      />
      {style === "Lever" && (
        <path d={`M${x0 + 8} ${top + 5}h32v${Math.max(4, height - 10)}h-32z`} fill="none" stroke="var(--knot-line)" strokeWidth="2" />
      )}
      {style === "PushIn" && (
        <path d={`M${x0 + 10} ${top + 4}v${height - 8}`} stroke="var(--knot-line)" strokeWidth="3" strokeDasharray="4 4" />
      )}
      {style === "Inline" && <path d={`M${x0 + 6} ${mid}h36`} stroke="var(--knot-line)" strokeWidth="2.5" />}
    </>
  );
}
