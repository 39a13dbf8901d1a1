import { replaceEqualDeep } from "@tanstack/react-query";
import type { BoxView, Catalogue } from "../api/client";
import { layout, type Placed } from "./layout";
import { waysOf, type Way } from "./layout/ways";
import { platesOf, type Plate } from "./plates";
import { sceneOf, type Strands } from "./scene";

/** All the picture of a box is drawn from. */
export type Drawing = { placed: Placed; ways: Way[]; strands: Strands; plates: Plate[] };

const MOST = 200;
const drawings = new Map<string, Drawing>();

/**
 * Draws a box near to how it was drawn last, so that one more lead does not reshuffle the rest; every part that is as it
 * was stays the same object, so that only what changed is drawn again.
 */
export function drawNear(view: BoxView, catalogue: Catalogue): Drawing {
  const last = drawings.get(view.id);
  const scene = sceneOf(view, catalogue);
  const placed = layout(scene.graph, last?.placed.order);
  const made = { placed, ways: waysOf(placed), strands: Object.fromEntries(scene.strands), plates: platesOf(view, catalogue, placed) };
  const drawing = last ? replaceEqualDeep(last, made) : made;
  drawings.delete(view.id);
  drawings.set(view.id, drawing);
  if (drawings.size > MOST) drawings.delete(drawings.keys().next().value!);
  return drawing;
}

const scales = new Map<string, { room: number; scale: number }>();

/** The scale a box was first drawn at in a room of this width: a strand more does not shrink the rest. */
export function scaleNear(box: string, room: number, fits: number): number {
  const known = scales.get(box);
  if (known?.room === room) return known.scale;
  if (room > 0) scales.set(box, { room, scale: fits });
  return fits;
}
