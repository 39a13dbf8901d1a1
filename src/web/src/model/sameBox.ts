import type { BoxView } from "../api/client";

const moving = new Set(["leads", "joints", "pigtails"]);

/** True when nothing of a box differs but its leads, joints and pigtails: what shows none of them need not be drawn again. */
export function sameBox<P extends { view: BoxView }>(before: P, after: P): boolean {
  const { view: was } = before;
  const { view: is } = after;
  if ((Object.keys(after) as (keyof P)[]).some((k) => k !== "view" && after[k] !== before[k])) return false;
  if (was.id !== is.id || was.place !== is.place || was.kindName !== is.kindName || was.openGangs !== is.openGangs) return false;
  const a = was.box as Record<string, unknown>;
  const b = is.box as Record<string, unknown>;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((k) => moving.has(k) || a[k] === b[k]);
}
