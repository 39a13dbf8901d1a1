import type { Schemas } from "../api/client";

/** Words of a trench to a post. */
export const trenchWords = {
  title: "Trench and post",
  how: "How deep it is dug and what is cut, from a building to a post or a yard box.",
  along: "From riser to riser",
  over: "What lies over it",
  overs: { Soil: "soil", Concrete: "2 in of concrete", Drive: "a house drive", Road: "a road or lot" } satisfies Record<
    Schemas["BuriedUnder"],
    string
  >,
  what: "What lies in it",
  whats: [
    ["", "cable for burial"],
    ["Plastic", "plastic raceway"],
    ["RigidMetal", "rigid metal"],
    ["Tubing", "metal tubing"],
  ] as const,
  guarded: "One pole, 20 A at most, GFCI ahead of it",
  yes: "yes",
  no: "no",
  post: "Box over the ground",
  frost: "Ground freezes to",
  cover: "Cover, at least",
  dig: "Dig",
  cuts: "Cut",
  before: "First, and never",
} as const;
