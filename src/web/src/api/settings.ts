import { useSyncExternalStore } from "react";
import type { Schemas } from "./client";

export type Theme = "light" | "dark" | "contrast";
export type Units = "inch" | "metric";
export type Hand = "right" | "left";
/** Personal gauges, in inches: a thumb's width, a hand's breadth; null until measured. */
export type Gauges = { thumb: number | null; hand: number | null };
export type Settings = {
  theme: Theme;
  units: Units;
  who: string;
  hand: Hand;
  gauges: Gauges;
  /** What stood open beside the picture of a box last, and below it on a phone. */
  panels: readonly string[];
  panelsPhone: readonly string[];
  /** What was said of the last cable: it holds for the next one. */
  cable: {
    type: Schemas["CableType"] | null;
    ground: Schemas["GroundKind"] | null;
    metal: Schemas["Metal"] | null;
    /** The id of its sort. */
    size: string | null;
    /** Every size, ground and metal are shown. */
    all: boolean;
  };
};

const key = "jolly-barn";
const listeners = new Set<() => void>();
let now: Settings = read();

function read(): Settings {
  const usual: Settings = {
    theme: typeof matchMedia === "function" && matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light",
    units: "inch",
    who: "",
    hand: "right",
    gauges: { thumb: null, hand: null },
    panels: ["verdicts", "fit"],
    panelsPhone: ["leads"],
    cable: { type: null, ground: null, metal: null, size: null, all: false },
  };
  try {
    const kept = { ...usual, ...(JSON.parse(localStorage.getItem(key) ?? "{}") as Partial<Settings>) };
    // "me" is nobody: an earlier program began with it.
    return kept.who === "me" ? { ...kept, who: "" } : kept;
  } catch {
    return usual;
  }
}

/** Sets and keeps preferences of this screen. */
export function setSettings(change: Partial<Settings>) {
  now = { ...now, ...change };
  try {
    localStorage.setItem(key, JSON.stringify(now));
  } catch {
    // A private window keeps nothing; the setting holds until it closes.
  }
  document.documentElement.dataset.theme = now.theme;
  document.documentElement.dataset.hand = now.hand;
  listeners.forEach((l) => l());
}

export function settings(): Settings {
  return now;
}

export function useSettings(): Settings {
  return useSyncExternalStore((l) => (listeners.add(l), () => listeners.delete(l)), settings);
}
