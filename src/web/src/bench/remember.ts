import { layout, type Graph, type Order, type Placed } from "./layout";

const MOST = 200;
const orders = new Map<string, Order>();

/** Lays a box out near to how it was laid out last, so that one more lead does not reshuffle the rest. */
export function layoutNear(box: string, graph: Graph): Placed {
  const made = layout(graph, orders.get(box));
  orders.delete(box);
  orders.set(box, made.order);
  if (orders.size > MOST) orders.delete(orders.keys().next().value!);
  return made;
}

const scales = new Map<string, { room: number; scale: number }>();

/** The scale a box was first drawn at in a room of this width: a strand more does not shrink the rest. */
export function scaleNear(box: string, room: number, fits: number): number {
  const known = scales.get(box);
  if (known?.room === room) return known.scale;
  if (room > 0) scales.set(box, { room, scale: fits });
  return fits;
}
