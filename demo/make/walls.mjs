// Walls, a ceiling, what is in them, and where the boxes sit.
import { batch, edit, on } from "./hand.mjs";

on("2026-10-05", "Ines");
const known = (value) => ({ how: "Measured", value, entered: value, who: "Ines", when: "2026-10-05" });
const unknown = { how: "Unknown" };
const layer = (kind, what, thickness, burns = false, toCome = false) => ({
  kind,
  what,
  thickness: thickness ? known(thickness) : unknown,
  combustible: burns,
  toCome,
});
const board = (t = "1/2", toCome = false) => layer("Board", "gypsum board", t, false, toCome);
const tape = (from, way, to = "Middle") => ({ from, way: known(way), to, edge: "Middle" });
const left = (way, to = "Low") => tape("LeftCorner", way, to);
const floor = (way, to = "Low") => tape("FinishedFloor", way, to);
const held = (of, edge, way, to = "Middle", from = "Thing") => ({ from, of, edge, way: known(way), to });
const thing = (wall, id, kind, how, more) => ({ do: "putOnWall", wall, id, thing: { kind, how, ...blank, ...more } });
const blank = { width: unknown, height: unknown, leftFar: unknown, rightFar: unknown };
const stud = (wall, id, at, how = "Finder") => thing(wall, id, "Stud", how, { across: left(at, "Middle"), width: known("1 1/2") });
const spot = (box, wall, across, up, side = "Near") => ({ do: "setBoxWall", box, wall, spot: { side, across, up } });
const wall = (id, name, place, behind, more) =>
  edit({
    do: "putWall",
    id,
    wall: { name, place, behind, kind: "Wall", layers: [], behindLayers: [], floorBuildUp: unknown, ...more },
  });

// The wall between the type store and the porch: a floor still to come, a stud nobody found, a pipe seen from the cellar.
await wall("type-porch", "Type store, wall to the porch", "type", "porch", {
  layers: [board()],
  behindLayers: [layer("Stucco", "stucco on wire", "7/8"), layer("Sheathing", "sheathing", "1/2", true)],
  floorBuildUp: known("3/4"),
  wide: known("120"),
  high: known("96"),
  studDepth: known("5 1/2"),
  spacing: known("16"),
  bears: true,
  farFloor: known("5"),
});
await batch("Type store, what is in the wall to the porch", [
  thing("type-porch", "door", "Door", "Seen", {
    across: left("82"),
    up: tape("FloorNow", "0", "Low"),
    width: known("32"),
    height: known("80"),
    leftFar: known("5/8"),
    rightFar: known("1/4"),
  }),
  stud("type-porch", "s1", "3/4"),
  stud("type-porch", "s2", "16"),
  stud("type-porch", "s4", "48"),
  stud("type-porch", "s-king", "80 1/2", "Seen"),
  thing("type-porch", "pipe", "Pipe", "Seen", { name: "pipe, seen in the cellar", across: left("33", "Middle"), width: known("2") }),
  thing("type-porch", "block", "Blocking", "Finder", {
    name: "blocking, found",
    across: held("s4", "High", "0", "Low"),
    up: floor("5", "Low"),
    width: known("14 1/2"),
    height: known("3 1/2"),
  }),
]);
await batch("Type store, boxes of the wall to the porch", [
  spot("type-door", "type-porch", held("door", "Low", "-29 1/2"), floor("12", "Low")),
  spot("porch", "type-porch", held("s2", "Middle", "-7"), floor("40", "Low"), "Far"),
]);
await edit(
  thing("type-porch", "feed", "Cable", "Seen", {
    name: "cable, seen",
    run: "bench-feed",
    across: held("type-door", "Middle", "0", "Middle", "Box"),
    up: held("type-door", "High", "0", "Low", "Box"),
    width: known("1/2"),
    height: known("78"),
  }),
);

// The bindery's north wall: a bench row that is not level, under a window.
await wall("bindery-north", "Bindery, north wall", "bindery", null, {
  layers: [board(), layer("Wood", "pine boards", "3/4", true)],
  wide: known("168"),
  high: known("98"),
  studDepth: known("3 1/2"),
  spacing: known("16"),
  floorDrop: known("3/4"),
});
await batch("Bindery, north wall", [
  thing("bindery-north", "window", "Window", "Seen", {
    across: left("62"),
    up: floor("40", "Low"),
    width: known("44"),
    height: known("40"),
  }),
  stud("bindery-north", "s1", "16"),
  thing("bindery-north", "bench", "Counter", "Seen", {
    name: "bench",
    side: "Near",
    across: left("8"),
    up: floor("34", "High"),
    width: known("150"),
    height: known("2"),
  }),
  spot("bench-left", "bindery-north", left("20", "Middle"), floor("48", "Low")),
  spot("glue", "bindery-north", held("bench-left", "Middle", "32", "Middle", "Box"), floor("48", "Low")),
  spot("window", "bindery-north", held("window", "High", "10"), floor("47 7/8", "Low")),
]);

// The galley: a counter broken by the sink, with more than 2 ft that nothing reaches.
await wall("galley-south", "Galley, counter wall", "galley", "jetty", {
  layers: [board("1/2"), layer("Tile", "tile", "3/8")],
  behindLayers: [layer("Wood", "cedar boards", "3/4", true), layer("Sheathing", "sheathing", "1/2", true)],
  wide: known("144"),
  high: known("94"),
  studDepth: known("3 1/2"),
  spacing: known("16"),
  bears: true,
});
await batch("Galley, counter wall", [
  thing("galley-south", "counter-left", "Counter", "Seen", {
    name: "counter",
    side: "Near",
    across: left("0"),
    up: floor("36", "High"),
    width: known("64"),
    height: known("1 1/2"),
  }),
  thing("galley-south", "counter-right", "Counter", "Seen", {
    name: "counter",
    side: "Near",
    across: left("88"),
    up: floor("36", "High"),
    width: known("56"),
    height: known("1 1/2"),
  }),
  thing("galley-south", "over-sink", "Window", "Seen", {
    across: left("62"),
    up: floor("42", "Low"),
    width: known("28"),
    height: known("30"),
  }),
  thing("galley-south", "drain", "Pipe", "Seen", { name: "drain", across: left("76", "Middle"), width: known("2") }),
  spot("kettle", "galley-south", left("14", "Middle"), floor("42", "Low")),
  spot("sink", "galley-south", left("94", "Middle"), floor("42", "Low")),
]);

// Between the bedrooms: lath and plaster on both faces, boxes nearly back to back.
await wall("between-beds", "Between the bedrooms", "east", "west", {
  layers: [layer("Plaster", "lath and plaster", "7/8", true)],
  behindLayers: [layer("Plaster", "lath and plaster", "7/8", true)],
  wide: known("150"),
  high: known("97"),
  studDepth: known("3 1/2"),
  spacing: known("16"),
  bears: false,
  farFloor: known("0"),
});
await batch("Between the bedrooms", [
  thing("between-beds", "hole", "ThinHole", "Seen", {
    across: left("60", "Middle"),
    up: floor("20", "Middle"),
    width: known("1/8"),
    height: known("1/8"),
  }),
  stud("between-beds", "s1", "28"),
  stud("between-beds", "s2", "44 1/4"),
  spot("east-bed", "between-beds", left("36", "Middle"), floor("12", "Low")),
  spot("west-door", "between-beds", tape("RightCorner", "9", "Middle"), floor("48", "High"), "Far"),
]);

// The wall behind the presses: bare studs on the far side, boards to come.
await wall("press-east", "Press room, east wall", "press", "cellar", {
  layers: [board("5/8")],
  behindLayers: [board("1/2", true)],
  wide: known("132"),
  high: known("96"),
  studDepth: known("3 1/2"),
  spacing: known("24"),
});
await batch("Press room, east wall", [
  stud("press-east", "s1", "24", "Seen"),
  stud("press-east", "s2", "48", "Seen"),
  stud("press-east", "s3", "72", "Seen"),
  stud("press-east", "s4", "96", "Seen"),
  thing("press-east", "looked", "Looked", "Seen", {
    name: "bare studs, seen from the cellar stair",
    side: "Far",
    across: left("0"),
    up: floor("0", "Low"),
    width: known("132"),
    height: known("96"),
  }),
  thing("press-east", "duct", "Duct", "Seen", { across: left("98", "Low"), width: known("12") }),
  spot("press-left", "press-east", left("30", "Middle"), floor("16", "Low")),
  spot("press-right", "press-east", held("s3", "High", "0", "Low"), floor("16", "Low")),
]);

// Over the press room: joists, and the lamps between them.
await wall("press-ceiling", "Press room, ceiling", "press", "loft", {
  kind: "Ceiling",
  layers: [layer("Wood", "ceiling boards", "5/8", true)],
  wide: known("144"),
  high: known("120"),
  studDepth: known("7 1/4"),
  spacing: known("16"),
});
await batch("Press room, ceiling", [
  stud("press-ceiling", "j1", "24", "Seen"),
  stud("press-ceiling", "j2", "40", "Finder"),
  spot("press-lamps", "press-ceiling", left("72", "Middle"), floor("60", "Middle")),
]);

// A receptacle on the porch, marked out from the inside: planned.
await edit({ do: "openChange", id: "porch-outlet", name: "A receptacle on the porch, by the door", opened: "2026-10-05" });
const plan = (id, e) => edit({ do: "planEdit", change: "porch-outlet", id, edit: e });
await plan("p1", { do: "addBox", id: "porch-door", name: "Porch, by the door", kind: "ow-1g-14", place: "porch" });
await plan("p2", spot("porch-door", "type-porch", held("door", "Low", "-22 1/4"), floor("17 3/4", "Low"), "Far"));
