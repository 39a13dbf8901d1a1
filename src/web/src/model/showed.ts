import { words } from "../words";

type Lamp = { readonly shows: "Nothing" | "Something"; readonly volts: null };

/** What an instrument showed: a figure in volts, or what a tester with lamps shows. */
export type Showed = { readonly shows: "Figure"; readonly volts: number } | Lamp;

export const nothing: Lamp = { shows: "Nothing", volts: null };
export const something: Lamp = { shows: "Something", volts: null };

/** As it is typed, or said to a telephone; null where it is neither. */
export function showed(typed: string): Showed | null {
  const text = typed.trim();
  if (/^(nothing|none|no|dead|zero|0)$/i.test(text)) return nothing;
  if (/^(something|live|yes|hot)$/i.test(text)) return something;
  const volts = Number(text.replace(",", ".").replace(/ *v(olts?)?$/i, ""));
  return text !== "" && !Number.isNaN(volts) ? { shows: "Figure", volts } : null;
}

/** As it is written down. */
export const saysOf = (of: Showed) => (of.shows === "Figure" ? `${of.volts} V` : words.proof.shows[of.shows].toLowerCase());
