import type { Graph, Order } from "./types";

/** Sizes in units of the grid. */
export const size = { cuffHead: 3, slot: 2, cuffGap: 1, caption: 3, row: 2, blockGap: 2 } as const;

export type Tracks = {
  cuffs: { id: string; top: number; height: number; slots: Map<string, number> }[];
  middle: { id: string; top: number; height: number; left: string[]; right: string[]; leftAt: number[]; rightAt: number[] }[];
  blocks: { id: string; top: number; height: number; rows: { id: string; top: number; strands: string[]; at: number[] }[] }[];
  height: number;
};

/** Places whose order and least distances are given as near as can be to where each wants to be (least sum of distances). */
export function nearest(wants: number[][], heights: number[]): number[] {
  type Run = { first: number; top: number; wants: number[]; height: number };
  const runs: Run[] = [];
  wants.forEach((w, i) => {
    let run: Run = { first: i, top: 0, wants: [...w], height: heights[i]! };
    run.top = median(run.wants, runs.length ? runs[runs.length - 1]!.top + runs[runs.length - 1]!.height : 0);
    while (runs.length && runs[runs.length - 1]!.top + runs[runs.length - 1]!.height > run.top) {
      const above = runs.pop()!;
      const wants = [...above.wants, ...run.wants.map((x) => x - above.height)];
      run = { first: above.first, top: median(wants, above.top), wants, height: above.height + run.height };
    }
    runs.push(run);
  });
  const tops: number[] = [];
  let free = 0;
  for (const run of runs) {
    let top = Math.max(free, run.top);
    const end = runs.indexOf(run) + 1 < runs.length ? runs[runs.indexOf(run) + 1]!.first : heights.length;
    for (let i = run.first; i < end; i++) {
      tops[i] = top;
      top += heights[i]!;
    }
    free = top;
  }
  return tops;
}

function median(values: number[], otherwise: number): number {
  if (values.length === 0) return otherwise;
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[(sorted.length - 1) >> 1]!;
}

/** Tracks of every strand in units, from the order. Cuffs and blocks stand by themselves; the middle goes to meet them. */
export function tracksOf(graph: Graph, order: Order): Tracks {
  const place = new Map(order.middle.map((id, i) => [id, i]));
  const at = (e: { node: string }) => place.get(e.node)!;
  const rowStrands = new Map<string, typeof graph.b>();
  for (const e of graph.b) {
    const key = `${e.block}|${e.row}`;
    rowStrands.set(key, [...(rowStrands.get(key) ?? []), e]);
  }

  const cuffHeights = graph.cuffs.map((c) => size.cuffHead + c.slots.length * size.slot + size.cuffGap);
  const blocks = order.blocks.map((id) => graph.blocks.find((b) => b.id === id)!);
  const rowHeight = (block: string, row: string) => Math.max(1, rowStrands.get(`${block}|${row}`)?.length ?? 0) * size.row;
  const blockHeights = blocks.map((b) => b.head + b.rows.reduce((s, r) => s + rowHeight(b.id, r), 0) + size.blockGap);
  const sum = (all: number[]) => all.reduce((x, y) => x + y, 0);
  const tall = Math.max(sum(cuffHeights), sum(blockHeights));

  let y = Math.floor((tall - sum(cuffHeights)) / 2);
  const cuffs = graph.cuffs.map((c, i) => {
    const own = graph.a
      .filter((e) => e.cuff === c.id)
      .sort((e, f) => at(e) - at(f) || c.slots.indexOf(e.strand) - c.slots.indexOf(f.strand));
    const inOrder = [...own.map((e) => e.strand), ...c.slots.filter((s) => !own.some((e) => e.strand === s))];
    const slots = new Map(inOrder.map((s, k) => [s, y + size.cuffHead + 1 + k * size.slot]));
    const cuff = { id: c.id, top: y, height: cuffHeights[i]! - size.cuffGap, slots };
    y += cuffHeights[i]!;
    return cuff;
  });

  y = Math.floor((tall - sum(blockHeights)) / 2);
  const placedBlocks = blocks.map((b, i) => {
    let rowTop = y + b.head;
    const rows = b.rows.map((r) => {
      const strands = (rowStrands.get(`${b.id}|${r}`) ?? []).sort((e, f) => at(e) - at(f)).map((e) => e.strand);
      const row = { id: r, top: rowTop, strands, at: strands.map((_, k) => rowTop + 1 + k * size.row) };
      rowTop += rowHeight(b.id, r);
      return row;
    });
    const block = { id: b.id, top: y, height: blockHeights[i]! - size.blockGap, rows };
    y += blockHeights[i]!;
    return block;
  });

  const slotAt = new Map(cuffs.flatMap((c) => [...c.slots]));
  const rowAt = (block: string, row: string, strand: string) => {
    const found = placedBlocks.find((b) => b.id === block)!.rows.find((r) => r.id === row)!;
    return found.at[found.strands.indexOf(strand)]!;
  };
  const middle = order.middle.map((id) => {
    const node = graph.middle.find((m) => m.id === id)!;
    const left = graph.a.filter((e) => e.node === id).sort((e, f) => slotAt.get(e.strand)! - slotAt.get(f.strand)!);
    const right = graph.b.filter((e) => e.node === id).sort((e, f) => rowAt(e.block, e.row, e.strand) - rowAt(f.block, f.row, f.strand));
    const n = Math.max(left.length, right.length);
    const ports = (count: number) => Array.from({ length: count }, (_, i) => i + Math.floor((n - count) / 2));
    const shape =
      node.kind === "joint"
        ? {
            height: size.caption + Math.max(2, n) + 1,
            leftAt: ports(left.length).map((p) => p + size.caption),
            rightAt: ports(right.length).map((p) => p + size.caption),
          }
        : node.kind === "bend"
          ? { height: 4, leftAt: left.map((_, i) => 2 * i), rightAt: right.map((_, i) => 2 * i) }
          : { height: node.kind === "end" ? 2 : 1, leftAt: left.map((_, i) => i), rightAt: right.map((_, i) => i) };
    const wants = [
      ...left.map((e, i) => slotAt.get(e.strand)! - shape.leftAt[i]!),
      ...right.map((e, i) => rowAt(e.block, e.row, e.strand) - shape.rightAt[i]!),
    ];
    return { id, ...shape, left: left.map((e) => e.strand), right: right.map((e) => e.strand), wants };
  });
  const tops = nearest(
    middle.map((m) => m.wants),
    middle.map((m) => m.height),
  );
  const placedMiddle = middle.map((m, i) => ({
    id: m.id,
    top: tops[i]!,
    height: m.height,
    left: m.left,
    right: m.right,
    leftAt: m.leftAt.map((o) => o + tops[i]!),
    rightAt: m.rightAt.map((o) => o + tops[i]!),
  }));
  return { cuffs, middle: placedMiddle, blocks: placedBlocks, height: Math.max(tall, ...placedMiddle.map((m) => m.top + m.height)) };
}

/** Moves a middle node down by a unit, and what it then pushes. */
export function nudge(tracks: Tracks, id: string): void {
  let from = tracks.middle.findIndex((m) => m.id === id);
  for (let free = -1; from < tracks.middle.length; from++) {
    const node = tracks.middle[from]!;
    const by = free < 0 ? 1 : Math.max(0, free - node.top);
    if (by === 0) return;
    node.top += by;
    node.leftAt = node.leftAt.map((y) => y + by);
    node.rightAt = node.rightAt.map((y) => y + by);
    free = node.top + node.height;
    tracks.height = Math.max(tracks.height, free);
  }
}
