// Boxes of the cellar, the galley, the wash room and upstairs.
import { add, batch, bond, cable, device, follow, join, joined, land, lead, long, nm, old, on, tail } from "./hand.mjs";

await batch("Cellar, foot of the stair", [
  add("cellar-foot", "Cellar, lamp at the foot of the stair", "round-4x2-1/8", "cellar"),
  { do: "setClamps", box: "cellar-foot", clamps: { how: "Measured", value: "Outside" } },
  {
    do: "setBoxSize",
    box: "cellar-foot",
    height: { how: "Measured", value: "4", entered: "4" },
    width: { how: "Measured", value: "4", entered: "4" },
    depth: { how: "Measured", value: "2 1/8", entered: "2 1/8" },
  },
  cable("cellar-foot", "foot-feed", nm("14-2"), "Left", "from the stair switch", "FeedsIn"),
  cable("cellar-foot", "foot-on", nm("14-2"), "Right", "on to the coal hole lamp"),
  device("cellar-foot", "l1", "luminaire", 0),
  join("cellar-foot", "hots", "hots", "twist-on-medium", [lead("foot-feed", 0), lead("foot-on", 0), "l1.hot"]),
  join("cellar-foot", "neutrals", "neutrals", "twist-on-medium", [lead("foot-feed", 1), lead("foot-on", 1), "l1.neutral"]),
  join("cellar-foot", "grounds", "grounds", "twist-on-ground", [lead("foot-feed", 2), lead("foot-on", 2), "l1.ground"]),
  bond("cellar-foot", "6"),
  long("cellar-foot", lead("foot-feed", 0), "7"),
  long("cellar-foot", lead("foot-feed", 1), "7 1/4"),
  long("cellar-foot", lead("foot-on", 0), "6 1/2"),
]);
await batch("Press room lamps", [
  add("press-lamps", "Press room lamps", "pan-4x1/2", "press"),
  follow("press-lamps", "lamp-a", "Back", "from the hall switches"),
  device("press-lamps", "l1", "luminaire", 0),
  join("press-lamps", "hot", "hot", "twist-on-small", [lead("lamp-a", 0, "b"), "l1.hot"]),
  join("press-lamps", "neutral", "neutral", "twist-on-small", [lead("lamp-a", 1, "b"), "l1.neutral"]),
  join("press-lamps", "ground", "ground", "twist-on-small", [lead("lamp-a", 2, "b"), "l1.ground"]),
]);
await batch("Bindery lamps", [
  add("bindery-lamps", "Bindery lamps", "ow-round-14", "bindery"),
  follow("bindery-lamps", "lamp-b", "Back", "from the hall switches"),
  cable("bindery-lamps", "lamp-c", nm("14-2"), "Back", "on to the second lamp"),
  device("bindery-lamps", "l1", "luminaire", 0),
  join("bindery-lamps", "hots", "hots", "twist-on-medium", [lead("lamp-b", 0, "b"), lead("lamp-c", 0), "l1.hot"]),
  join("bindery-lamps", "neutrals", "neutrals", "twist-on-medium", [lead("lamp-b", 1, "b"), lead("lamp-c", 1), "l1.neutral"]),
  join("bindery-lamps", "grounds", "grounds", "twist-on-medium", [lead("lamp-b", 2, "b"), lead("lamp-c", 2), "l1.ground"]),
]);
await batch("Cellar stair switch", [
  add("stair-top", "Cellar stair, foot", "nm-1g-22.5", "cellar"),
  { do: "setClamps", box: "stair-top", clamps: { how: "Measured", value: "Outside" } },
  follow("stair-top", "stair", "Top", "from the hall switches"),
  cable("stair-top", "stair-lamp", nm("14-2"), "Top", "to the stair lamp"),
  cable("stair-top", "stair-2", nm("14-3"), "Bottom", "on to the coal hole"),
  device("stair-top", "s1", "switch-4way", 1),
]);

on("2026-09-18", "Ines");
await batch("Cellar head joints", [
  add("cellar-head", "Cellar head, joints", "round-4x1-1/2", "cellar"),
  { do: "addPart", box: "cellar-head", id: "cover", kind: "cover-flat-round" },
  cable("cellar-head", "cel-feed", nm("14-2"), "Left", "from the cellar panel", "FeedsIn"),
  cable("cellar-head", "cel-a", nm("14-2"), "Right", "to the stair lamp"),
  cable("cellar-head", "cel-b", nm("14-2"), "Right", "to the coal hole"),
  cable("cellar-head", "cel-c", nm("14-2"), "Top", "to the shelves"),
  join(
    "cellar-head",
    "hots",
    "hots",
    "twist-on-large",
    [0, 1, 2, 3].map((i) => lead(["cel-feed", "cel-a", "cel-b", "cel-c"][i], 0)),
  ),
  join(
    "cellar-head",
    "neutrals",
    "neutrals",
    "twist-on-large",
    [0, 1, 2, 3].map((i) => lead(["cel-feed", "cel-a", "cel-b", "cel-c"][i], 1)),
  ),
  join(
    "cellar-head",
    "grounds",
    "grounds",
    "twist-on-large",
    [0, 1, 2, 3].map((i) => lead(["cel-feed", "cel-a", "cel-b", "cel-c"][i], 2)),
  ),
]);
await batch("Galley, kettle end", [
  add("kettle", "Galley, kettle end", "nm-1g-20", "galley"),
  cable("kettle", "galley-feed", nm("12-2"), "Bottom", "from the cellar panel", "FeedsIn"),
  cable("kettle", "to-sink", nm("12-2"), "Top", "on to the sink side", "Protected"),
  device("kettle", "g1", "protective"),
  land("kettle", lead("galley-feed", 0), "g1", "line-hot/plate"),
  land("kettle", lead("galley-feed", 1), "g1", "line-neutral/plate"),
  land("kettle", lead("to-sink", 0), "g1", "load-hot/plate"),
  land("kettle", lead("to-sink", 1), "g1", "load-neutral/plate"),
  join("kettle", "grounds", "grounds", "twist-on-medium", [lead("galley-feed", 2), lead("to-sink", 2)]),
  tail("kettle", "t-ground", "grounds", "g1", "ground/screw"),
]);
await batch("Galley, sink side", [
  add("sink", "Galley, sink side", "ow-1g-14", "galley"),
  follow("sink", "to-sink", "Top", "from the kettle end", "Protected"),
  cable("sink", "to-hood", nm("12-2"), "Top", "to the hood", "Protected"),
  device("sink", "r1", "receptacle"),
  ...joined("sink", "r1", [
    ["to-sink", "b"],
    ["to-hood", "a"],
  ]),
]);
await batch("Wash room", [
  add("basin", "Wash room, basin", "nm-1g-18", "wash"),
  cable("basin", "wash-feed", nm("12-2"), "Bottom", "from the cellar panel", "FeedsIn"),
  cable("basin", "to-fan", nm("12-2"), "Top", "on to the fan switch", "Protected"),
  device("basin", "g1", "protective"),
  add("fan-switch", "Wash room, fan and light", "nm-1g-16", "wash", "Partial"),
  follow("fan-switch", "to-fan", "Bottom", "from the basin", "Protected"),
  device("fan-switch", "s1", "switch"),
]);

on("2026-09-21", "Tomas");
await batch("Upstairs, as far as seen", [
  add("landing-lamp", "Landing, lampholder", "round-4x1-1/4", "landing", "Partial"),
  cable("landing-lamp", "up-feed", old, "Left", "from below", "FeedsIn"),
  cable("landing-lamp", "up-east", old, "Right", "toward the east bedroom"),
  device("landing-lamp", "l1", "lampholder", 0),
  add("east-window", "East bedroom, window", "device-3x2x2-1/4", "east", "NotOpened"),
  add("west-door", "West bedroom, door", "device-1g", "west", "NotOpened"),
  add("loft-lamp", "Loft, by the hatch", "round-4x1-1/2", "loft", "Partial"),
  cable("loft-lamp", "loft-feed", nm("14-2"), "Left", "from below", "FeedsIn"),
  { do: "setClamps", box: "loft-lamp", clamps: { how: "Unknown" } },
]);
await batch("Porch and jetty", [
  add("porch", "Ferry porch", "fs-1", "porch"),
  cable("porch", "porch-feed", { type: "UfB", gauge: "14", conductors: 2, ground: "Bare" }, "Back", "from inside", "FeedsIn"),
  device("porch", "g1", "protective"),
  { do: "addPart", box: "porch", id: "cover", kind: "plate-wet" },
  land("porch", lead("porch-feed", 0), "g1", "load-hot/plate"),
  land("porch", lead("porch-feed", 1), "g1", "load-neutral/plate"),
  land("porch", lead("porch-feed", 2), "g1", "ground/screw"),
  add("jetty-post", "Jetty post", "fd-1", "jetty", "NotOpened"),
]);
await batch("Shelf joint in the cellar", [
  add("shelf", "Cellar shelves, joint", "unlisted", "cellar"),
  {
    do: "setBoxSize",
    box: "shelf",
    height: { how: "Measured", value: "4", entered: "4", who: "Tomas", when: "2026-09-21" },
    width: { how: "Measured", value: "4", entered: "4", who: "Tomas", when: "2026-09-21" },
    depth: { how: "Measured", value: "1 1/2", entered: "1 1/2", who: "Tomas", when: "2026-09-21" },
  },
  follow("shelf", "cel-c", "Left", "from the cellar head"),
  cable("shelf", "shelf-lamp", nm("14-2"), "Right", "to the shelf lamp"),
  join("shelf", "hots", "hots", "twist-on-medium", [lead("cel-c", 0, "b"), lead("shelf-lamp", 0)]),
  join("shelf", "neutrals", "neutrals", "twist-on-medium", [lead("cel-c", 1, "b"), lead("shelf-lamp", 1)]),
  join("shelf", "grounds", "grounds", "twist-on-medium", [lead("cel-c", 2, "b"), lead("shelf-lamp", 2)]),
]);
