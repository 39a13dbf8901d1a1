import type { BoxView, Schemas } from "../api/client";
import { cableName, deviceName, jointName, type Catalogue } from "./landing";
import { words } from "../words";

const w = words.bench;

/** Where an end lies, in words: "joint hots", "line hot of the protective receptacle, screw". */
export function landingName(view: BoxView, catalogue: Catalogue, l: Schemas["Landing"]): string {
  if (l.at === "Joint") return w.inJoint(jointName(view.box, l.joint!));
  if (l.at !== "Terminal") return words.landing[l.at];
  const kind = catalogue.devices.find((k) => k.id === view.box.devices?.[l.device!]?.kind);
  const terminal = kind?.terminals.find((t) => t.id === l.place?.split("/")[0]);
  const spot = terminal?.landings.find((p) => p.id === l.place);
  return w.onTerminal(terminal?.name ?? l.place ?? "?", deviceName(view.box, catalogue, l.device!), spot?.name ?? "");
}

/** What a lead is called: "white, from the pantry"; a device's own lead by its device. */
export function leadName(view: BoxView, catalogue: Catalogue, id: string): string {
  const lead = view.box.leads?.[id];
  if (!lead) return view.box.pigtails?.[id] ? w.pigtail(view.box.pigtails[id].colour) : id;
  if (lead.device) return w.ownLead(lead.colour, deviceName(view.box, catalogue, lead.device));
  const cable = view.cables.find((c) => c.run === lead.run && c.side === lead.side);
  return w.leadOf(lead.colour, cable ? cableName(cable, view.box) : words.box.unknownEnd);
}

/** A connection as a sentence: "white, from the pantry: joint neutrals". */
export function sentence(view: BoxView, catalogue: Catalogue, id: string): string {
  const box = view.box;
  const name = leadName(view, catalogue, id);
  const tail = box.pigtails?.[id];
  if (tail) return w.between(name, landingName(view, catalogue, tail.from), landingName(view, catalogue, tail.to));
  const lead = box.leads?.[id];
  if (!lead) return name;
  if ((lead.form ?? "Ended") !== "Ended") {
    const on = view.cables.find((c) => c.run === lead.leavesBy);
    return w.goesOn(name, words.form[lead.form!].toLowerCase(), on ? cableName(on, box) : words.box.unknownEnd);
  }
  return `${name}: ${landingName(view, catalogue, lead.lands)}`;
}

/** Lines of text no longer than so many letters; the last is cut with an ellipsis. */
export function wrap(text: string, letters: number, most: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(" ")) {
    const last = lines[lines.length - 1];
    if (last !== undefined && (last + " " + word).length <= letters) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  const kept = lines.slice(0, most);
  return kept.map((l, i) => (l.length > letters || (i === most - 1 && lines.length > most) ? `${l.slice(0, letters - 1)}…` : l));
}
