// Changes planned.
import { batchOf, cable, edit, land, lead, nm } from "./hand.mjs";

await edit({ do: "openChange", id: "bench-row", name: "Protected bench receptacles in the bindery", opened: "2026-09-28" });
const plan = (id, e) => edit({ do: "planEdit", change: "bench-row", id, edit: e });
await plan("q1", cable("type-door", "bench-row-1", nm("12-2"), "Top", "on to the new bench row"));
await plan("q2", { do: "swapDevice", box: "type-door", id: "r1", kind: "protective" });
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
