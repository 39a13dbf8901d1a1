import type { BoxView, Schemas, Catalogue } from "../api/client";
import { groundPlaceName } from "../model/ground";
import { words } from "../words";
import type { Placed } from "./layout";
import { BACK, spotAt } from "./layout/ways";
import { deviceName, wrap } from "../model/names";

const w = words.bench;

/** A landing place where the picture draws it: its key, its middle, and how it looks. */
export type SpotOf = { at: string; x: number; y: number; kind: string; colour: string; says: string };

type Row = {
  id: string;
  /** What the row is called, and where that stands. */
  name: string;
  x: number;
  y: number;
  spots: SpotOf[];
  /** From a strand that shares a place to that place. */
  ties: string[];
};

/** All that the picture shows of a device, or of the bonding screw. */
export type Plate = {
  id: string;
  top: number;
  height: number;
  /** Height of the heading above the first row, px. */
  head: number;
  names: string[];
  says: string;
  device: { id: string; kind: string; turned: boolean; stands: string } | null;
  /** Cables that go dead with it out. */
  dead: string[];
  /** What it protects, as a field behind those rows. */
  load: { top: number; bottom: number } | null;
  rows: Row[];
};

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const green = "#4e9a48";
const landingColour = (role: string) => (role === "Ground" ? green : /Neutral/.test(role) ? "#d5d8da" : "#d8b25a");

/** The place of a device a strand lies on; of a pigtail that comes back, the second. */
function placeOf(view: BoxView, strand: string, device: string): string | undefined {
  const id = strand.replace(BACK, "");
  const tail = view.box.pigtails?.[id];
  const ends = tail ? [tail.from, tail.to] : [view.box.leads?.[id]?.lands];
  const on = ends.filter((e) => e?.device === device);
  return (strand.endsWith(BACK) ? (on[1] ?? on[0]) : on[0])?.place ?? undefined;
}

/** A terminal's row: places in use where their strands come in, the free ones side by side. */
function terminalRow(
  view: BoxView,
  device: string,
  name: string,
  terminal: Schemas["Terminal"],
  row: Placed["blocks"][number]["rows"][number],
  x: number,
): Row {
  const used = row.tracks.map((t) => placeOf(view, t.strand, device));
  const order = [...terminal.landings].sort((p, q) => Number(used.includes(q.id)) - Number(used.includes(p.id)));
  const free = order.filter((p) => !used.includes(p.id));
  const spots = order.map((p) => {
    const on = used.indexOf(p.id);
    const side = 24 * (free.indexOf(p) + (used.length ? 1 : 0));
    return {
      at: `at:${device}:${p.id}`,
      x: x + spotAt + (on < 0 ? side : 0),
      y: on < 0 ? row.top + 12 : row.tracks[on]!.y,
      kind: p.kind,
      colour: landingColour(terminal.role),
      says: w.onTerminal(terminal.name, name, p.name),
    };
  });
  const ties = row.tracks.flatMap((t, i) => {
    const spot = spots.find((s) => s.at === `at:${device}:${used[i]}`);
    return spot && spot.y !== t.y ? [`M${x + spotAt} ${t.y}L${spot.x} ${spot.y}`] : [];
  });
  return { id: row.id, name: terminal.name, x: x + 30 + 24 * (free.length - (used.length ? 0 : 1)), y: row.top + 16, spots, ties };
}

function cableWords(view: BoxView, run: string): string {
  const cable = view.cables.find((c) => c.run === run);
  return cable?.says ?? (cable?.far ? `to ${cable.far}` : (cable?.size ?? run));
}

/** The devices and the bonding screw as the picture shows them, each a plain value that stays equal while nothing of it changes. */
export function platesOf(view: BoxView, catalogue: Catalogue, placed: Placed): Plate[] {
  const x = placed.x.block;
  return placed.blocks.flatMap((block): Plate[] => {
    const { top, height } = block;
    if (block.kind === "screw") {
      const rows = block.rows.map((row): Row => {
        const place = row.id === "screw" ? null : row.id;
        const says = groundPlaceName(place);
        const kind = place?.startsWith("clip") ? "Clip" : "Screw";
        const spot = { at: row.id, x: x + spotAt, y: row.tracks[0]?.y ?? row.top + 12, kind, colour: green, says };
        return { id: row.id, name: place === null ? w.screw : capital(says), x: x + 34, y: row.top + 16, spots: [spot], ties: [] };
      });
      const says = words.landing.BondingScrew;
      return [{ id: block.id, top, height, head: 0, names: [], says, device: null, dead: [], load: null, rows }];
    }
    if (block.kind !== "device") return [];
    const id = block.id.slice(2);
    const device = view.box.devices![id]!;
    const kind = catalogue.devices.find((k) => k.id === device.kind);
    const name = deviceName(view, id);
    const load = block.rows.filter((r) => /^load-/.test(r.id));
    const last = load[load.length - 1];
    const dead = view.cutOffWithout[id] ?? [];
    return [
      {
        id: block.id,
        top,
        height,
        head: (block.rows[0]?.top ?? top + height) - top,
        names: wrap(name, 17, 2),
        says: name,
        device: {
          id,
          kind: device.kind,
          turned: device.turned ?? false,
          stands: (device.gang ?? 0) > 0 ? words.box.gang(device.gang!) : words.box.onCanopy,
        },
        dead: dead
          .slice(0, 3)
          .map((run, i) => wrap(i === 2 && dead.length > 3 ? w.andMore(dead.length - 2) : cableWords(view, run), 27, 1)[0]!),
        load: last ? { top: load[0]!.top, bottom: last.top + Math.max(1, last.tracks.length) * 24 } : null,
        rows: block.rows.map((row) => {
          const terminal = kind?.terminals.find((t) => t.id === row.id);
          if (terminal) return terminalRow(view, id, name, terminal, row, x);
          const own = kind?.leads.find((l) => row.id.endsWith(`.${l.id}`));
          return {
            id: row.id,
            name: own?.name ?? view.box.leads?.[row.id.slice(4)]?.colour ?? "",
            x: x + 20,
            y: row.top + 16,
            spots: [],
            ties: [],
          };
        }),
      },
    ];
  });
}
