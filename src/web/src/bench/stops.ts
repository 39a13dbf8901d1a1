import type { BoxView, Schemas } from "../api/client";
import type { Strand } from "./scene";
import type { Sel } from "./select";

/** How near a place the hand must be, points of the screen. */
const NEAR = 26;

/** The place that can be landed on nearest to a point of the screen, if one is near. */
export function placeAt(x: number, y: number): string | null {
  let best: string | null = null;
  let least = NEAR;
  for (const e of document.querySelectorAll<SVGElement | HTMLElement>("[data-key]")) {
    const r = e.getBoundingClientRect();
    const d = Math.hypot(Math.max(r.left - x, 0, x - r.right), Math.max(r.top - y, 0, y - r.bottom));
    if (d < least) [best, least] = [e.dataset.key!, d];
  }
  return best;
}

/** The stop an arrow key leads to: the nearest that way, what lies straight ahead before what lies aside. */
export function ahead<T extends { left: number; top: number }>(all: readonly T[], from: number, key: string): T | undefined {
  const here = all[from]!;
  const dx = Number(key === "ArrowRight") - Number(key === "ArrowLeft");
  const dy = Number(key === "ArrowDown") - Number(key === "ArrowUp");
  return all
    .filter((s) => s !== here)
    .map((s) => ({
      s,
      along: (s.left - here.left) * dx + (s.top - here.top) * dy,
      across: Math.abs((s.left - here.left) * dy) + Math.abs((s.top - here.top) * dx),
    }))
    .filter((c) => c.along > 4)
    .sort((a, b) => a.along + a.across * 3 - (b.along + b.across * 3))[0]?.s;
}

/** What stands at a stop of the walk through the picture; on a landing place what lies there, or the device when nothing does. */
export function selAt(stop: string, box: Schemas["Box"], strands: Record<string, Strand>): Sel | null {
  const [what, ...rest] = stop.split(":");
  if (what === "c") return { kind: "cable", id: stop.slice(2) };
  if (what === "e") return { kind: "entry", id: stop.slice(2) };
  if (what === "d") return { kind: "device", id: stop.slice(2) };
  if (what === "at") {
    const [device, place] = rest;
    const found = Object.values(strands).find((s) => s.lands.some((l) => l.device === device && l.place === place));
    return found ? { kind: "strand", id: found.id } : { kind: "device", id: device! };
  }
  if (box.joints?.[stop]) return { kind: "joint", id: stop };
  return box.leads?.[stop] || box.pigtails?.[stop] ? { kind: "strand", id: stop } : null;
}

/** Everything that stands out: what is lit already, and what is chosen with what belongs to it. */
export function litOf(cables: BoxView["cables"], sel: Sel | null, already: readonly string[]): ReadonlySet<string> {
  const all = new Set(already);
  if (sel?.kind === "cable")
    for (const c of cables.filter((k) => `${k.run}/${k.side}` === sel.id)) [c.run, ...c.leads].forEach((l) => all.add(l));
  else if (sel) all.add(sel.id);
  return all;
}
