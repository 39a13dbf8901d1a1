import type { Graph, Order } from "./types";

/** Repeatable noise for restarts, so that the same box is always laid out the same way. */
function noise(seed: number) {
  let s = seed;
  return () => ((s = (s * 1664525 + 1013904223) >>> 0), s / 4294967296);
}

/** A graph with ids turned to numbers, ready for counting. */
type Numbers = {
  /** Zone A as [cuff, node]; zone B as [node, block, row in block]. */
  a: [number, number][];
  b: [number, number, number][];
  fixed: boolean[];
};

function numbers(graph: Graph): Numbers {
  const cuff = new Map(graph.cuffs.map((c, i) => [c.id, i]));
  const node = new Map(graph.middle.map((m, i) => [m.id, i]));
  const block = new Map(graph.blocks.map((b, i) => [b.id, i]));
  const row = new Map(graph.blocks.flatMap((b) => b.rows.map((r, i) => [`${b.id}|${r}`, i] as const)));
  return {
    a: graph.a.map((e) => [cuff.get(e.cuff)!, node.get(e.node)!]),
    b: graph.b.map((e) => [node.get(e.node)!, block.get(e.block)!, row.get(`${e.block}|${e.row}`)!]),
    fixed: graph.blocks.map((b) => b.kind === "device"),
  };
}

/** Crossings of an order: places of middle nodes and of blocks, by number. */
function count(n: Numbers, place: number[], blockPlace: number[]): number {
  let sum = 0;
  for (let i = 0; i < n.a.length; i++) {
    const [c1, m1] = n.a[i]!;
    for (let j = i + 1; j < n.a.length; j++) {
      const [c2, m2] = n.a[j]!;
      if (c1 !== c2 && (c1 - c2) * (place[m1]! - place[m2]!) < 0) sum++;
    }
  }
  for (let i = 0; i < n.b.length; i++) {
    const [m1, b1, r1] = n.b[i]!;
    const y1 = blockPlace[b1]! * 1000 + r1;
    for (let j = i + 1; j < n.b.length; j++) {
      const [m2, b2, r2] = n.b[j]!;
      if ((place[m1]! - place[m2]!) * (y1 - (blockPlace[b2]! * 1000 + r2)) < 0) sum++;
    }
  }
  return sum;
}

const inverse = (order: number[]) => {
  const place = new Array<number>(order.length);
  order.forEach((id, i) => (place[id] = i));
  return place;
};

function inversions(order: number[], reference: number[]): number {
  let sum = 0;
  for (let i = 0; i < order.length; i++)
    for (let j = i + 1; j < order.length; j++) if (reference[order[i]!]! > reference[order[j]!]!) sum++;
  return sum;
}

/** Sorts middle nodes by the mean place of what they hang on; what hangs on nothing keeps its place. */
function barycentre(n: Numbers, order: number[], blockPlace: number[], cuffs: number): number[] {
  const place = inverse(order);
  const mean = order.map((_, id) => {
    const at: number[] = [];
    for (const [c, m] of n.a) if (m === id) at.push((c + 0.5) / Math.max(1, cuffs));
    for (const [m, b, r] of n.b) if (m === id) at.push((blockPlace[b]! + (r + 0.5) / 10) / Math.max(1, blockPlace.length));
    return at.length ? at.reduce((x, y) => x + y, 0) / at.length : (place[id]! + 0.5) / order.length;
  });
  return [...order].sort((x, y) => mean[x]! - mean[y]! || place[x]! - place[y]!);
}

/** Moves one thing at a time to wherever it costs least, until nothing helps. */
function settle(items: number[], may: (id: number) => boolean, cost: (order: number[]) => number): number[] {
  let best = items;
  let least = cost(best);
  for (let round = 0; round < 12; round++) {
    let moved = false;
    for (const id of [...best]) {
      if (!may(id)) continue;
      const rest = best.filter((x) => x !== id);
      for (let at = 0; at <= rest.length; at++) {
        const next = [...rest.slice(0, at), id, ...rest.slice(at)];
        const c = cost(next);
        if (c < least) {
          [best, least, moved] = [next, c, true];
        }
      }
    }
    if (!moved) break;
  }
  return best;
}

/** Crossings weigh all; among equals the order nearest to the one before it wins. */
const WEIGHT = 10000;

/**
 * An order with few crossings: barycentre, then local search with a few restarts. The order before, where there was one,
 * breaks ties, so that adding one lead does not reshuffle the rest.
 */
export function orderOf(graph: Graph, before?: Order, restarts = 6): { order: Order; crossings: number } {
  const n = numbers(graph);
  const known = new Map(before?.middle.map((id, i) => [id, i]) ?? []);
  const natural = graph.middle.map((_, i) => i).sort((x, y) => graph.middle[x]!.rank - graph.middle[y]!.rank || x - y);
  const blocks = graph.blocks.map((_, i) => i);
  const blockIds = new Map(graph.blocks.map((b, i) => [b.id, i]));
  let blockOrder = blocks;
  if (before) {
    const kept = before.blocks.map((id) => blockIds.get(id)).filter((i) => i !== undefined);
    blockOrder = [...kept, ...blocks.filter((i) => !kept.includes(i))];
    const devices = blocks.filter((i) => n.fixed[i]);
    let d = 0;
    blockOrder = blockOrder.map((i) => (n.fixed[i] ? devices[d++]! : i));
  }
  const start = known.size
    ? [...natural].sort((x, y) => (known.get(graph.middle[x]!.id) ?? 1e6) - (known.get(graph.middle[y]!.id) ?? 1e6))
    : barycentre(n, natural, inverse(blockOrder), graph.cuffs.length);
  const reference = inverse(start);
  const blockReference = inverse(blockOrder);
  const cost = (middle: number[], blockOrder: number[]) =>
    count(n, inverse(middle), inverse(blockOrder)) * WEIGHT + inversions(middle, reference) + inversions(blockOrder, blockReference);
  const improve = (middle: number[], blockOrder: number[]) => {
    for (let round = 0; round < 4; round++) {
      const was = cost(middle, blockOrder);
      middle = settle(
        middle,
        () => true,
        (m) => cost(m, blockOrder),
      );
      blockOrder = settle(
        blockOrder,
        (id) => !n.fixed[id],
        (b) => cost(middle, b),
      );
      if (cost(middle, blockOrder) === was) break;
    }
    return { middle, blockOrder, cost: cost(middle, blockOrder) };
  };
  let best = improve(start, blockOrder);
  const random = noise(7);
  for (let i = 0; i < restarts && best.cost >= WEIGHT; i++) {
    const shaken = [...best.middle];
    for (let k = 0; k < 3 && shaken.length > 1; k++) {
      const [from] = shaken.splice(Math.floor(random() * shaken.length), 1);
      shaken.splice(Math.floor(random() * (shaken.length + 1)), 0, from!);
    }
    const next = improve(i === 0 ? barycentre(n, best.middle, inverse(best.blockOrder), graph.cuffs.length) : shaken, best.blockOrder);
    if (next.cost < best.cost) best = next;
  }
  return {
    order: { middle: best.middle.map((i) => graph.middle[i]!.id), blocks: best.blockOrder.map((i) => graph.blocks[i]!.id) },
    crossings: Math.floor(best.cost / WEIGHT),
  };
}

/** Only the barycentre pass, for comparison: what a plain layered drawing would do. */
export function plainOrder(graph: Graph): { order: Order; crossings: number } {
  const n = numbers(graph);
  const blocks = graph.blocks.map((_, i) => i);
  let middle = graph.middle.map((_, i) => i).sort((x, y) => graph.middle[x]!.rank - graph.middle[y]!.rank || x - y);
  for (let i = 0; i < 4; i++) middle = barycentre(n, middle, blocks, graph.cuffs.length);
  return {
    order: { middle: middle.map((i) => graph.middle[i]!.id), blocks: graph.blocks.map((b) => b.id) },
    crossings: count(n, inverse(middle), blocks),
  };
}
