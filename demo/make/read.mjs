// Breakers thrown, readings, a proof of dead, a buyer's list and pictures.
import { readFileSync } from "node:fs";
import { add, base, batch, bond, cable, circuitOf, day, edit, job, join, lead, n, nm, note, on } from "./hand.mjs";

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
    body: readFileSync(new URL(`../pictures/${box}.jpg`, import.meta.url)),
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
  bond("heater-joint"),
  ...circuitOf("heater", "heater-feed", "heater-on"),
  { do: "endAtPanel", run: "heater-feed", end: "B", panel: "panel" },
  { do: "endAtLoad", run: "heater-on", end: "B", says: "water heater" },
  note("heater-joint", "heater-on.a", "far-load", "4500"),
  note("heater-joint", "heater-on.a", "far-load-long", "yes"),
]);
