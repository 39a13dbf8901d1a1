import { words } from "../words";

/** What people type for what a kind is called: a figure for a word, a word for a size. */
const meant: Record<string, readonly string[]> = words.kindWords;

/** True when a kind's words have what was typed, or what is meant by it; a figure alone is a whole word. */
export const found = (kind: string, typed: string) =>
  [typed, ...(meant[typed] ?? [])].some((p) => (/^\d$/.test(p) ? new RegExp(`(^|\\s)${p}(\\s|$|×)`).test(kind) : kind.includes(p)));
