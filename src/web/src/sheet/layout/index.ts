/**
 * What the layout needs of a stop: its key, the stop it comes from, whether ground-fault protection stands ahead of it, and whether it
 * is a mere end, whose name stands beside it and not under it.
 */
export type StopIn = { key: string; from: string | null; guarded: boolean; end: boolean };

export type RailIn = { key: string; stops: readonly StopIn[] };

/** A stop in its place. Columns count from the panel, rows from the top of its rail. */
export type StopOut = { key: string; column: number; row: number; x: number; y: number };

/** A way from one stop, or from the panel, to the next. */
export type WayOut = { to: string; d: string; x1: number; x2: number; y: number };

/** A stretch that is protected, along one row. */
export type StretchOut = { x: number; y: number; width: number; keys: string[] };

export type RailOut = { key: string; top: number; height: number; stops: StopOut[]; ways: WayOut[]; stretches: StretchOut[] };

export type SheetOut = { rails: RailOut[]; width: number; height: number };

/**
 * Measures, px: where the rails leave the panel, where the first stops stand, from stop to stop, from row to row and to a row of mere
 * ends, and the square of a stop.
 */
export const U = { panel: 196, first: 412, column: 134, row: 64, low: 36, stop: 26, lead: 26 } as const;

/**
 * Every rail laid out by itself, one below the other: a stop stands a column after the one it comes from; the way on that most hangs on
 * keeps the row, and each fork goes to the next row below that is free from there on. The record alone decides, so that one stop more
 * moves hardly another to a new rail or past its neighbours.
 */
export function layout(rails: readonly RailIn[]): SheetOut {
  let top = 0;
  const out = rails.map((rail) => {
    const placed = railOf(rail, top);
    top += placed.height;
    return placed;
  });
  const ends = new Set(rails.flatMap((r) => r.stops.filter((s) => s.end).map((s) => `${r.key}|${s.key}`)));
  const columns = Math.max(0, ...out.flatMap((r) => r.stops.map((s) => s.column + (ends.has(`${r.key}|${s.key}`) ? 0.75 : 0))));
  return { rails: out, width: U.first + columns * U.column + U.column / 2 + 8, height: top };
}

function railOf(rail: RailIn, top: number): RailOut {
  const known = new Set(rail.stops.map((s) => s.key));
  const next = new Map<string | null, StopIn[]>();
  for (const s of rail.stops) {
    const from = s.from !== null && known.has(s.from) ? s.from : null;
    next.set(from, [...(next.get(from) ?? []), s]);
  }
  // The way on that most hangs on goes straight: one stop more seldom makes another way the longest.
  const weight = weightsOf(rail, next);
  for (const [from, on] of next)
    if (from !== null)
      next.set(
        from,
        on
          .map((s, i) => [s, i] as const)
          .sort(([a, i], [b, k]) => weight.get(b.key)! - weight.get(a.key)! || i - k)
          .map(([s]) => s),
      );
  const places = new Map<string, { column: number; row: number }>();
  const free = new Rows();
  const put = (first: StopIn, column: number, from: number, lowest: number) => {
    const chain: StopIn[] = [];
    for (let s: StopIn | undefined = first; s && !places.has(s.key); s = next.get(s.key)?.[0]) {
      places.set(s.key, { column: column + chain.length, row: -1 });
      chain.push(s);
    }
    // The name of an end stands where the next stop would.
    const row = free.take(lowest, from, column + chain.length - (chain[chain.length - 1]!.end ? 0 : 1));
    chain.forEach((s, i) => places.set(s.key, { column: column + i, row }));
    // Forks of the last stops first: their ways down stand to the right of those before, and cross none.
    for (const s of [...chain].reverse()) {
      const at = places.get(s.key)!;
      for (const fork of (next.get(s.key) ?? []).slice(1)) if (!places.has(fork.key)) put(fork, at.column + 1, at.column, row + 1);
    }
  };
  for (const first of next.get(null) ?? []) if (!places.has(first.key)) put(first, 0, -1, 0);

  const tops = topsOf(rail, places, free.count);
  const y = (row: number) => top + tops[row]! + (row > 0 && isLow(tops, row) ? U.low / 2 : U.lead);
  const x = (column: number) => U.first + column * U.column;
  const stops = rail.stops.map(({ key }) => {
    const { column, row } = places.get(key)!;
    return { key, column, row, x: x(column), y: y(row) };
  });
  const at = new Map(stops.map((s) => [s.key, s]));
  const ways = rail.stops.map(({ key, from }) => {
    const here = at.get(key)!;
    const before = from === null ? undefined : at.get(from);
    return { to: key, ...wayOf(before ?? { x: U.panel - U.stop / 2, y: y(0), row: 0 }, here, before ? U.column / 2 : 0) };
  });
  const height = tops[tops.length - 1]!;
  return { key: rail.key, top, height, stops, ways, stretches: stretchesOf(rail, at) };
}

/** How much hangs on each stop, itself among it; mere ends weigh less than any box. */
function weightsOf(rail: RailIn, next: ReadonlyMap<string | null, readonly StopIn[]>): ReadonlyMap<string, number> {
  const weights = new Map<string, number>();
  // Each stop is given after the one it comes from, so that from the last on all behind a stop is known.
  for (const s of [...rail.stops].reverse()) {
    const behind = (next.get(s.key) ?? []).reduce((sum, n) => sum + (weights.get(n.key) ?? 0), 0);
    weights.set(s.key, behind + (s.end ? 0.01 : 1));
  }
  return weights;
}

/** Where each row begins, and where the last ends: a row below the first that holds mere ends is low. */
function topsOf(rail: RailIn, places: ReadonlyMap<string, { row: number }>, rows: number): number[] {
  const tall = new Set([0, ...rail.stops.filter((s) => !s.end).map((s) => places.get(s.key)!.row)]);
  const tops = [0];
  for (let row = 0; row < Math.max(1, rows); row++) tops.push(tops[row]! + (tall.has(row) ? U.row : U.low));
  return tops;
}

const isLow = (tops: readonly number[], row: number) => tops[row + 1]! - tops[row]! === U.low;

/** Straight on, or down beside the stop it forks from and then along its own row. */
function wayOf(from: { x: number; y: number; row: number }, to: StopOut, bend: number) {
  const [x1, x2] = [from.x + U.stop / 2, to.x - U.stop / 2];
  if (from.row === to.row) return { d: `M${x1} ${from.y}H${x2}`, x1, x2, y: to.y };
  const turn = bend > 0 ? x1 + 14 : x1 + 8;
  const r = 10;
  return {
    d: `M${x1} ${from.y}H${turn - r}Q${turn} ${from.y} ${turn} ${from.y + r}V${to.y - r}Q${turn} ${to.y} ${turn + r} ${to.y}H${x2}`,
    x1: turn + r,
    x2,
    y: to.y,
  };
}

/** Protected stops that follow each other on a row, as one stretch from just after what protects them. */
function stretchesOf(rail: RailIn, at: ReadonlyMap<string, StopOut>): StretchOut[] {
  const rows = new Map<number, StopOut[]>();
  const ends = new Set(rail.stops.filter((s) => s.end).map((s) => s.key));
  for (const s of rail.stops.filter((stop) => stop.guarded)) {
    const here = at.get(s.key)!;
    rows.set(here.row, [...(rows.get(here.row) ?? []), here]);
  }
  return [...rows.entries()].flatMap(([, stops]) => {
    const runs: StopOut[][] = [];
    for (const s of [...stops].sort((a, b) => a.column - b.column)) {
      const last = runs[runs.length - 1];
      if (last && last[last.length - 1]!.column === s.column - 1) last.push(s);
      else runs.push([s]);
    }
    return runs.map((run) => {
      const [first, last] = [run[0]!, run[run.length - 1]!];
      const x = first.x - U.column / 2 - 10;
      const beyond = ends.has(last.key) ? 2 : 12;
      return { x, y: first.y, width: last.x - x + U.stop / 2 + beyond, keys: run.map((s) => s.key) };
    });
  });
}

/** Which columns of each row are taken. */
class Rows {
  private readonly taken: [number, number][][] = [];

  get count() {
    return this.taken.length;
  }

  /** The first row from the lowest on where these columns are free, taken. The column it comes down in counts as its own. */
  take(lowest: number, from: number, to: number): number {
    for (let row = lowest; ; row++) {
      const here = (this.taken[row] ??= []);
      if (here.every(([a, b]) => to < a || from > b)) {
        here.push([from, to]);
        // The way down to it stands in the rows between: nothing may lie across it there.
        for (let above = lowest; above < row; above++) this.taken[above]!.push([from, from]);
        return row;
      }
    }
  }
}
