import type { Schemas } from "../api/client";
import { inches } from "../parts/measure";
import { markWords as w } from "../words/mark";

const WIDE = 300;
const HIGH = 250;
/** Wall beyond the hole and above it, in. */
const MORE = 7;

/** Both faces of the wall to one scale, the edge they share at the right inside and at the left outside. */
export function Faces({ marked, toCome }: { marked: Schemas["Marked"]; toCome: string }) {
  const of = (text: string) => inches(text) ?? 0;
  const [near, far, outside, bottom, top] = [of(marked.near), of(marked.far), of(marked.outside), of(marked.bottom), of(marked.top)];
  const half = (far - near) / 2;
  const come = toCome === "" ? 0 : of(/in$|mm$/.test(toCome) ? toCome : `${toCome} in`);
  const scale = Math.min(WIDE / (Math.max(far, outside + half) + MORE), HIGH / (top + come + MORE));
  const faces = [
    { name: w.faceInside, from: near, to: far, says: `${marked.near.replace(" in", "")} · ${marked.far}`, right: true },
    { name: w.faceOutside, from: outside - half, to: outside + half, says: marked.outside, right: false },
  ];
  return (
    <div className="mt-3 grid gap-3 sm:grid-cols-2">
      {faces.map((f) => (
        <Face key={f.name} {...f} bottom={bottom} top={top} come={come} scale={scale} height={marked.bottom} />
      ))}
    </div>
  );
}

function Face({
  name,
  from,
  to,
  says,
  right,
  bottom,
  top,
  come,
  scale,
  height,
}: {
  name: string;
  from: number;
  to: number;
  says: string;
  right: boolean;
  bottom: number;
  top: number;
  come: number;
  scale: number;
  height: string;
}) {
  const floor = HIGH + 10 - come * scale;
  const at = (inch: number) => (right ? WIDE - inch * scale : 20 + inch * scale);
  const [x, y] = [Math.min(at(from), at(to)), floor - top * scale];
  const [wide, high] = [Math.abs(at(to) - at(from)), (top - bottom) * scale];
  const edge = at(0);
  const middle = x + wide / 2;
  // Near the right rim a figure stands to the left of its line.
  const late = middle > WIDE * 0.7;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDE + 20} ${HIGH + 40}`}
        className="w-full rounded-lg border border-rule bg-wall"
        role="img"
        aria-label={`${name}: ${says}`}
      >
        <rect x={right ? edge : 0} y="0" width="20" height={HIGH + 10} fill="var(--metal)" stroke="var(--ink)" />
        <line
          x1="0"
          x2={WIDE + 20}
          y1={floor}
          y2={floor}
          stroke="var(--slate)"
          strokeWidth="2"
          strokeDasharray={come > 0 ? "6 4" : undefined}
        />
        {come > 0 && <line x1="0" x2={WIDE + 20} y1={HIGH + 10} y2={HIGH + 10} stroke="var(--ink)" strokeWidth="2" />}
        <rect
          x={x}
          y={y}
          width={wide}
          height={high}
          fill="var(--card)"
          stroke="var(--ink)"
          strokeWidth="2.5"
          strokeDasharray={right ? undefined : "5 4"}
        />
        <line x1={edge} x2={right ? x : middle} y1={y + high + 14} y2={y + high + 14} stroke="var(--ink)" strokeWidth="1.5" />
        <line x1={middle} x2={middle} y1={floor} y2={y + high} stroke="var(--ink)" strokeWidth="1.5" />
        <text
          x={right ? edge - 6 : (edge + middle) / 2}
          y={y + high + 30}
          textAnchor={right ? "end" : "middle"}
          className="figure"
          fontSize="13"
          fill="var(--ink)"
        >
          {says}
        </text>
        <text
          x={middle + (late ? -6 : 6)}
          textAnchor={late ? "end" : "start"}
          y={(floor + y + high) / 2 + 16}
          className="figure"
          fontSize="13"
          fill="var(--ink)"
        >
          {height}
        </text>
        <text x={right ? 6 : WIDE + 14} textAnchor={right ? "start" : "end"} y={floor - 6} fontSize="12" fill="var(--ink-2)">
          {w.floor}
        </text>
      </svg>
      <figcaption className="text-sm text-ink-2">{name}</figcaption>
    </figure>
  );
}
