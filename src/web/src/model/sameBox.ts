import type { BoxView } from "../api/client";

type Part = keyof BoxView["box"];

const moving: ReadonlySet<Part> = new Set<Part>(["leads", "joints", "pigtails"]);
const partsOf = (view: BoxView) => Object.keys(view.box) as Part[];

/** True when nothing of a box differs but its leads, joints and pigtails: what shows none of them need not be drawn again. */
export function sameBox<P extends { view: BoxView }>(before: P, after: P): boolean {
  const { view: was } = before;
  const { view: is } = after;
  if ((Object.keys(after) as (keyof P)[]).some((k) => k !== "view" && after[k] !== before[k])) return false;
  if (was.id !== is.id || was.place !== is.place || was.kindName !== is.kindName || was.openGangs !== is.openGangs) return false;
  return [...new Set([...partsOf(was), ...partsOf(is)])].every((k) => moving.has(k) || was.box[k] === is.box[k]);
}
