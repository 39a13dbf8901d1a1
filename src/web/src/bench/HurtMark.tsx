import type { Schemas } from "../api/client";
import { words } from "../words";

/** Where a sheath is cut through a gap with torn edges, where it is only hurt a notch, on its way from the left at this height. */
export function HurtMark({ x, y, hurts }: { x: number; y: number; hurts: readonly Schemas["RunHurt"][] }) {
  const worst = hurts.find((h) => h.kind === "Cut") ?? hurts[0];
  if (!worst) return null;
  const cut = worst.kind === "Cut";
  return (
    <g pointerEvents="none" data-hurt={worst.kind}>
      <title>{hurts.map((h) => words.along.kinds[h.kind]).join(", ")}</title>
      {cut && <path d={`M${x - 4} ${y - 9}l5 6l-5 6l5 6h8l-5 -6l5 -6l-5 -6z`} fill="var(--wall)" />}
      {(cut ? [-4, 5] : [0]).map((dx) => (
        <path
          key={dx}
          d={`M${x + dx} ${y - 9}l5 6l-5 6l5 6`}
          fill="none"
          stroke="var(--barn)"
          strokeWidth={cut ? 2.5 : 3.5}
          strokeLinejoin="round"
        />
      ))}
    </g>
  );
}
