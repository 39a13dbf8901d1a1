import type { Catalogue } from "../api/client";
import type { Kind } from "../parts/KindPicker";
import { words } from "../words";

const shapes = Object.keys(words.shapes) as (keyof typeof words.shapes)[];

/** Boxes to pick one from, by shape. */
export const boxChoices = ({ boxes }: Catalogue, right?: (box: Catalogue["boxes"][number]) => string): Kind[] =>
  [...boxes]
    .sort((a, b) => shapes.indexOf(a.shape) - shapes.indexOf(b.shape))
    .map((b) => ({ id: b.id, name: b.name, right: right?.(b) ?? "", group: words.shapes[b.shape] }));

const faces = ["Slots", "Handle", "Hung"] as const;
const faceOf = (d: Catalogue["devices"][number]) => (d.yoke ? (d.face ?? "Handle") : "Hung");

/** Devices to pick one from: what has slots, what a hand sets, what hangs. */
export const deviceChoices = ({ devices }: Catalogue, right?: (device: Catalogue["devices"][number]) => string): Kind[] =>
  [...devices]
    .sort((a, b) => faces.indexOf(faceOf(a)) - faces.indexOf(faceOf(b)))
    .map((d) => ({ id: d.id, name: d.name, right: right?.(d) ?? "", group: words.faces[faceOf(d)] }));
