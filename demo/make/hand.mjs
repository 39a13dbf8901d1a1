// What the demo is written in: how an edit is sent, and the edits that come again and again.

export const base = process.argv[2] ?? "http://127.0.0.1:5290";
export const job = "ferry-keepers-house";
export const history = [];
export const day = { at: "2026-09-14T08:00:00.000Z", by: "Ines" };

export async function call(path, body) {
  const reply = await fetch(base + path, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) });
  if (!reply.ok) throw new Error(`${path}: ${await reply.text()}\n${JSON.stringify(body)}`);
  return reply.json();
}

export let n = 0;
export async function edit(e) {
  n++;
  const id = `demo.${String(n).padStart(3, "0")}`;
  await call(`/api/jobs/${job}/edits`, { id, by: day.by, base: n - 1, edit: e });
  day.at = new Date(Date.parse(day.at) + 97_000).toISOString();
  history.push({ ...day });
}
export const on = (date, by) => Object.assign(day, { at: `${date}T08:10:00.000Z`, by });

export const batchOf = (name, edits) => ({ do: "batch", name, edits });
export const batch = (name, edits) => edit(batchOf(name, edits));

export const nm = (size, extra = {}) => {
  const [gauge, conductors] = size.split("-");
  return { type: "NmB", gauge, conductors: Number(conductors), ground: "Bare", ...extra };
};
export const old = { type: "OldTwoWire", gauge: "14", conductors: 2, ground: "None", colours: ["black", "white"] };
export const lead = (run, i, side = "a") => `${run}.${side}${i}`;

export const add = (id, name, kind, place, contents = "Complete", extra = {}) => ({
  do: "addBox",
  id,
  name,
  kind,
  place,
  contents,
  ...extra,
});
export const cable = (box, run, spec, side, says, feeds = "FeedsOn") => ({
  do: "addCable",
  box,
  run,
  entry: `k-${run}-${box}`.slice(0, 60),
  cable: spec,
  side,
  says,
  feeds,
});
export const follow = (box, run, side, says, feeds = "FeedsIn") => ({
  do: "connectRun",
  box,
  run,
  end: "B",
  entry: `k-${run}-${box}`.slice(0, 60),
  side,
  says,
  feeds,
});
export const device = (box, id, kind, gang = 1, name) => ({ do: "addDevice", box, id, kind, gang, name });
export const join = (box, joint, name, connector, leads) => ({ do: "joinLeads", box, joint, name, connector, leads });
export const tail = (box, id, from, device, place, length = "8") => ({
  do: "addPigtail",
  box,
  id,
  from: { at: "Joint", joint: from },
  to: { at: "Terminal", device, place },
  length: { how: "Measured", value: length, entered: length, who: day.by, when: day.at.slice(0, 10) },
});
export const bond = (box, length = "8") => ({
  do: "addPigtail",
  box,
  id: "bond",
  from: { at: "Joint", joint: "grounds" },
  to: { at: "BondingScrew" },
  length: { how: "Measured", value: length, entered: length },
});
export const land = (box, leadId, device, place) => ({ do: "moveLead", box, lead: leadId, to: { at: "Terminal", device, place } });
export const long = (box, leadId, text) => ({
  do: "setLeadLength",
  box,
  lead: leadId,
  length: { how: "Measured", value: text, entered: text, who: day.by, when: day.at.slice(0, 10) },
});

// Hots, neutrals and grounds of some two-wire cables joined, with a pigtail each to a receptacle-like device.
export function joined(box, device, runs, { hot = "hot-upper/screw", neutral = "neutral-upper/screw", size = "medium" } = {}) {
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

// What was looked at and measured, as one takes it with a tape and a torch.
export const note = (box, of, key, value) => ({
  do: "noteFact",
  box,
  of,
  key,
  fact: { how: "Measured", value, entered: value, who: day.by, when: day.at.slice(0, 10) },
});
export const end = (run, side = "a") => `${run}.${side}`;
export const circuitOf = (circuit, ...runs) => runs.map((run) => ({ do: "setRun", run, circuit }));
