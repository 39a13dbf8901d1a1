// Makes the demo job by doing its edits in a running program, and writes what that exports.
// Use: ./start --data /tmp/empty.db --port 5290 &  then  node demo/make.mjs http://127.0.0.1:5290
import { readFileSync, writeFileSync } from "node:fs";

const base = process.argv[2] ?? "http://127.0.0.1:5290";
const job = "ferry-keepers-house";
const history = [];
const day = { at: "2026-09-14T08:00:00.000Z", by: "Ines" };

async function call(path, body) {
  const reply = await fetch(base + path, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) });
  if (!reply.ok) throw new Error(`${path}: ${await reply.text()}\n${JSON.stringify(body)}`);
  return reply.json();
}

let n = 0;
async function edit(e) {
  n++;
  const id = `demo.${String(n).padStart(3, "0")}`;
  await call(`/api/jobs/${job}/edits`, { id, by: day.by, edit: e });
  day.at = new Date(Date.parse(day.at) + 97_000).toISOString();
  history.push({ ...day });
}
const on = (date, by) => Object.assign(day, { at: `${date}T08:10:00.000Z`, by });

const batchOf = (name, edits) => ({ do: "batch", name, edits });
const batch = (name, edits) => edit(batchOf(name, edits));

const nm = (size, extra = {}) => {
  const [gauge, conductors] = size.split("-");
  return { type: "NmB", gauge, conductors: Number(conductors), ground: "Bare", ...extra };
};
const old = { type: "OldTwoWire", gauge: "14", conductors: 2, ground: "None", colours: ["black", "white"] };
const lead = (run, i, side = "a") => `${run}.${side}${i}`;

const add = (id, name, kind, place, contents = "Complete", extra = {}) => ({ do: "addBox", id, name, kind, place, contents, ...extra });
const cable = (box, run, spec, side, says, feeds = "FeedsOn") => ({
  do: "addCable",
  box,
  run,
  entry: `k-${run}-${box}`.slice(0, 60),
  cable: spec,
  side,
  says,
  feeds,
});
const follow = (box, run, side, says, feeds = "FeedsIn") => ({
  do: "connectRun",
  box,
  run,
  end: "B",
  entry: `k-${run}-${box}`.slice(0, 60),
  side,
  says,
  feeds,
});
const device = (box, id, kind, gang = 1, name) => ({ do: "addDevice", box, id, kind, gang, name });
const join = (box, joint, name, connector, leads) => ({ do: "joinLeads", box, joint, name, connector, leads });
const tail = (box, id, from, device, place, length = "8") => ({
  do: "addPigtail",
  box,
  id,
  from: { at: "Joint", joint: from },
  to: { at: "Terminal", device, place },
  length: { how: "Measured", value: length, entered: length, who: day.by, when: day.at.slice(0, 10) },
});
const land = (box, leadId, device, place) => ({ do: "moveLead", box, lead: leadId, to: { at: "Terminal", device, place } });
const long = (box, leadId, text) => ({
  do: "setLeadLength",
  box,
  lead: leadId,
  length: { how: "Measured", value: text, entered: text, who: day.by, when: day.at.slice(0, 10) },
});

// Hots, neutrals and grounds of some two-wire cables joined, with a pigtail each to a receptacle-like device.
function joined(box, device, runs, { hot = "hot-upper/screw", neutral = "neutral-upper/screw", size = "medium" } = {}) {
  const [hots, neutrals, grounds] = [0, 1, 2].map((i) => runs.map(([run, side]) => lead(run, i, side)));
  return [
    join(box, "hots", "hots", `twist-on-${size}`, hots),
    join(box, "neutrals", "neutrals", `twist-on-${size}`, neutrals),
    join(box, "grounds", "grounds", `twist-on-${size}`, grounds),
    tail(box, "tail-hot", "hots", device, hot),
    tail(box, "tail-neutral", "neutrals", device, neutral),
    tail(box, "tail-ground", "grounds", device, "ground/screw", "9"),
  ];
}

await call("/api/jobs", { id: job, name: "Ferry keeper's house" });

on("2026-09-14", "Ines");
const places = {
  press: ["Press room", "Dry", "workshop"],
  type: ["Type store", "Dry", "storage"],
  bindery: ["Bindery", "Dry", "workshop"],
  galley: ["Galley kitchen", "Dry", "kitchen"],
  wash: ["Wash room", "Damp", "bathroom"],
  landing: ["Landing", "Dry", "hall"],
  east: ["East bedroom", "Dry", "bedroom"],
  west: ["West bedroom", "Dry", "bedroom"],
  cellar: ["Cellar", "Damp", "basement"],
  loft: ["Loft", "Dry", "loft"],
  porch: ["Ferry porch", "Damp", "outdoors"],
  jetty: ["Jetty post", "Wet", "outdoors"],
};
await batch(
  "Rooms of the house",
  Object.entries(places).map(([id, [name, wetness, use]]) => ({ do: "putPlace", id, place: { name, wetness, use } })),
);
await edit({ do: "setProfile", profile: { edition: "Nec2020", office: "River district inspection", date: "2026-01-01", amendments: [] } });
await batch("Sources and panel", [
  { do: "putSource", id: "service", source: { name: "Service", kind: "Service", system: "SplitPhase" } },
  { do: "putSource", id: "generator", source: { name: "Standby generator inlet", kind: "Generator", system: "SplitPhase" } },
  {
    do: "putPanel",
    id: "panel",
    panel: { name: "Cellar panel", system: "SplitPhase", slots: 20, mainAmperes: 100, source: "service", place: "cellar", breakers: [] },
  },
]);
const circuits = [
  [1, 20, "press-south", "Press room, south"],
  [3, 20, "benches", "Bindery benches"],
  [5, 15, "lights", "Lights, ground floor"],
  [7, 15, "bedrooms", "Bedrooms, old two-wire"],
  [2, 20, "galley-counter", "Galley counter"],
  [4, 20, "wash", "Wash room"],
  [6, 15, "porch-jetty", "Porch and jetty"],
  [8, 15, "loft-lights", "Loft"],
  [9, 20, "type-case", "Type store heater"],
  [10, 15, "cellar-lights", "Cellar lights"],
  [11, 30, "heater", "Water heater", 2],
];
await batch("Circuits", [
  ...circuits.map(([, , id, name]) => ({ do: "putCircuit", id, circuit: { name, panel: "panel" } })),
  {
    do: "putPanel",
    id: "panel",
    panel: {
      name: "Cellar panel",
      system: "SplitPhase",
      slots: 20,
      mainAmperes: 100,
      source: "service",
      place: "cellar",
      breakers: circuits.map(([slot, amperes, id, name, poles = 1]) => ({
        slot,
        poles,
        amperes,
        kind: "Standard",
        circuit: id,
        says: name,
        on: slot !== 7,
      })),
    },
  },
]);

on("2026-09-15", "Ines");
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
  {
    do: "addPigtail",
    box: "cellar-foot",
    id: "bond",
    from: { at: "Joint", joint: "grounds" },
    to: { at: "BondingScrew" },
    length: { how: "Measured", value: "6", entered: "6" },
  },
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
// What was looked at and measured, as one takes it with a tape and a torch.
const note = (box, of, key, value) => ({
  do: "noteFact",
  box,
  of,
  key,
  fact: { how: "Measured", value, entered: value, who: day.by, when: day.at.slice(0, 10) },
});
const end = (run, side = "a") => `${run}.${side}`;
const circuitOf = (circuit, ...runs) => runs.map((run) => ({ do: "setRun", run, circuit }));

on("2026-09-22", "Ines");
await batch("Which breaker feeds what", [
  ...circuitOf("benches", "bench-feed", "to-bench", "to-glue", "to-window", "to-sewing", "glue-lamp"),
  ...circuitOf("press-south", "press-feed", "press-on", "case-on", "door-feed", "door-work", "door-lamps", "door-north", "door-vent"),
  ...circuitOf("lights", "light-feed", "lamp-a", "lamp-b", "lamp-c", "stair"),
  ...circuitOf("cellar-lights", "foot-feed", "foot-on", "cel-feed", "cel-a", "cel-b", "cel-c", "shelf-lamp"),
  ...circuitOf("galley-counter", "galley-feed", "to-sink", "to-hood"),
  ...circuitOf("wash", "wash-feed", "to-fan"),
  ...circuitOf("bedrooms", "up-feed", "up-east"),
  ...circuitOf("loft-lights", "loft-feed"),
  ...circuitOf("porch-jetty", "porch-feed"),
]);
await batch("Sewing frame", [
  add("sewing", "Sewing frame", "nm-1g-18", "bindery"),
  follow("sewing", "to-sewing", "Top", "from the glue bench"),
  cable("sewing", "sewing-lamp", nm("14-2"), "Top", "to the frame lamp"),
  ...circuitOf("benches", "sewing-lamp"),
  device("sewing", "s1", "switch"),
  join("sewing", "neutrals", "neutrals", "twist-on-medium", [lead("to-sewing", 1, "b"), lead("sewing-lamp", 1)]),
  join("sewing", "grounds", "grounds", "twist-on-medium", [lead("to-sewing", 2, "b"), lead("sewing-lamp", 2)]),
  land("sewing", lead("to-sewing", 0, "b"), "s1", "hot/screw"),
  land("sewing", lead("sewing-lamp", 0), "s1", "switched/screw"),
  { do: "identifyLead", box: "sewing", lead: lead("sewing-lamp", 0), colour: "black", use: "Switched" },
  tail("sewing", "t-ground", "grounds", "s1", "ground/screw"),
  note("sewing", "box", "plate-seats", "yes"),
  note("sewing", "box", "setback", "1/8"),
  note("sewing", end("to-sewing", "b"), "fastener", "7"),
  note("sewing", end("sewing-lamp"), "fastener", "9 1/2"),
]);
await batch("Guillotine", [
  add("guillotine", "Guillotine, under the window", "square-4x2-1/8", "press"),
  { do: "addPart", box: "guillotine", id: "ring", kind: "ring-4-1g-1-1/4", mark: { how: "Marked", value: 8.1 } },
  cable("guillotine", "guillotine-feed", nm("12-2"), "Left", "from the composing stones", "Protected"),
  ...circuitOf("press-south", "guillotine-feed"),
  { do: "addEntry", box: "guillotine", id: "old-hole", side: "Right", state: "Open", size: "1/2" },
  device("guillotine", "r1", "receptacle"),
  land("guillotine", lead("guillotine-feed", 0), "r1", "hot-upper/screw"),
  land("guillotine", lead("guillotine-feed", 1), "r1", "neutral-upper/screw"),
  join("guillotine", "grounds", "ground", "twist-on-small", [lead("guillotine-feed", 2)]),
  tail("guillotine", "t-ground", "grounds", "r1", "ground/screw", "6"),
  {
    do: "addPigtail",
    box: "guillotine",
    id: "bond",
    from: { at: "Joint", joint: "grounds" },
    to: { at: "BondingScrew" },
    length: { how: "Measured", value: "6", entered: "6" },
  },
  note("guillotine", "box", "bond-screw", "cover"),
  long("guillotine", lead("guillotine-feed", 0), "6 1/4"),
  long("guillotine", lead("guillotine-feed", 1), "6 1/2"),
  note("guillotine", lead("guillotine-feed", 0), "past-opening", "2 7/8"),
  note("guillotine", lead("guillotine-feed", 1), "past-opening", "3 1/8"),
  {
    do: "hearSaid",
    box: "guillotine",
    id: "h1",
    text: "There was a second motor here once; the cable is gone.",
    who: "the old printer",
    when: "2026-09-22",
  },
]);
await batch("Drying loft lampholder", [
  add("drying", "Drying rack, above the ceiling boards", "no-box", "press"),
  cable("drying", "drying-feed", nm("14-2"), "Left", "from the work lamps", "FeedsIn"),
  cable("drying", "drying-on", nm("14-2"), "Right", "on to the rack lamp"),
  ...circuitOf("press-south", "drying-feed", "drying-on"),
  { do: "setEntry", box: "drying", id: "k-drying-feed-drying", holding: "Nothing" },
  { do: "setEntry", box: "drying", id: "k-drying-on-drying", holding: "Nothing" },
  device("drying", "l1", "lampholder", 0),
  join("drying", "hots", "hots", "twist-on-medium", [lead("drying-feed", 0), lead("drying-on", 0)]),
  join("drying", "neutrals", "neutrals", "twist-on-medium", [lead("drying-feed", 1), lead("drying-on", 1)]),
  join("drying", "grounds", "grounds", "twist-on-medium", [lead("drying-feed", 2), lead("drying-on", 2)]),
  note("drying", "box", "access", "tile"),
]);

on("2026-09-23", "Tomas");
await batch("Cellar, furnace wall", [
  add("furnace", "Cellar, by the furnace", "device-3x2x3-1/2", "cellar"),
  cable("furnace", "furnace-feed", nm("14-2"), "Top", "from the shelves", "FeedsIn"),
  cable("furnace", "washer-neutral", nm("12-2"), "Top", "from the wash room", "CannotTell"),
  ...circuitOf("cellar-lights", "furnace-feed"),
  ...circuitOf("wash", "washer-neutral"),
  device("furnace", "r1", "receptacle"),
  join("furnace", "neutrals", "neutrals", "twist-on-medium", [lead("furnace-feed", 1), lead("washer-neutral", 1)]),
  join("furnace", "grounds", "grounds", "twist-on-medium", [lead("furnace-feed", 2), lead("washer-neutral", 2)]),
  { do: "moveLead", box: "furnace", lead: lead("washer-neutral", 0), to: { at: "Cap" } },
  land("furnace", lead("furnace-feed", 0), "r1", "hot-upper/screw"),
  tail("furnace", "t-neutral", "neutrals", "r1", "neutral-upper/screw"),
  tail("furnace", "t-ground", "grounds", "r1", "ground/screw"),
  {
    do: "addPigtail",
    box: "furnace",
    id: "bond",
    from: { at: "Joint", joint: "grounds" },
    to: { at: "BondingScrew" },
    length: { how: "Measured", value: "8", entered: "8" },
  },
  note("furnace", "box", "bond-screw", "screw"),
]);
await batch("Coal hole", [
  add("coal-hole", "Coal hole, lamp", "round-4x1-1/2", "cellar"),
  follow("coal-hole", "foot-on", "Left", "from the foot of the stair"),
  device("coal-hole", "l1", "luminaire", 0),
  join("coal-hole", "hot", "hot", "twist-on-small", [lead("foot-on", 0, "b"), "l1.hot"]),
  join("coal-hole", "neutral", "neutral", "twist-on-small", [lead("foot-on", 1, "b"), "l1.neutral"]),
  join("coal-hole", "grounds", "grounds", "twist-on-medium", [lead("foot-on", 2, "b"), "l1.ground"]),
  {
    do: "addPigtail",
    box: "coal-hole",
    id: "bond",
    from: { at: "Joint", joint: "grounds" },
    to: { at: "BondingScrew" },
    length: { how: "Measured", value: "8", entered: "8" },
  },
  note("coal-hole", "box", "bond-screw", "screw"),
  note("coal-hole", end("foot-on", "b"), "cable-damage", "sheath"),
  note("coal-hole", end("foot-on", "b"), "sheath", "3/16"),
  { do: "noteBox", box: "coal-hole", note: "Tooth marks of a mouse on the cable, a hand's breadth outside the box." },
]);
await batch("East bedroom, by the bed", [
  add("east-bed", "East bedroom, by the bed", "device-3x2x2-1/2", "east"),
  follow("east-bed", "up-east", "Left", "from the landing"),
  device("east-bed", "r1", "receptacle"),
  land("east-bed", lead("up-east", 0, "b"), "r1", "neutral-upper/screw"),
  land("east-bed", lead("up-east", 1, "b"), "r1", "hot-upper/screw"),
  {
    do: "addPigtail",
    box: "east-bed",
    id: "jumper",
    from: { at: "Terminal", device: "r1", place: "neutral-lower/screw" },
    to: { at: "Terminal", device: "r1", place: "ground/screw" },
    colour: "white",
    length: { how: "Measured", value: "3", entered: "3" },
  },
  { do: "identifyLead", box: "east-bed", lead: lead("up-east", 0, "b"), colour: "black", use: "Neutral" },
  { do: "identifyLead", box: "east-bed", lead: lead("up-east", 1, "b"), colour: "white", use: "Hot" },
  { do: "noteBox", box: "east-bed", note: "A plug-in tester says correct here. Read to the cellar ground it is not." },
]);
await batch("Landing, lampholder: what goes on to the east bedroom", [
  join("landing-lamp", "blacks", "blacks", "twist-on-small", [lead("up-feed", 0), lead("up-east", 0)]),
  join("landing-lamp", "whites", "whites", "twist-on-small", [lead("up-feed", 1), lead("up-east", 1)]),
]);
await batch("More of the house, as far as seen", [
  add("landing-switch", "Landing, switch", "device-3x2x2-1/4", "landing", "Partial"),
  cable("landing-switch", "loop", old, "Top", "switch loop of the landing lamp"),
  ...circuitOf("bedrooms", "loop"),
  device("landing-switch", "s1", "switch"),
  add("west-window", "West bedroom, window", "device-3x2x2-1/4", "west", "NotOpened"),
  add("east-door", "East bedroom, door switch", "device-1g", "east", "NotOpened"),
  add("loft-fan", "Loft, over the wash room", "round-4x1-1/2", "loft", "NotOpened"),
  add("type-heater", "Type store, heater", "nm-1g-20", "type", "NotOpened"),
  add("galley-fridge", "Galley, cold box", "nm-1g-18", "galley", "Partial"),
  cable("galley-fridge", "fridge-feed", nm("12-2"), "Bottom", "from the cellar panel", "FeedsIn"),
  ...circuitOf("galley-counter", "fridge-feed"),
  device("galley-fridge", "r1", "receptacle-single"),
  add("porch-lamp", "Ferry porch, lamp", "ow-round-14", "porch", "Partial"),
  cable("porch-lamp", "porch-lamp-feed", nm("14-2"), "Back", "from the porch receptacle"),
  ...circuitOf("porch-jetty", "porch-lamp-feed"),
  device("porch-lamp", "l1", "luminaire", 0),
]);
await batch("Wash room, bath light", [
  add("bath-light", "Wash room, light over the basin", "nm-round-18", "wash"),
  cable("bath-light", "bath-light-feed", nm("14-2"), "Back", "from the fan switch", "FeedsIn"),
  ...circuitOf("wash", "bath-light-feed"),
  device("bath-light", "l1", "luminaire", 0),
  join("bath-light", "hot", "hot", "twist-on-small", [lead("bath-light-feed", 0), "l1.hot"]),
  join("bath-light", "neutral", "neutral", "twist-on-small", [lead("bath-light-feed", 1), "l1.neutral"]),
  join("bath-light", "grounds", "grounds", "twist-on-small", [lead("bath-light-feed", 2), "l1.ground"]),
]);
await batch("With tape and torch", [
  note("bench-left", "box", "setback", "3/16"),
  note("bench-left", "box", "finish", "does-not"),
  note("bench-left", "box", "gap", "1/16"),
  note("bench-left", "box", "held", "yes"),
  note("bench-left", "box", "clean", "yes"),
  note("bench-left", "box", "plate-seats", "yes"),
  note("bench-left", "box", "access", "open"),
  note("bench-left", end("to-bench", "b"), "fastener", "6"),
  note("bench-left", end("to-glue"), "fastener", "7 1/2"),
  note("bench-left", end("to-bench", "b"), "sheath", "1/2"),
  note("bench-left", end("to-glue"), "sheath", "3/8"),
  note("bench-left", end("to-window"), "sheath", "1 3/4"),
  note("bench-left", lead("to-window", 0), "past-opening", "2 7/8"),
  note("bench-left", "g1", "tamper", "yes"),
  note("bench-left", "g1", "rigid", "yes"),
  note("type-door", "box", "held", "yes"),
  note("type-door", "box", "setback", "0"),
  note("type-door", "r1", "tamper", "no"),
  note("type-door", "box", "as-built", "no"),
  note("type-door", "box", "height", "16"),
  note("type-door", "box", "gfci-ahead", "no"),
  note("type-door", "box", "near-water", "no"),
  note("press-left", "box", "bond-screw", "screw"),
  note("kettle", "box", "countertop", "yes"),
  note("sink", "box", "near-water", "yes"),
  note("porch", "g1", "weather", "yes"),
]);
await edit({ do: "switchBreaker", panel: "panel", slot: 7, by: "Tomas", at: "2026-09-23T09:00:00Z", on: false });
const volts = (id, from, to, says, note_, box) =>
  edit({ do: "logReading", id, reading: { instrument: "low-impedance", from, to, says, by: day.by, at: day.at, box, note: note_ } });
await volts("read-1", "white slot", "cellar ground by cord", "119 V", "The wide slot is live.", "east-bed");
await volts("read-2", "narrow slot", "wide slot", "120 V", null, "east-bed");
await volts("read-3", "hot", "neutral", "121 V", "No load on.", "kettle");
await edit({
  do: "beginProof",
  id: "proof-1",
  box: "coal-hole",
  by: "Tomas",
  instrument: "two-pole",
  at: day.at,
  knownSource: "galley receptacle, kettle end",
  reference: "cellar panel enclosure by cord",
});
const proving = async (step, from, to, v) => {
  const id = `proof-1.${n}`;
  await edit({
    do: "logReading",
    id,
    reading: {
      instrument: "two-pole",
      from,
      to,
      says: `${v} V`,
      volts: v,
      by: "Tomas",
      at: day.at,
      box: "coal-hole",
      proof: "proof-1",
      step,
    },
  });
};
await proving("KnownBefore", "galley receptacle, kettle end", "cellar panel enclosure by cord", 121);
for (const [from, to] of [
  [0, 1],
  [0, 2],
  [1, 2],
])
  await proving("Pair", lead("foot-on", from, "b"), lead("foot-on", to, "b"), 0);
for (const i of [0, 1, 2]) await proving("Pair", lead("foot-on", i, "b"), "independent ground", 0);
await proving("KnownAfter", "galley receptacle, kettle end", "cellar panel enclosure by cord", 121);
await edit({ do: "endVisit", by: "Tomas", at: "2026-09-23T15:40:00Z" });

on("2026-09-24", "Ines");
await edit({
  do: "addReport",
  id: "buyer",
  name: "Surveyor's list",
  from: "the bank's surveyor",
  date: "2026-09-24",
  lines: [
    "Receptacle by the bed in the east bedroom reads correct but tingles.",
    "Open hole in the box under the guillotine.",
    "Lampholder over the drying rack has no box.",
    "Outside receptacle on the porch does not trip on test.",
  ],
});
await edit({ do: "setReportLine", report: "buyer", line: "l001", box: "east-bed", rule: "neutral-ground" });
await edit({
  do: "setReportLine",
  report: "buyer",
  line: "l002",
  box: "guillotine",
  rule: "entry-open",
  answer: "A 1/2 in plug is on the list to buy.",
});
await edit({ do: "setReportLine", report: "buyer", line: "l003", box: "drying", rule: "splice-box" });
await edit({ do: "setReportLine", report: "buyer", line: "l004", box: "porch", rule: "line-load" });
for (const [id, box, caption, leadId] of [
  ["pic-1", "coal-hole", "Tooth marks a hand's breadth before the box"],
  ["pic-2", "east-bed", "A white jumper from neutral to ground"],
  ["pic-3", "drying", "Two joints in the open, above the boards", lead("drying-feed", 0)],
]) {
  const reply = await fetch(`${base}/api/jobs/${job}/photos`, {
    method: "POST",
    headers: { "content-type": "image/jpeg" },
    body: readFileSync(new URL(`pictures/${box}.jpg`, import.meta.url)),
  });
  const { sha, width, height, bytes } = await reply.json();
  await edit({ do: "addPhoto", id, photo: { box, sha, width, height, bytes, caption, lead: leadId, when: day.at } });
}
on("2026-09-26", "Ines");
await batch("Cellar, over the water heater", [
  add("heater-joint", "Cellar, over the water heater", "square-4x2-1/8", "cellar"),
  { do: "addPart", box: "heater-joint", id: "cover", kind: "cover-flat-square" },
  cable("heater-joint", "heater-feed", nm("10-2"), "Top", "from the cellar panel", "FeedsIn"),
  cable("heater-joint", "heater-on", nm("10-2"), "Bottom", "down to the water heater"),
  ...[lead("heater-feed", 1), lead("heater-on", 1)].map((l) => ({
    do: "identifyLead",
    box: "heater-joint",
    lead: l,
    colour: "white",
    use: "Hot",
    markedAs: "black",
  })),
  join("heater-joint", "one", "one hot", "twist-on-large", [lead("heater-feed", 0), lead("heater-on", 0)]),
  join("heater-joint", "other", "the other hot", "twist-on-large", [lead("heater-feed", 1), lead("heater-on", 1)]),
  join("heater-joint", "grounds", "grounds", "twist-on-large", [lead("heater-feed", 2), lead("heater-on", 2)]),
  {
    do: "addPigtail",
    box: "heater-joint",
    id: "bond",
    from: { at: "Joint", joint: "grounds" },
    to: { at: "BondingScrew" },
    length: { how: "Measured", value: "8", entered: "8" },
  },
  ...circuitOf("heater", "heater-feed", "heater-on"),
  { do: "endAtPanel", run: "heater-feed", end: "B", panel: "panel" },
  { do: "endAtLoad", run: "heater-on", end: "B", says: "water heater" },
  note("heater-joint", "heater-on.a", "far-load", "4500"),
  note("heater-joint", "heater-on.a", "far-load-long", "yes"),
]);
const feet = (run, ft) => ({
  do: "setRun",
  run,
  length: { how: "Estimated", value: String(ft * 12), entered: `${ft}'`, who: day.by, when: day.at.slice(0, 10) },
});
const home = (run) => ({ do: "endAtPanel", run, end: "B", panel: "panel" });
await batch("Home runs followed, lengths paced out", [
  ...["bench-feed", "press-feed", "door-feed", "light-feed", "galley-feed", "wash-feed"].map(home),
  ...Object.entries({
    "bench-feed": 34,
    "to-bench": 18,
    "to-glue": 9,
    "to-window": 12,
    "to-sewing": 11,
    "press-feed": 61,
    "press-on": 22,
    "door-feed": 48,
    "door-work": 26,
    "galley-feed": 52,
    "to-sink": 9,
    "up-feed": 46,
    "up-east": 24,
    "heater-feed": 12,
    "heater-on": 4,
  }).map(([run, ft]) => feet(run, ft)),
]);
const takes = (box, watts, how, hours, on = "r1") => [
  note(box, on, "load", String(watts)),
  ...(how ? [note(box, on, "load-how", how)] : []),
  ...(hours ? [note(box, on, "load-long", hours)] : []),
];
await batch("What hangs on them", [
  ...takes("kettle", 1500, "cord", "no", "g1"),
  ...takes("sink", 0),
  ...takes("glue", 300, "cord", "yes"),
  ...takes("window", 90, "cord", "yes"),
  ...takes("type-door", 0),
  ...takes("press-left", 1100, "fixed", "no"),
  ...takes("press-right", 750, "fixed", "no"),
]);
const circuitFact = (circuit, value) => ({
  do: "noteCircuit",
  circuit,
  key: "purpose",
  fact: { how: "Measured", value, entered: value, who: day.by, when: day.at.slice(0, 10) },
});
const panelFact = (of, key, value) => ({
  do: "notePanel",
  panel: "panel",
  of,
  key,
  fact: { how: "Measured", value, entered: value, who: day.by, when: day.at.slice(0, 10) },
});
await batch("The panel from the front", [
  circuitFact("galley-counter", "small-appliance"),
  circuitFact("benches", "general"),
  panelFact("panel", "breakers-listed", "yes"),
  panelFact("panel", "slots-closed", "no"),
  panelFact("8", "written", "vague"),
]);

on("2026-09-28", "Ines");
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

const file = await (await fetch(`${base}/api/jobs/${job}/export?pictures=false`)).json();
file.history.forEach((line, i) => Object.assign(line, history[i]));
writeFileSync(new URL("ferry-keepers-house.json", import.meta.url), JSON.stringify(file, null, 1) + "\n");
const today = await (await fetch(`${base}/api/jobs/${job}/today`)).json();
for (const group of ["over", "full", "unknown", "fine"])
  console.log(
    group,
    today[group].map((b) => `${b.name} ${b.needed.low}/${b.available.low}`),
  );
