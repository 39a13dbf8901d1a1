/** A stretch to be routed: from track `from` at the left to track `to` at the right, in units. */
export type Stretch = { strand: string; node: string; from: number; to: number };

/**
 * Lanes for the upright parts of a zone, from the left, so that nothing lies on anything else and no two strands cross
 * more often than their order makes them. A node to move when that cannot be done.
 */
export function lanesOf(all: readonly Stretch[]): { lanes: Map<string, number>; count: number } | { move: string } {
  const moving = all.filter((s) => s.from !== s.to);
  const before = new Map<Stretch, Set<Stretch>>(moving.map((s) => [s, new Set()]));
  const first = (a: Stretch, b: Stretch) => before.get(b)!.add(a);
  for (const a of moving) {
    for (const b of moving) {
      if (a === b) continue;
      if (a.from === b.to) first(a, b);
      if (a.from < b.from && a.to < b.to && overlap(a, b)) {
        const down = a.to > a.from;
        if (down === b.to > b.from) {
          if (down) first(b, a);
          else first(a, b);
        }
      }
    }
  }
  const lanes = new Map<string, number>();
  const lane = new Map<Stretch, number>();
  const held: Stretch[][] = [];
  const left = new Set(moving);
  while (left.size > 0) {
    const ready = [...left].filter((s) => ![...before.get(s)!].some((p) => left.has(p)));
    if (ready.length === 0) return { move: stuck(left, before) };
    ready.sort((a, b) => Math.abs(a.to - a.from) - Math.abs(b.to - b.from) || a.from - b.from);
    const next = ready[0]!;
    let at = Math.max(0, ...[...before.get(next)!].map((p) => lane.get(p)! + 1));
    while (held[at]?.some((h) => overlap(h, next))) at++;
    (held[at] ??= []).push(next);
    lane.set(next, at);
    lanes.set(next.strand, at);
    left.delete(next);
  }
  return { lanes, count: held.length };
}

/** True when upright parts would touch or lie within a unit of each other in one lane. */
function overlap(a: Stretch, b: Stretch): boolean {
  return Math.max(Math.min(a.from, a.to), Math.min(b.from, b.to)) <= Math.min(Math.max(a.from, a.to), Math.max(b.from, b.to));
}

/** The node to move out of a ring of strands that each want to turn first: one whose track two of them share. */
function stuck(left: ReadonlySet<Stretch>, before: ReadonlyMap<Stretch, Set<Stretch>>): string {
  let s = [...left][0]!;
  const seen: Stretch[] = [];
  while (!seen.includes(s)) {
    seen.push(s);
    s = [...before.get(s)!].find((p) => left.has(p))!;
  }
  const ring = seen.slice(seen.indexOf(s));
  const shared = ring.find((a) => ring.some((b) => b !== a && a.from === b.to));
  return (shared ?? ring[0]!).node;
}
