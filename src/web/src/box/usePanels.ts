import { useCallback, useEffect, useMemo } from "react";
import { useSearchParams } from "react-router";
import { setSettings, useSettings } from "../api/settings";
import type { Look } from "../model/useLive";
import { typing } from "../parts/typing";

/** What can stand beside the picture of a box, in the order it stands. */
export const panels = ["verdicts", "fit", "measure", "live", "leads", "steps", "box"] as const;
export type Panel = (typeof panels)[number];

const known = (names: readonly string[]) => names.filter((n): n is Panel => panels.some((p) => p === n));

/** How many are open at once beside the picture, and below it on a phone. */
const most = (phone: boolean) => (phone ? 1 : 2);

/**
 * Which panels are open: those the address names, or those that were open last; the one opened longest ago makes room for the next.
 * The look with the power on begins when its panel is opened and lasts until it is closed, also while another stands in its place.
 */
export function usePanels(phone: boolean, look: Look, may: readonly Panel[]) {
  const [search, setSearch] = useSearchParams();
  const kept = useSettings();
  const named = search.get("show");
  const { setOn } = look;
  const open = useMemo(() => {
    const first = named === null ? (phone ? kept.panelsPhone : kept.panels) : named.split(",");
    return known(first)
      .filter((p) => may.includes(p))
      .slice(-most(phone));
  }, [named, kept, phone, may]);
  const live = open.includes("live");
  useEffect(() => {
    if (live) setOn(true);
  }, [live, setOn]);
  const toggle = useCallback(
    (panel: Panel) => {
      const next = open.includes(panel) ? open.filter((p) => p !== panel) : [...open, panel].slice(-most(phone));
      if (panel === "live" && !next.includes("live")) setOn(false);
      // The next box is not opened with the power on.
      const keep = next.filter((p) => p !== "live");
      if (keep.length === next.length) setSettings(phone ? { panelsPhone: keep } : { panels: keep });
      setSearch(
        (was) => {
          const now = new URLSearchParams(was);
          now.set("show", next.join(","));
          return now;
        },
        { replace: true, preventScrollReset: true },
      );
    },
    [open, phone, setOn, setSearch],
  );
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const panel = may[Number(e.key) - 1];
      if (panel && !e.ctrlKey && !e.altKey && !e.metaKey && !typing(e.target)) toggle(panel);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [may, toggle]);
  return { open, toggle };
}
