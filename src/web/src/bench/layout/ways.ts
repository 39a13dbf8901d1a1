import { wide } from ".";
import type { Placed, Point } from "./types";

/** The second part of a strand that bends back carries its name with this at the end. */
export const BACK = "~";

/** A strand's whole way, where its figure sits, and where its ends can be picked. */
export type Way = {
  strand: string;
  points: Point[];
  label: { x: number; y: number; zone: "a" | "b" };
  ends: { x: number; y: number; far: boolean }[];
};

/** Half a joint's body, and where its faces and free ends lie in the middle column, px. */
export const knot = { half: 24, at: wide.middle / 2, end: 30, bend: 26 } as const;

/** Where the landing spots of a block lie from its left side, px. */
export const spotAt = 15;

/** How far into a block a strand goes, and how far before that it is picked up, px. */
const touch = 5;
const grip = 9;

/** Every strand as one line of points, from what the routes of its parts say. */
export function waysOf(placed: Placed): Way[] {
  const { x } = placed;
  const a = new Map(placed.routes.filter((r) => r.zone === "a").map((r) => [r.strand, r.points]));
  const b = new Map(placed.routes.filter((r) => r.zone === "b").map((r) => [r.strand, r.points]));
  const ways: Way[] = [];
  const left = x.middle + knot.at - knot.half;
  const right = x.middle + knot.at + knot.half;
  const labelA = (points: readonly Point[]) => ({ x: x.labelA + 8, y: points[0]![1], zone: "a" as const });
  const labelB = (points: readonly Point[]) => ({ x: x.labelB + 4, y: points[points.length - 1]![1], zone: "b" as const });
  const reversed = (points: readonly Point[]) => [...points].reverse();
  const landed = (points: readonly Point[], block: boolean): Point[] => {
    const [lx, ly] = points[points.length - 1]!;
    return block ? [...points, [lx + touch, ly]] : [...points, [lx + knot.end, ly]];
  };
  const blockKind = new Map(placed.blocks.flatMap((k) => k.rows.flatMap((r) => r.tracks.map((t) => [t.strand, k.kind] as const))));

  for (const node of placed.middle) {
    if (node.kind === "pass") {
      const strand = node.left[0]!.strand;
      const points = landed([...a.get(strand)!, ...b.get(strand)!], true);
      const [ex, ey] = points[points.length - 1]!;
      ways.push({ strand, points, label: labelA(points), ends: [{ x: ex - grip, y: ey, far: false }] });
    } else if (node.kind === "bend") {
      const side = node.left.length > 0 ? "a" : "b";
      const [one, two] = side === "a" ? node.left : node.right;
      const base = one!.strand.replace(BACK, "");
      const back = base + BACK;
      const turn = side === "a" ? x.middle + knot.bend : x.middleEnd - knot.bend;
      const first = side === "a" ? a.get(base)! : reversed(landed(b.get(base)!, true));
      const second = side === "a" ? reversed(a.get(back)!) : landed(b.get(back)!, true);
      const y1 = first[first.length - 1]![1];
      const points: Point[] = [...first, [turn, y1], [turn, y1 === one!.y ? two!.y : one!.y], ...second];
      const end = points[points.length - 1]!;
      const start = points[0]!;
      ways.push({
        strand: base,
        points,
        label: side === "a" ? labelA(points) : { ...labelB(points), y: b.get(base)!.at(-1)![1] },
        ends:
          side === "a"
            ? []
            : [
                { x: start[0] - grip, y: start[1], far: false },
                { x: end[0] - grip, y: end[1], far: true },
              ],
      });
    } else {
      for (const port of node.left) {
        const points: Point[] = node.kind === "joint" ? [...a.get(port.strand)!, [left, port.y]] : landed(a.get(port.strand)!, false);
        const [ex, ey] = points[points.length - 1]!;
        ways.push({
          strand: port.strand,
          points,
          label: labelA(points),
          ends: [{ x: node.kind === "joint" ? ex - 12 : ex, y: ey, far: false }],
        });
      }
      for (const port of node.right) {
        if (blockKind.get(port.strand) === "bend") continue;
        const start: Point = node.kind === "joint" ? [right, port.y] : [x.middleEnd - knot.end, port.y];
        const points = [start, ...landed(b.get(port.strand)!, true)];
        const [ex, ey] = points[points.length - 1]!;
        ways.push({
          strand: port.strand,
          points,
          label: labelB(points.slice(0, -1)),
          ends: [
            { x: start[0] + (node.kind === "joint" ? 12 : 0), y: start[1], far: false },
            { x: ex - grip, y: ey, far: true },
          ],
        });
      }
    }
  }
  for (const block of placed.blocks.filter((k) => k.kind === "bend")) {
    const base = block.rows[0]!.tracks[0]!.strand.replace(BACK, "");
    const out = b.get(base)!;
    const back = b.get(base + BACK)!;
    const turn = (way: readonly Point[]): Point => [x.block + knot.bend, way[way.length - 1]![1]];
    const points: Point[] = [[right, out[0]![1]], ...out, turn(out), turn(back), ...reversed(back), [right, back[0]![1]]];
    const end = points[points.length - 1]!;
    ways.push({
      strand: base,
      points,
      label: labelB(out),
      ends: [
        { x: right + 12, y: out[0]![1], far: false },
        { x: end[0] + 12, y: end[1], far: true },
      ],
    });
  }
  return ways;
}

/** A line through points with its corners rounded. */
export function pathOf(points: readonly Point[], radius = 10): string {
  const kept = points.filter((p, i) => i === 0 || p[0] !== points[i - 1]![0] || p[1] !== points[i - 1]![1]);
  let d = `M${kept[0]![0]} ${kept[0]![1]}`;
  for (let i = 1; i < kept.length; i++) {
    const [px, py] = kept[i - 1]!;
    const [cx, cy] = kept[i]!;
    const next = kept[i + 1];
    if (!next || (px === cx && cx === next[0]) || (py === cy && cy === next[1])) {
      d += `L${cx} ${cy}`;
      continue;
    }
    const into = Math.min(radius, Math.hypot(cx - px, cy - py) / 2);
    const out = Math.min(radius, Math.hypot(next[0] - cx, next[1] - cy) / 2);
    const r = Math.min(into, out);
    const step = (from: number, to: number) => Math.sign(to - from) * r;
    d += `L${cx - step(px, cx)} ${cy - step(py, cy)}Q${cx} ${cy} ${cx + step(cx, next[0])} ${cy + step(cy, next[1])}`;
  }
  return d;
}
