// The columns of the Bench: cuffs at the left, joints in the middle, devices at the right.

/** What stands in the middle column. */
export type Middle = {
  id: string;
  kind: "joint" | "pass" | "end" | "bend";
  /** Place in the order people expect, used until edges say otherwise. */
  rank: number;
};

export type Cuff = { id: string; slots: string[] };

/** A device, the bonding screw, or an end that lies among them. Rows are where strands land, top to bottom. */
export type Block = { id: string; kind: "device" | "screw" | "end" | "bend"; rows: string[]; head: number };

/** The box as columns: zone A joins cuffs and middle, zone B joins middle and rows of the blocks. */
export type Graph = {
  cuffs: Cuff[];
  middle: Middle[];
  blocks: Block[];
  /** Strands of zone A: slot of a cuff (by strand) to a middle node. */
  a: { strand: string; cuff: string; node: string }[];
  /** Strands of zone B: middle node to a row of a block. */
  b: { strand: string; node: string; block: string; row: string }[];
};

/** An order of everything that may be ordered: the middle by id, the blocks by id. Slots and ports follow from it. */
export type Order = { middle: string[]; blocks: string[] };

/** Units of the grid, px. Tracks lie on multiples of it. */
export const U = 12;

export type Point = readonly [number, number];

/** A strand as points with right angles, corners to be rounded; a strand that bends back has two runs of points. */
export type Route = { strand: string; points: Point[]; zone: "a" | "b" };

export type Placed = {
  order: Order;
  crossings: number;
  width: number;
  height: number;
  x: { cuff: number; labelA: number; middle: number; middleEnd: number; labelB: number; block: number };
  cuffs: { id: string; top: number; height: number; slots: { strand: string; y: number }[] }[];
  middle: {
    id: string;
    kind: Middle["kind"];
    top: number;
    height: number;
    left: { strand: string; y: number }[];
    right: { strand: string; y: number }[];
  }[];
  blocks: {
    id: string;
    kind: Block["kind"];
    top: number;
    height: number;
    rows: { id: string; top: number; tracks: { strand: string; y: number }[] }[];
  }[];
  routes: Route[];
};
