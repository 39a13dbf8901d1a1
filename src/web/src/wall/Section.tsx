import { useSettings } from "../api/settings";
import { inches, length } from "../parts/measure";
import { wallWords as w } from "../words/wall";
import type { Wall, WallBox } from "./useWall";

const WIDE = 300;
const HIGH = 110;

/** The wall cut through, from its own face to the one behind, with the box in it. */
export function Section({ wall, box }: { wall: Wall; box: WallBox }) {
  const { units } = useSettings();
  // What nobody measured is drawn as thick as it usually is.
  const thick = wall.section.map((l) => inches(l.thick) ?? (l.hollow ? 3.5 : 0.5));
  const all = thick.reduce((a, b) => a + b, 0);
  const scale = (WIDE - 20) / Math.max(all, 1);
  const begins = thick.map((_, i) => 10 + thick.slice(0, i).reduce((a, b) => a + b, 0) * scale);
  const deep = (inches(box.depth) ?? 2.5) * scale;
  return (
    <section aria-label={w.section}>
      <h3 className="text-lg">{w.section}</h3>
      <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="w-full rounded-lg border border-rule" role="img" aria-label={w.section}>
        {wall.section.map((l, i) => (
          <rect
            key={i}
            x={begins[i]}
            y="4"
            width={thick[i]! * scale}
            height={HIGH - 8}
            fill={l.hollow ? "var(--card)" : "var(--sheath)"}
            stroke="var(--ink)"
            strokeDasharray={l.thick == null || l.toCome ? "4 3" : undefined}
          />
        ))}
        <rect
          x={box.side === "Near" ? 10 : 10 + all * scale - deep}
          y="34"
          width={deep}
          height="42"
          fill="var(--plastic)"
          stroke="var(--ink)"
          strokeWidth="2"
          strokeDasharray={box.depth == null ? "4 3" : undefined}
        />
      </svg>
      <p className="text-sm text-ink-2">
        {wall.section.map((l) => (l.hollow && l.thick ? `${l.what}, ${length(l.thick, units)}` : l.what)).join(" · ")}
      </p>
      <p className="text-sm">{wall.thick ? w.thick(length(wall.thick, units)) : w.thickUnknown}</p>
    </section>
  );
}
