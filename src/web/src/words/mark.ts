import type { Schemas } from "../api/client";

/** Words of marking out one hole. */
export const markWords = {
  how: "One hole, on both faces of a wall, from an edge both share: a jamb, a corner, a thin hole drilled through.",
  inside: "From the edge to the middle, inside",
  wider: "The edge outside is wider by",
  height: "Height above the finished floor",
  toCome: "Floor still to come",
  to: "To its",
  heights: { Bottom: "bottom", Centre: "middle", Top: "top" } satisfies Record<Schemas["HeightTo"], string>,
  usual: "Usual heights",
  heightsOf: [
    ["12", "Bottom", "12 to its bottom"],
    ["16", "Top", "16 to its top"],
    ["44", "Top", "44 over a counter"],
    ["48", "Centre", "48 switch"],
  ] as readonly (readonly [string, Schemas["HeightTo"], string])[],
  box: "Box",
  kinds: [
    ["ow-1g-18", "one gang"],
    ["ow-2g-34", "two gangs"],
    ["ow-3g-46", "three gangs"],
    ["ow-round-14", "round"],
  ] as const,
  other: "Another…",
  hint: "21 5/8",
  faceInside: "inside",
  faceOutside: "outside",
  edge: "edge",
  floor: "finished floor",
  hole: (w: string, h: string) => `Cut ${w} wide and ${h} high.`,
  outside: "Mark outside",
  fromEdge: "from the edge to the middle",
  marks: "What to measure",
  plates: "The plate",
  before: "Before the saw",
} as const;
