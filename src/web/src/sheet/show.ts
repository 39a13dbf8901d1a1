import type { Schemas } from "../api/client";

export type Rail = Schemas["RailView"];
export type Stop = Schemas["SheetStopView"];

/** The key a stop is known by in the picture: a box may stand on two rails. */
export const spotOf = (rail: string, stop: string) => `${rail}|${stop}`;

/** What the head of a rail is called in drawing. */
export const drawOf = (rail: string) => spotOf(rail, "");

/** What such a key names. */
export function spotAt(key: string): Schemas["SheetSpot"] {
  const [rail = "", stop = ""] = key.split("|");
  return { rail, stop: stop || null };
}

/** What of the sheet is shown. */
export const SHOWS = ["all", "off", "fails", "unknown"] as const;
export type Show = (typeof SHOWS)[number];

/** A mere end of a cable, whose name stands beside it. */
export const isEnd = (stop: Stop) => stop.at === "Somewhere" || stop.at === "Load";

/** True where every breaker of a rail was recorded as off. */
export const isOff = (rail: Rail) => rail.breakers.length > 0 && rail.breakers.every((b) => b.on === false);

/** Whether a stop is among what is asked for. */
export function isShown(rail: Rail, stop: Stop, show: Show, room: string): boolean {
  if (room && stop.place !== room) return false;
  if (show === "off") return isOff(rail) || (stop.brings === "Feed" && stop.expected === "Dead");
  if (show === "fails") return stop.judged && (stop.worst === "Stop" || stop.worst === "Fix");
  if (show === "unknown") return !stop.seen || stop.at === "Somewhere" || (stop.box != null && stop.opened !== "Complete");
  return true;
}

/** The rails that have something of it; all of them where nothing is asked, those with nothing on them yet too. */
export const railsOf = (rails: readonly Rail[], show: Show, room: string) =>
  show === "all" && !room ? rails : rails.filter((r) => r.stops.some((s) => isShown(r, s, show, room)));
