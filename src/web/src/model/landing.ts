import type { Schemas } from "../api/client";
import { words } from "../words";

type Box = Schemas["Box"];
export type Catalogue = Schemas["Catalogue"];

export const deviceName = (box: Box, catalogue: Catalogue, id: string) => {
  const device = box.devices?.[id];
  return device?.name ?? catalogue.devices.find((k) => k.id === device?.kind)?.name ?? id;
};

export const jointName = (box: Box, id: string) => {
  const joint = box.joints?.[id];
  if (joint?.name) return joint.name;
  const colours = new Set(
    Object.values(box.leads ?? {})
      .filter((l) => l.lands.joint === id)
      .map((l) => l.colour),
  );
  return colours.size > 0 ? [...colours].join(" and ") : id;
};

/** Every place an end may go, as a key and words. */
export function places(box: Box, catalogue: Catalogue): [string, string][] {
  const joints = Object.keys(box.joints ?? {}).map((id): [string, string] => [`Joint|${id}`, `joint: ${jointName(box, id)}`]);
  const terminals = Object.entries(box.devices ?? {}).flatMap(([id, device]) =>
    (catalogue.devices.find((k) => k.id === device.kind)?.terminals ?? []).flatMap((t) =>
      t.landings.map((p): [string, string] => [`Terminal|${id}|${p.id}`, `${deviceName(box, catalogue, id)}: ${t.name}, ${p.name}`]),
    ),
  );
  const screw: [string, string][] = box.material === "Nonmetallic" ? [] : [["BondingScrew", words.landing.BondingScrew]];
  return [
    ...joints,
    ...terminals,
    ...screw,
    ["Cap", words.landing.Cap],
    ["Loose", words.landing.Loose],
    ["Unknown", words.landing.Unknown],
  ];
}

export const keyOf = (l: Schemas["Landing"]) => [l.at, l.joint ?? l.device, l.place].filter(Boolean).join("|");

export function landingOf(key: string): Schemas["Landing"] {
  const [at, id, place] = key.split("|");
  return (at === "Joint" ? { at, joint: id } : at === "Terminal" ? { at, device: id, place } : { at }) as Schemas["Landing"];
}

const insulation: Record<string, string> = {
  black: "var(--w-black)",
  white: "#fffdf7",
  red: "#b3322a",
  blue: "#2f5fa8",
  green: "#3f7d3a",
  bare: "#b9773a",
  yellow: "#d9b32e",
  orange: "#d0701f",
  brown: "#6d452a",
  grey: "#9a9a96",
  purple: "#6d4a94",
};

export const wire = (colour: string) => insulation[colour] ?? "#9a9a96";

/** What a cable is called here: its own words, else where it goes, else where it comes in. */
export function cableName(cable: Schemas["CableView"], box: Box): string {
  if (cable.says) return cable.says;
  if (cable.far) return `to ${cable.far}`;
  const entry = box.entries?.[cable.entry ?? ""];
  return entry ? `at the ${words.sides[entry.side].toLowerCase()}, ${entry.place + 1}` : words.box.unknownEnd;
}
