// Boxes of the bindery and the press room.
import { add, batch, cable, device, follow, join, joined, land, lead, long, nm, on, tail } from "./hand.mjs";

await batch("Type store, by the door", [
  add("type-door", "Type store, by the door", "nm-1g-18", "type"),
  cable("type-door", "bench-feed", nm("12-2"), "Bottom", "from the cellar panel", "FeedsIn"),
  cable("type-door", "to-bench", nm("12-2"), "Top", "on to the bindery"),
  device("type-door", "r1", "receptacle"),
  ...joined("type-door", "r1", [
    ["bench-feed", "a"],
    ["to-bench", "a"],
  ]),
]);
await batch("Paper-press bench, left", [
  add("bench-left", "Paper-press bench, left", "nm-1g-22.5", "bindery"),
  follow("bench-left", "to-bench", "Top", "from the type store"),
  cable("bench-left", "to-glue", nm("12-2"), "Top", "on to the glue bench"),
  cable("bench-left", "to-window", nm("12-2"), "Bottom", "on to the window bench", "Protected"),
  device("bench-left", "g1", "protective", 1, "protective receptacle, 20 A"),
  join("bench-left", "hots", "hots", "twist-on-medium", [lead("to-bench", 0, "b"), lead("to-glue", 0)]),
  join("bench-left", "neutrals", "neutrals", "twist-on-medium", [lead("to-bench", 1, "b"), lead("to-glue", 1)]),
  join("bench-left", "grounds", "grounds", "twist-on-medium", [lead("to-bench", 2, "b"), lead("to-glue", 2), lead("to-window", 2)]),
  tail("bench-left", "tail-hot", "hots", "g1", "line-hot/plate"),
  tail("bench-left", "tail-neutral", "neutrals", "g1", "line-neutral/plate"),
  tail("bench-left", "tail-ground", "grounds", "g1", "ground/screw", "9"),
  land("bench-left", lead("to-window", 0), "g1", "load-hot/plate"),
  land("bench-left", lead("to-window", 1), "g1", "load-neutral/plate"),
  long("bench-left", lead("to-bench", 0, "b"), "7 1/2"),
  long("bench-left", lead("to-glue", 0), "8"),
  long("bench-left", lead("to-window", 0), "5 5/8"),
]);
await batch("Glue bench", [
  add("glue", "Glue bench", "nm-1g-22.5", "bindery"),
  { do: "setClamps", box: "glue", clamps: { how: "Measured", value: "Outside" } },
  follow("glue", "to-glue", "Top", "from the paper-press bench"),
  cable("glue", "to-sewing", nm("12-2"), "Top", "on to the sewing frame"),
  cable("glue", "glue-lamp", nm("12-3"), "Bottom", "to the bench lamp and its switch"),
  device("glue", "r1", "receptacle"),
  ...joined("glue", "r1", [
    ["to-glue", "b"],
    ["to-sewing", "a"],
  ]),
]);
await batch("Window bench", [
  add("window", "Window bench", "nm-1g-18", "bindery"),
  follow("window", "to-window", "Top", "from the paper-press bench", "Protected"),
  device("window", "r1", "receptacle"),
  land("window", lead("to-window", 0, "b"), "r1", "hot-upper/screw"),
  land("window", lead("to-window", 1, "b"), "r1", "neutral-upper/screw"),
  land("window", lead("to-window", 2, "b"), "r1", "ground/screw"),
]);

on("2026-09-16", "Tomas");
await batch("Press, left", [
  add("press-left", "Press, left", "square-4x1-1/2", "press"),
  { do: "addPart", box: "press-left", id: "ring", kind: "ring-4-1g-5/8", mark: { how: "Unknown" } },
  cable("press-left", "press-feed", nm("12-2"), "Left", "from the cellar panel", "FeedsIn"),
  cable("press-left", "press-on", nm("12-2"), "Right", "on to the right of the press"),
  device("press-left", "r1", "receptacle"),
  ...joined("press-left", "r1", [
    ["press-feed", "a"],
    ["press-on", "a"],
  ]),
]);
await batch("Press, right", [
  add("press-right", "Press, right", "device-3x2x2-1/2", "press"),
  follow("press-right", "press-on", "Top", "from the left of the press"),
  cable("press-right", "case-on", nm("12-2"), "Top", "on to the type case"),
  device("press-right", "r1", "receptacle"),
  ...joined("press-right", "r1", [
    ["press-on", "b"],
    ["case-on", "a"],
  ]),
  { do: "noteBox", box: "press-right", note: "Closes only with a shove. The plate hides it well." },
]);
await batch("Type case", [
  add("case", "Type case, behind it", "nm-1g-20", "press", "NotOpened"),
  follow("case", "case-on", "Top", "from the right of the press"),
]);
await batch("Hall switches", [
  add("hall", "Hall switches", "nm-2g-32", "press"),
  cable("hall", "light-feed", nm("14-2"), "Bottom", "from the cellar panel", "FeedsIn"),
  cable("hall", "lamp-a", nm("14-2"), "Top", "to the press room lamps"),
  cable("hall", "lamp-b", nm("14-2"), "Top", "to the bindery lamps"),
  cable("hall", "stair", nm("14-3"), "Top", "to the cellar stair"),
  device("hall", "s1", "switch", 1, "press room lamps"),
  device("hall", "s2", "switch-3way", 2, "cellar stair"),
  join("hall", "neutrals", "neutrals", "twist-on-large", [lead("light-feed", 1), lead("lamp-a", 1), lead("lamp-b", 1)]),
  join("hall", "grounds", "grounds", "twist-on-large", [lead("light-feed", 2), lead("lamp-a", 2), lead("lamp-b", 2), lead("stair", 3)]),
  join("hall", "hots", "hots", "twist-on-medium", [lead("light-feed", 0), lead("lamp-b", 0)]),
  tail("hall", "t-ground-1", "grounds", "s1", "ground/screw"),
  tail("hall", "t-ground-2", "grounds", "s2", "ground/screw"),
  tail("hall", "t-hot-1", "hots", "s1", "hot/screw"),
  tail("hall", "t-hot-2", "hots", "s2", "common/screw"),
  land("hall", lead("lamp-a", 0), "s1", "switched/screw"),
  land("hall", lead("stair", 0), "s2", "traveler-1/screw"),
  land("hall", lead("stair", 1), "s2", "traveler-2/screw"),
]);
await batch("Press room, by the door", [
  add("press-door", "Press room, by the door", "nm-3g-48", "press"),
  cable("press-door", "door-feed", nm("12-2"), "Bottom", "from the cellar panel", "FeedsIn"),
  cable("press-door", "door-work", nm("12-2"), "Bottom", "on to the composing stones", "Protected"),
  cable("press-door", "door-lamps", nm("12-2"), "Top", "to the work lamps"),
  cable("press-door", "door-north", nm("12-3"), "Top", "to the north door switch"),
  cable("press-door", "door-vent", nm("12-2"), "Top", "to the drying fan"),
  device("press-door", "g1", "protective", 1),
  device("press-door", "s1", "switch-3way", 2, "work lamps"),
  device("press-door", "d1", "smart-switch", 3, "drying fan switch"),
  join("press-door", "hots", "hots", "lever-5", [lead("door-feed", 0), "d1.hot"]),
  join("press-door", "neutrals", "neutrals", "twist-on-large", [
    lead("door-feed", 1),
    lead("door-lamps", 1),
    lead("door-vent", 1),
    lead("door-north", 2),
    "d1.neutral",
  ]),
  join("press-door", "grounds", "grounds", "twist-on-large", [
    lead("door-feed", 2),
    lead("door-work", 2),
    lead("door-lamps", 2),
    lead("door-north", 3),
    lead("door-vent", 2),
    "d1.ground",
  ]),
  join("press-door", "fan-hot", "fan, switched", "twist-on-medium", [lead("door-vent", 0), "d1.switched"]),
  tail("press-door", "t-gfci-hot", "hots", "g1", "line-hot/plate"),
  tail("press-door", "t-gfci-neutral", "neutrals", "g1", "line-neutral/plate"),
  tail("press-door", "t-common", "hots", "s1", "common/screw"),
  tail("press-door", "t-ground-1", "grounds", "g1", "ground/screw", "9"),
  tail("press-door", "t-ground-2", "grounds", "s1", "ground/screw", "9"),
  land("press-door", lead("door-work", 0), "g1", "load-hot/plate"),
  land("press-door", lead("door-work", 1), "g1", "load-neutral/plate"),
  land("press-door", lead("door-north", 0), "s1", "traveler-1/screw"),
  land("press-door", lead("door-north", 1), "s1", "traveler-2/screw"),
  { do: "moveLead", box: "press-door", lead: lead("door-lamps", 0), to: { at: "Cap" } },
  ...[
    ["door-feed", 0, "8 1/4"],
    ["door-feed", 1, "8"],
    ["door-feed", 2, "9"],
    ["door-work", 0, "7 1/2"],
    ["door-work", 1, "7 3/4"],
    ["door-lamps", 0, "6 5/8"],
    ["door-north", 0, "9"],
    ["door-north", 1, "9"],
    ["door-vent", 0, "7"],
  ].map(([run, i, text]) => long("press-door", lead(run, i), text)),
]);
