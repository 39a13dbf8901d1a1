import type { BoxView } from "../api/client";
import { inches } from "../parts/measure";
import { useSettings } from "../api/settings";
import { length } from "../parts/measure";
import { words } from "../words";

/** The box front on and its depth beside it, to one scale. What is not known is dashed. */
export function BoxDrawing({ view }: { view: BoxView }) {
  const { units } = useSettings();
  const box = view.box;
  const gangs = Math.max(1, box.gangs ?? 0);
  const known = { h: inches(box.height?.value), w: inches(box.width?.value), d: inches(box.depth?.value) };
  const h = known.h ?? 3.5;
  const w = known.w ?? 2 + 1.8 * (gangs - 1);
  const d = known.d ?? 2.5;
  const parts = Object.values(box.parts ?? {})
    .filter((p) => p.role === "Ring" || p.role === "Extension" || p.role === "RaisedCover")
    .sort((a, b) => (a.order ?? 0) - (b.order ?? 0));
  const depths = parts.map((p) => inches(p.depth?.value) ?? 0.5);
  const total = w + d + depths.reduce((a, b) => a + b, 0) + 1.4;
  const scale = Math.min(262 / total, 140 / (d + depths.reduce((a, b) => a + b, 0)), 150 / h);
  const round = box.shape === "Round" || box.shape === "Pan";
  const entries = Object.values(box.entries ?? {});
  const on = (side: string) => entries.filter((e) => e.side === side).sort((a, b) => (a.place ?? 0) - (b.place ?? 0));
  const W = w * scale;
  const H = h * scale;
  const x0 = 14;
  const y0 = 18;
  const sx = x0 + Math.max(W + 0.9 * scale, 130);
  const dash = (k: number | null) => (k === null ? "5 4" : undefined);
  const startOf = (i: number) => sx + (d + depths.slice(0, i).reduce((a, b) => a + b, 0)) * scale;
  return (
    <svg
      viewBox={`0 0 290 ${H + 58}`}
      className="w-full"
      role="img"
      aria-label={`${view.kindName}. ${words.box.height} ${box.height?.value ?? "?"}, ${words.box.width} ${box.width?.value ?? "?"}, ${words.box.depth} ${box.depth?.value ?? "?"}`}
    >
      <rect
        x={x0}
        y={y0}
        width={W}
        height={H}
        rx={round ? W * 0.3 : 5}
        fill="var(--wall)"
        stroke="var(--ink)"
        strokeWidth="2.5"
        strokeDasharray={dash(known.h ?? known.w)}
      />
      {(box.gangs ?? 0) > 1 &&
        Array.from({ length: gangs - 1 }, (_, i) => (
          <line
            key={i}
            x1={x0 + ((i + 1) * W) / gangs}
            x2={x0 + ((i + 1) * W) / gangs}
            y1={y0 + 4}
            y2={y0 + H - 4}
            stroke="var(--rule)"
            strokeWidth="2"
          />
        ))}
      {Object.values(box.partitions ?? {}).map((p, i) => (
        <line
          key={i}
          x1={x0 + ((p.afterGang ?? 1) * W) / gangs}
          x2={x0 + ((p.afterGang ?? 1) * W) / gangs}
          y1={y0}
          y2={y0 + H}
          stroke="var(--ink)"
          strokeWidth="3"
        />
      ))}
      {(["Top", "Bottom", "Left", "Right", "Back"] as const).flatMap((side) =>
        on(side).map((e, i, all) => {
          const t = (i + 1) / (all.length + 1);
          const [cx, cy] =
            side === "Top"
              ? [x0 + W * t, y0]
              : side === "Bottom"
                ? [x0 + W * t, y0 + H]
                : side === "Left"
                  ? [x0, y0 + H * t]
                  : side === "Right"
                    ? [x0 + W, y0 + H * t]
                    : [x0 + W * t, y0 + H / 2];
          const used = e.state === "Used";
          return (
            <g key={side + i}>
              {used && (side === "Top" || side === "Bottom") && (
                <rect
                  x={cx - 4}
                  y={side === "Top" ? cy - 16 : cy}
                  width="8"
                  height="16"
                  fill="var(--rule)"
                  stroke="var(--ink)"
                  strokeWidth="1.2"
                />
              )}
              {used && (side === "Left" || side === "Right") && (
                <rect
                  x={side === "Left" ? cx - 13 : cx}
                  y={cy - 4}
                  width="13"
                  height="8"
                  fill="var(--rule)"
                  stroke="var(--ink)"
                  strokeWidth="1.2"
                />
              )}
              <circle
                cx={cx}
                cy={cy}
                r="5"
                fill={used ? "var(--ink)" : e.state === "Open" ? "var(--barn-wash)" : "var(--card)"}
                stroke={e.state === "Open" ? "var(--barn)" : "var(--ink)"}
                strokeWidth="1.8"
              />
            </g>
          );
        }),
      )}
      <rect
        x={sx}
        y={y0}
        width={d * scale}
        height={H}
        fill="var(--wall)"
        stroke="var(--ink)"
        strokeWidth="2.5"
        strokeDasharray={dash(known.d)}
      />
      {depths.map((p, i) => {
        const x = startOf(i);
        const inset = parts[i]?.role === "Extension" ? 0 : H * 0.12;
        return (
          <rect
            key={i}
            x={x}
            y={y0 + inset}
            width={p * scale}
            height={H - 2 * inset}
            fill="var(--card)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        );
      })}
      <text x={x0 - 6} y={y0 + H + 34} textAnchor="start" fontSize="13" fill="var(--ink-2)" className="figure">
        {known.w && known.h ? `${length(box.height!.value!, units)} × ${length(box.width!.value!, units)}` : words.box.dunno}
      </text>
      <text x={sx + (d * scale) / 2} y={y0 + H + 34} textAnchor="middle" fontSize="13" fill="var(--ink-2)" className="figure">
        {known.d ? length(box.depth!.value!, units) : "?"}
      </text>
    </svg>
  );
}
