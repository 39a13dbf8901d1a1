// The house, its rooms, sources, panel and circuits.
import { batch, call, edit, job, on } from "./hand.mjs";

await call("/api/jobs", { id: job, name: "Ferry keeper's house" });

on("2026-09-14", "Ines");
const places = {
  press: ["Press room", "Dry", "workshop"],
  type: ["Type store", "Dry", "storage"],
  bindery: ["Bindery", "Dry", "workshop"],
  galley: ["Galley kitchen", "Dry", "kitchen"],
  wash: ["Wash room", "Dry", "bathroom"],
  landing: ["Landing", "Dry", "hall"],
  east: ["East bedroom", "Dry", "bedroom"],
  west: ["West bedroom", "Dry", "bedroom"],
  cellar: ["Cellar", "Dry", "basement"],
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
