import { groundPlaces } from "../model/ground";
import type { BoxView, Schemas } from "../api/client";
import type { Block, Graph, Middle } from "./layout/types";
import { BACK } from "./layout/ways";

type Catalogue = Schemas["Catalogue"];
type Landing = Schemas["Landing"];

/** A conductor as the picture shows it. */
export type Strand = {
  id: string;
  kind: "lead" | "through" | "own" | "pigtail";
  colour: string;
  markedAs: string | null;
  gauge: string | null;
  stranded: boolean;
  length: Schemas["FactOfLength"] | undefined;
  run: string | null;
  /** Where its end lies; of a pigtail, both. */
  lands: Landing[];
  /** True when a pigtail is drawn with its far end at the left. */
  flip: boolean;
};

/** Strands by id, parts of it the same while nothing of them changes. */
export type Strands = Readonly<Record<string, Strand>>;

export type Scene = { graph: Graph; strands: Map<string, Strand> };

const uses = ["Hot", "Switched", "Traveler", "Unknown", "Neutral", "IsolatedGround", "Ground"];
const rankOf = (use: string | undefined) => uses.indexOf(use ?? "Unknown");
const sides = ["Top", "Left", "Back", "Right", "Bottom"];

/** Units of grid a device's heading takes: its name, and a line for each cable that goes dead without it. */
export const headOf = (deadLines: number) => 5 + (deadLines > 0 ? deadLines + 1 : 0);

/** Cables in the order of their cuffs: as they come in, so that sheaths do not cross. */
export function cablesInOrder(view: BoxView): Schemas["CableView"][] {
  const key = (c: Schemas["CableView"]) => {
    const entry = view.box.entries?.[c.entry ?? ""];
    if (!entry) return 10000;
    const along = entry.side === "Top" || entry.side === "Right" ? 99 - (entry.place ?? 0) : (entry.place ?? 0);
    return sides.indexOf(entry.side) * 100 + along;
  };
  return [...view.cables].sort((a, b) => key(a) - key(b) || (a.run + a.side < b.run + b.side ? -1 : 1));
}

export const cuffId = (c: Schemas["CableView"]) => `${c.run}/${c.side}`;

/** The box as columns of cuffs, joints and devices, with every strand between them. */
export function sceneOf(view: BoxView, catalogue: Catalogue): Scene {
  const box = view.box;
  const strands = new Map<string, Strand>();
  const middle: Middle[] = [];
  const blocks: Block[] = [];
  const a: Graph["a"] = [];
  const b: Graph["b"] = [];
  const leads = Object.entries(box.leads ?? {});
  const tails = Object.entries(box.pigtails ?? {});

  for (const [id, lead] of leads)
    strands.set(id, {
      id,
      kind: lead.device ? "own" : (lead.form ?? "Ended") !== "Ended" ? "through" : "lead",
      colour: lead.colour,
      markedAs: lead.markedAs ?? null,
      gauge: lead.gauge ?? null,
      stranded: lead.stranded ?? false,
      length: lead.length,
      run: lead.run ?? null,
      lands: [lead.lands],
      flip: false,
    });
  for (const [id, tail] of tails)
    strands.set(id, {
      id,
      kind: "pigtail",
      colour: tail.colour,
      markedAs: null,
      gauge: tail.gauge ?? null,
      stranded: tail.stranded ?? false,
      length: tail.length,
      run: null,
      lands: [tail.from, tail.to],
      flip: tail.from.at === "Terminal" || tail.from.at === "BondingScrew",
    });

  const jointRank = (joint: string) => {
    const found = [
      ...leads.filter(([, l]) => l.lands.joint === joint).map(([, l]) => rankOf(l.use)),
      ...tails.filter(([, t]) => t.from.joint === joint || t.to.joint === joint).map(([, t]) => rankOf(t.use)),
    ];
    return found.length ? Math.min(...found) : 3;
  };
  for (const joint of Object.keys(box.joints ?? {})) middle.push({ id: joint, kind: "joint", rank: jointRank(joint) * 10 });

  const devices = Object.entries(box.devices ?? {}).sort((x, y) => (x[1].gang ?? 0) - (y[1].gang ?? 0) || (x[0] < y[0] ? -1 : 1));
  for (const [id, device] of devices) {
    const kind = catalogue.devices.find((k) => k.id === device.kind);
    const own = leads.filter(([, l]) => l.device === id).sort((x, y) => (x[1].index ?? 0) - (y[1].index ?? 0));
    const dead = Math.min(3, view.cutOffWithout[id]?.length ?? 0);
    blocks.push({
      id: `d:${id}`,
      kind: "device",
      rows: [...(kind?.terminals ?? []).map((t) => t.id), ...own.map(([lead]) => `own:${lead}`)],
      head: headOf(dead),
    });
  }
  const onScrew = (l: Landing) => l.at === "BondingScrew";
  if (
    leads.some(([, l]) => onScrew(l.lands)) ||
    tails.some(([, t]) => onScrew(t.from) || onScrew(t.to)) ||
    (box.material === "Metal" && box.contents !== "NotOpened")
  )
    blocks.push({ id: "screw", kind: "screw", rows: groundPlaces(box).map((p) => p ?? "screw"), head: 0 });

  const atBlock = (l: Landing): { block: string; row: string } | null =>
    l.at === "Terminal"
      ? { block: `d:${l.device}`, row: l.place?.split("/")[0] ?? "" }
      : l.at === "BondingScrew"
        ? { block: "screw", row: l.place ?? "screw" }
        : null;
  const inJoint = (l: Landing) => (l.at === "Joint" ? l.joint! : null);
  const node = (id: string, kind: Middle["kind"], use: string | undefined) => {
    middle.push({ id, kind, rank: rankOf(use) * 10 + 1 });
    return id;
  };

  const cuffs = cablesInOrder(view).map((c) => {
    const id = cuffId(c);
    const slots = c.leads.map((lead) => {
      const strand = box.leads![lead]!;
      const back = strand.leavesBy != null && strand.leavesBy === c.run && !(strand.run === c.run && strand.side === c.side);
      return back ? lead + BACK : lead;
    });
    return { id, slots };
  });
  const slots = new Map(cuffs.flatMap((c) => c.slots.map((s) => [s, c.id] as const)));
  for (const [id, lead] of leads) {
    const cuff = slots.get(id);
    if (cuff === undefined) continue;
    const through = slots.get(id + BACK);
    const spot = atBlock(lead.lands);
    const joint = inJoint(lead.lands);
    if (through !== undefined) {
      const bend = node(`bend:${id}`, "bend", lead.use);
      a.push({ strand: id, cuff, node: bend }, { strand: id + BACK, cuff: through, node: bend });
    } else if (joint !== null) a.push({ strand: id, cuff, node: joint });
    else if (spot) {
      const pass = node(`pass:${id}`, "pass", lead.use);
      a.push({ strand: id, cuff, node: pass });
      b.push({ strand: id, node: pass, ...spot });
    } else a.push({ strand: id, cuff, node: node(`end:${id}`, "end", lead.use) });
  }

  const loose = (id: string) => {
    blocks.push({ id: `end:${id}`, kind: "end", rows: ["end"], head: 0 });
    return { block: `end:${id}`, row: "end" };
  };
  /** A strand between two ends neither of which is a cable: a pigtail, or a device's own lead. */
  const between = (id: string, from: Landing, to: Landing, use: string | undefined, start?: { block: string; row: string }) => {
    const [spotA, spotB] = [start ?? atBlock(from), atBlock(to)];
    const [jointA, jointB] = [start ? null : inJoint(from), inJoint(to)];
    if (jointA !== null && jointB !== null) {
      blocks.push({ id: `bend:${id}`, kind: "bend", rows: ["both"], head: 0 });
      b.push(
        { strand: id, node: jointA, block: `bend:${id}`, row: "both" },
        { strand: id + BACK, node: jointB, block: `bend:${id}`, row: "both" },
      );
    } else if (spotA && spotB) {
      const bend = node(`bend:${id}`, "bend", use);
      b.push({ strand: id, node: bend, ...spotA }, { strand: id + BACK, node: bend, ...spotB });
    } else b.push({ strand: id, node: jointA ?? jointB ?? node(`end:${id}`, "end", use), ...(spotA ?? spotB ?? loose(id)) });
  };
  for (const [id, tail] of tails) between(id, tail.from, tail.to, tail.use);
  for (const [id, lead] of leads.filter(([, l]) => l.device))
    between(id, lead.lands, lead.lands, lead.use, { block: `d:${lead.device}`, row: `own:${id}` });
  return { graph: { cuffs, middle, blocks, a, b }, strands };
}

/** What a strand's outline adds to its thickness, px. */
export const outline = 2.4;

/** Thickness on the picture by gauge, px, so that neighbours on the grid stay apart; a gauge nobody could tell is drawn middling. */
export const thickness = (gauge: string | null): number =>
  ({ "18": 2.2, "16": 2.7, "14": 3.5, "12": 4.3, "10": 5, "8": 5.3, "6": 5.6 })[gauge ?? ""] ?? (gauge === null ? 3.9 : 5.6);

/** A strand's figure, px: as high as this, as wide as its letters at twelve pixels and room at the sides. */
export const labelHeight = 18;
export const labelWidth = (text: string) => Math.round(text.length * 7.3 + 14);
