import { lanesOf, type Stretch } from "./lanes";
import { orderOf } from "./order";
import { nudge, tracksOf, type Tracks } from "./place";
import { U, type Graph, type Order, type Placed, type Point, type Route } from "./types";

export { orderOf, plainOrder } from "./order";
export * from "./types";

/** Widths, px: cuff, its label column, the middle, the label column of pigtails, a block. */
export const wide = { box: 188, cuff: 14, labelA: 156, middle: 126, labelB: 98, block: 172 } as const;
const MOVES = 80;
/** Zones grow by so many lanes at a time, so that one more strand seldom moves what stands beyond it. */
const LANES = 4;
const SPARE = 2;
/** Least height, px, so that the box and its depth have room at the side. */
const LEAST = 330;
const EDGE = 8;

/** Stretches of a zone in units: A from cuff to middle, B from middle to rows. */
function stretches(tracks: Tracks): { a: Stretch[]; b: Stretch[] } {
  const slot = new Map(tracks.cuffs.flatMap((c) => [...c.slots]));
  const row = new Map(tracks.blocks.flatMap((b) => b.rows.flatMap((r) => r.strands.map((s, i) => [s, r.at[i]!] as const))));
  return {
    a: tracks.middle.flatMap((m) => m.left.map((s, i) => ({ strand: s, node: m.id, from: slot.get(s)!, to: m.leftAt[i]! }))),
    b: tracks.middle.flatMap((m) => m.right.map((s, i) => ({ strand: s, node: m.id, from: m.rightAt[i]!, to: row.get(s)! }))),
  };
}

/** The whole picture of a graph: everything's place and every strand's way, the same for the same graph and order before. */
export function layout(graph: Graph, before?: Order): Placed {
  const { order, crossings } = orderOf(graph, before);
  return arrange(graph, order, crossings);
}

/** Places and ways for an order that is given. */
export function arrange(graph: Graph, order: Order, crossings: number): Placed {
  const tracks = tracksOf(graph, order);
  let zones = stretches(tracks);
  let a = lanesOf(zones.a);
  let b = lanesOf(zones.b);
  for (let i = 0; i < MOVES && ("move" in a || "move" in b); i++) {
    nudge(tracks, "move" in a ? a.move : (b as { move: string }).move);
    zones = stretches(tracks);
    a = lanesOf(zones.a);
    b = lanesOf(zones.b);
  }
  if ("move" in a || "move" in b) throw new Error("These strands cannot be laid out.");

  const zoneWidth = (lanes: number) => (Math.ceil((lanes + SPARE) / LANES) * LANES + 1) * U;
  const xCuff = wide.box;
  const xLabelA = xCuff + wide.cuff;
  const xa = xLabelA + wide.labelA;
  const xMiddle = xa + zoneWidth(a.count);
  const xMiddleEnd = xMiddle + wide.middle;
  const xLabelB = xMiddleEnd + zoneWidth(b.count);
  const xBlock = xLabelB + wide.labelB;
  const route = (s: Stretch, zone: "a" | "b", lanes: Map<string, number>): Route => {
    const [x0, x1, base] = zone === "a" ? [xLabelA, xMiddle, xa] : [xMiddleEnd, xBlock, xMiddleEnd];
    const lane = lanes.get(s.strand);
    const points: Point[] =
      lane === undefined
        ? [
            [x0, s.from * U],
            [x1, s.to * U],
          ]
        : [
            [x0, s.from * U],
            [base + (lane + 1) * U, s.from * U],
            [base + (lane + 1) * U, s.to * U],
            [x1, s.to * U],
          ];
    return { strand: s.strand, points, zone };
  };
  const kinds = new Map(graph.middle.map((m) => [m.id, m.kind]));
  const blockKinds = new Map(graph.blocks.map((b) => [b.id, b.kind]));
  const pairs = (strands: string[], at: number[]) => strands.map((strand, i) => ({ strand, y: at[i]! * U }));
  return {
    order,
    crossings,
    width: xBlock + wide.block + EDGE,
    height: Math.max(LEAST, tracks.height * U),
    x: { cuff: xCuff, labelA: xLabelA, middle: xMiddle, middleEnd: xMiddleEnd, labelB: xLabelB, block: xBlock },
    cuffs: tracks.cuffs.map((c) => ({
      id: c.id,
      top: c.top * U,
      height: c.height * U,
      slots: [...c.slots].map(([strand, y]) => ({ strand, y: y * U })),
    })),
    middle: tracks.middle.map((m) => ({
      id: m.id,
      kind: kinds.get(m.id)!,
      top: m.top * U,
      height: m.height * U,
      left: pairs(m.left, m.leftAt),
      right: pairs(m.right, m.rightAt),
    })),
    blocks: tracks.blocks.map((b) => ({
      id: b.id,
      kind: blockKinds.get(b.id)!,
      top: b.top * U,
      height: b.height * U,
      rows: b.rows.map((r) => ({ id: r.id, top: r.top * U, tracks: pairs(r.strands, r.at) })),
    })),
    routes: [...zones.a.map((s) => route(s, "a", a.lanes)), ...zones.b.map((s) => route(s, "b", b.lanes))],
  };
}
