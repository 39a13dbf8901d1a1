import type { Schemas } from "../api/client";

export type Rail = Schemas["RailView"];
export type Stop = Schemas["SheetStopView"];

/** What of the sheet is shown. */
export const SHOWS = ["all", "off", "fails", "unknown"] as const;
export type Show = (typeof SHOWS)[number];

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
