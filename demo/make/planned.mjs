// Changes planned.
import { add, batchOf, cable, day, device, edit, follow, joined, land, lead, nm } from "./hand.mjs";

await edit({ do: "openChange", id: "bench-row", name: "Protected bench receptacles in the bindery", opened: "2026-09-28" });
const plan = (id, e) => edit({ do: "planEdit", change: "bench-row", id, edit: e });
await plan("q1", cable("type-door", "bench-row-1", nm("12-2"), "Top", "on to the new bench row"));
await plan("q2", { do: "swapDevice", box: "type-door", id: "r1", kind: "protective" });
await plan("q3", { do: "setBoxKind", box: "type-door", kind: "ow-1g-20.5" });
const to = (id, place, farEnd = true) => ({ do: "landPigtail", box: "type-door", id, farEnd, to: { at: "Terminal", device: "r1", place } });
await plan(
  "q4",
  batchOf("The bench row behind it, on the load side", [
    to("tail-hot", "line-hot/plate"),
    to("tail-neutral", "line-neutral/plate"),
    land("type-door", lead("bench-row-1", 0), "r1", "load-hot/plate"),
    land("type-door", lead("bench-row-1", 1), "r1", "load-neutral/plate"),
    { do: "moveLead", box: "type-door", lead: lead("bench-row-1", 2), to: { at: "Joint", joint: "grounds" } },
  ]),
);
await plan(
  "q5",
  batchOf("Two boxes on the bench wall", [
    add("row-left", "Bindery bench, left", "ow-1g-18", "bindery"),
    follow("row-left", "bench-row-1", "Left", "from the type store"),
    cable("row-left", "bench-row-2", nm("12-2"), "Right", "on to the right of the bench", "Protected"),
    device("row-left", "r1", "receptacle"),
    ...joined("row-left", "r1", [["bench-row-1", "b"], ["bench-row-2"]]),
    add("row-right", "Bindery bench, right", "ow-1g-18", "bindery"),
    follow("row-right", "bench-row-2", "Left", "from the left of the bench"),
    device("row-right", "r1", "receptacle"),
    land("row-right", lead("bench-row-2", 0, "b"), "r1", "hot-upper/screw"),
    land("row-right", lead("bench-row-2", 1, "b"), "r1", "neutral-upper/screw"),
    land("row-right", lead("bench-row-2", 2, "b"), "r1", "ground/screw"),
  ]),
);
await edit({
  do: "putWall",
  id: "bindery-north",
  wall: {
    name: "Bindery, north wall",
    place: "bindery",
    layers: [
      { what: "gypsum board", thickness: { how: "Measured", value: "1/2", entered: "1/2" }, combustible: false },
      { what: "pine boards", thickness: { how: "Measured", value: "3/4", entered: "3/4" }, combustible: true },
    ],
  },
});
await edit({ do: "openChange", id: "cellar-joints", name: "Cellar joints to a box that stays reachable", opened: "2026-09-28" });

await edit({ do: "openChange", id: "upstairs", name: "Protection for the two-slot receptacles upstairs", opened: "2026-09-29" });
await edit({ do: "planEdit", change: "upstairs", id: "u1", edit: { do: "removePigtail", box: "east-bed", id: "jumper" } });
await edit({ do: "planEdit", change: "upstairs", id: "u2", edit: { do: "swapDevice", box: "east-bed", id: "r1", kind: "protective" } });
await edit({
  do: "planEdit",
  change: "upstairs",
  id: "u3",
  edit: batchOf("Hot and neutral to line", [
    land("east-bed", lead("up-east", 1, "b"), "r1", "line-hot/plate"),
    land("east-bed", lead("up-east", 0, "b"), "r1", "line-neutral/plate"),
  ]),
});
await edit({
  do: "recordDone",
  change: "upstairs",
  id: "ud1",
  edit: { do: "removePigtail", box: "east-bed", id: "jumper" },
  planned: "u1",
  on: "2026-10-01",
});
await edit({
  do: "correctAsFound",
  change: "upstairs",
  id: "uc1",
  on: "2026-10-01",
  edit: {
    do: "setBoxSize",
    box: "east-bed",
    depth: { how: "Measured", value: "2 3/8", entered: "2 3/8", who: "Ines", when: "2026-10-01" },
  },
});
await edit({
  do: "openChange",
  id: "wash-fan",
  name: "Fan and light in the wash room, with a neutral at the switch",
  opened: "2026-09-30",
});
await edit({
  do: "planEdit",
  change: "wash-fan",
  id: "w1",
  edit: cable("fan-switch", "fan-lead", nm("14-3"), "Top", "to the new fan and light"),
});

// What the shop keeps as its own way, where the work stands, and what it waits for.
await edit({ do: "keepPattern", id: "feed-through", name: "Feed-through receptacle, pigtails", box: "press-left", by: "Ines", at: day.at });
await edit({ do: "setStages", change: "bench-row", wall: "Finished", permit: "NotNeeded" });
await edit({ do: "setStages", change: "wash-fan", wall: "Open", permit: "AppliedFor" });
await edit({
  do: "waitFor",
  change: "wash-fan",
  id: "fan",
  hold: { for: "Part", says: "the fan, from the shop", stage: "Rough", by: "Ines", at: day.at, until: "2026-10-09T00:00:00.000Z" },
});
