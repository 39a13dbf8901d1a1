import type { PictureProps } from "./pictureProps";
import { cableName, NAME } from "../model/names";
import { cuffId } from "./scene";

/** The name of a cable in full over the picture, when it is looked at and its label has no room for all of it. */
export function FullName({ view, placed, lit, focus }: Pick<PictureProps, "view" | "placed" | "lit" | "focus">) {
  return view.cables.map((c) => {
    const id = cuffId(c);
    const name = cableName(view, c);
    const cuff = placed.cuffs.find((k) => k.id === id);
    if (!cuff || name.length <= NAME || !(lit.has(c.run) || focus === `c:${id}`)) return null;
    return (
      <g key={id} pointerEvents="none" data-full-name>
        <rect
          x={placed.x.labelA}
          y={cuff.top - 2}
          width={name.length * 7.2 + 14}
          height="21"
          rx="6"
          fill="var(--card)"
          stroke="var(--slate)"
          strokeWidth="1.5"
        />
        <text x={placed.x.labelA + 6} y={cuff.top + 13.5} fontSize="13.5" fontWeight="700" fill="var(--ink)">
          {name}
        </text>
      </g>
    );
  });
}
