import type { BoxView, Schemas } from "../api/client";

/** Names come with the answer; what was made only on this screen has none yet and goes by its id. */
export const leadName = (view: BoxView, id: string) => view.names.leads[id]?.name ?? id;

/** A connection as a sentence: "white, from the pantry: joint neutrals". */
export const sentence = (view: BoxView, id: string) => view.names.leads[id]?.says ?? id;

export const jointName = (view: BoxView, id: string) => view.names.joints[id] ?? id;

export const deviceName = (view: BoxView, id: string) => view.names.devices[id] ?? id;

export const cableName = (view: BoxView, cable: Pick<Schemas["CableView"], "run" | "side">) =>
  view.names.cables[`${cable.run}.${cable.side.toLowerCase()}`] ?? cable.run;

/** Letters of a cable's name that its label has room for. */
export const NAME = 23;

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
