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
