// Home runs followed to the panel, what hangs on them, and the panel from the front.
import { batch, day, note, on } from "./hand.mjs";

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
const nothing = (box, on = "r1") => note(box, on, "load", "0");
const hangs = (id, name, watts, hours, box, more = {}) => ({
  do: "putAppliance",
  id,
  appliance: { name, watts, hours, box, device: "r1", ...more },
});
const fixed = { how: "Fixed", motor: true };
await batch("What hangs on them", [
  hangs("kettle", "kettle", 1500, 0.2, "kettle", { device: "g1" }),
  nothing("sink"),
  hangs("glue-pot", "glue pot", 300, 6, "glue"),
  hangs("bench-lamp", "bench lamp", 90, 5, "window"),
  nothing("type-door"),
  hangs("proof-press", "proofing press", 1100, 2, "press-left", fixed),
  hangs("board-shears", "board shears", 750, 0.5, "press-right", fixed),
  hangs("fan-heater", "small fan heater", 750, 4, null, { device: null }),
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
  panelFact("panel", "one-source", "yes"),
  panelFact("8", "written", "vague"),
]);

on("2026-09-28", "Ines");
