import { words } from "../words";
import type { PointLive } from "./useLive";

const w = words.live;

/** What is expected of a point, as a shape: a bolt in a filled disc, the dashed line of one for a ghost, a question mark, a hollow disc.
 * Colour alone says nothing. */
export function Badge({ x, y, point }: { x: number; y: number; point: PointLive | undefined }) {
  if (!point) return null;
  const live = point.expected === "Live";
  return (
    <g pointerEvents="none" data-expected={point.expected}>
      <circle
        cx={x}
        cy={y}
        r="8.5"
        fill={live ? "var(--barn)" : "var(--card)"}
        stroke={live ? "var(--ink)" : point.expected === "Unknown" ? "var(--slate)" : "var(--ink-2)"}
        strokeWidth="1.8"
        strokeDasharray={point.expected === "Unknown" ? "3 2" : undefined}
      />
      {live && <path d={`M${x + 1.5} ${y - 6}l-5 7h3.4l-1.4 5l5 -7h-3.4z`} fill="var(--on-barn)" />}
      {point.expected === "Ghost" && (
        <path d={`M${x + 1.5} ${y - 6}l-5 7h3.4l-1.4 5l5 -7h-3.4z`} fill="none" stroke="var(--ink-2)" strokeDasharray="2 1.5" />
      )}
      {point.expected === "Unknown" && (
        <text x={x} y={y + 4} textAnchor="middle" fontSize="12" fontWeight="700" fill="var(--slate)">
          ?
        </text>
      )}
      <title>{`${point.name}: ${w.expected[point.expected]}${live || point.expected === "Ghost" ? `, ${point.volts} V` : ""}`}</title>
    </g>
  );
}

/** The badge with its word, in a line of text. */
export function Mark({ point }: { point: PointLive | undefined }) {
  if (!point) return null;
  return (
    <span className="inline-flex items-center gap-1 text-sm">
      <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden>
        <Badge x={10} y={10} point={point} />
      </svg>
      {w.short[point.expected]}
    </span>
  );
}

/** The badges with their words, for beside the picture. */
export function Legend() {
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-1 text-sm" aria-label={w.legend}>
      {(["Live", "Ghost", "Dead", "Unknown"] as const).map((expected) => (
        <li key={expected} className="flex items-center gap-1.5">
          <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden>
            <Badge x={10} y={10} point={{ point: "", name: "", volts: 0, expected }} />
          </svg>
          {w.expected[expected]}
        </li>
      ))}
    </ul>
  );
}
