import type { Schemas } from "../api/client";
import { PER_INCH } from "../parts/measure";

export type Area = Schemas["ToldArea"];

/** A wall on a screen: units to pixels, from either face. */
export type Frame = {
  x: (units: number) => number;
  y: (units: number) => number;
  /** Pixels to a unit. */
  scale: number;
  flip: boolean;
  /** The whole wall, units. */
  wide: number;
  high: number;
  /** The drawing, px. */
  left: number;
  right: number;
  top: number;
  bottom: number;
  width: number;
  height: number;
};

/** Room round the wall, and under it for the floor and the rule, px. */
const SIDE = 12;
const TOP = 8;
const UNDER = 64;
const FEET = PER_INCH * 12;

/**
 * @param shown What of the wall is drawn: all of it, or what is near a box.
 * @param px How wide the drawing is.
 * @param most How high it may be.
 */
export function frame(all: { wide: number; high: number }, shown: Area, px: number, most: number, flip: boolean): Frame {
  const scale = Math.min((px - SIDE * 2) / (shown.right - shown.left), (most - TOP - UNDER) / (shown.top - shown.bottom));
  const shift = (px - (shown.right - shown.left) * scale) / 2;
  const x = (units: number) => shift + (flip ? shown.right - units : units - shown.left) * scale;
  const y = (units: number) => TOP + (shown.top - units) * scale;
  return {
    scale,
    flip,
    x,
    y,
    ...all,
    left: shift,
    right: shift + (shown.right - shown.left) * scale,
    top: TOP,
    bottom: y(shown.bottom),
    width: px,
    height: y(shown.bottom) + UNDER,
  };
}

/** What is shown of a wall about one box: two feet to each side and its height over the floor, as far as the wall goes. */
export function near(all: { wide: number; high: number }, at: Area, below: number): Area {
  const [left, right] = [Math.max(0, at.left - 2 * FEET), Math.min(all.wide, at.right + 2 * FEET)];
  const low = at.bottom < 4 * FEET;
  return {
    left,
    right,
    bottom: low ? -below : at.bottom - 2 * FEET,
    top: Math.min(all.high, at.top + (low ? FEET : 2 * FEET)),
  };
}

/** A rectangle as SVG takes it. */
export const rect = (f: Frame, a: Area) => ({
  x: Math.min(f.x(a.left), f.x(a.right)),
  y: f.y(a.top),
  width: (a.right - a.left) * f.scale,
  height: Math.max(1, (a.top - a.bottom) * f.scale),
});

/** How long and high a wall is drawn while nobody measured it: as far as what is on it, a foot more, and 8 ft. */
export function size(wall: Schemas["ToldWall"]): { wide: number; high: number } {
  const areas = [...wall.boxes.map((b) => b.at), ...wall.things.map((t) => t.at)].filter((a) => a != null);
  return {
    wide: wall.wide ?? Math.max(8 * FEET, ...areas.map((a) => a.right + FEET)),
    high: wall.high ?? Math.max(8 * FEET, ...areas.map((a) => a.top)),
  };
}

/** An edge of a box along one axis. */
export const edgeOf = (low: number, high: number, to: Schemas["TapeTo"]) =>
  to === "Low" ? low : to === "High" ? high : low + Math.trunc((high - low) / 2);

const SIXTEENTH = PER_INCH / 16;

/** The nearest sixteenth of an inch, or whole millimetre. */
export const snap = (units: number, metric: boolean) =>
  metric ? Math.round(units / 320) * 320 : Math.round(units / SIXTEENTH) * SIXTEENTH;

/** A name by its box: to its left or right, above it, and higher where another already stands. */
export type Label = { x: number; y: number; end: boolean };

const LETTER = 7;
const LINE = 15;

/** Where the names of boxes stand, so that none lies on another. */
export function labels(f: Frame, boxes: readonly Schemas["ToldWallBox"][]): Map<string, Label> {
  const taken: { left: number; right: number; y: number }[] = [];
  const found = new Map<string, Label>();
  for (const box of boxes) {
    if (!box.at) continue;
    const r = rect(f, box.at);
    const end = r.x + r.width / 2 > (f.left + f.right) / 2;
    const x = end ? r.x + r.width : r.x;
    const long = box.name.length * LETTER;
    const [left, right] = end ? [x - long, x] : [x, x + long];
    let y = r.y - 8;
    while (taken.some((t) => t.left < right && left < t.right && Math.abs(t.y - y) < LINE)) y -= LINE;
    taken.push({ left, right, y });
    found.set(box.id, { x, y, end });
  }
  return found;
}
