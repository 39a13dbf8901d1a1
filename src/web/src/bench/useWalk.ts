import { useCallback, useState, type KeyboardEvent, type RefObject } from "react";
import { ahead } from "./stops";

/**
 * A walk through the picture by keys: entries and cables, then leads, joints and terminals, in reading order down each
 * column. One stop of the picture is in the tab order; arrows go on from it.
 */
export function useWalk(root: RefObject<HTMLElement | null>) {
  const [at, setAt] = useState<string | null>(null);
  const stops = useCallback(() => {
    const all = [root.current, document.querySelector("[data-slip]")].flatMap((part) => [
      ...(part?.querySelectorAll<SVGElement | HTMLElement>("[data-walk]") ?? []),
    ]);
    const found = all.map((e) => {
      const { left, top } = e.getBoundingClientRect();
      return [e.dataset.walk!, { id: e.dataset.walk!, e, left, top }] as const;
    });
    // Of two of one name the later one lies over the other.
    return [...new Map(found).values()];
  }, [root]);
  const go = useCallback((id: string, e: SVGElement | HTMLElement) => {
    setAt(id);
    e.focus();
    e.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, []);
  const first = useCallback(
    (only?: (id: string) => boolean) => {
      const next = stops().find((s) => !only || only(s.id));
      if (next) go(next.id, next.e);
    },
    [stops, go],
  );
  const onArrow = useCallback(
    (event: KeyboardEvent, only?: (id: string) => boolean) => {
      const all = stops().filter((s) => !only || only(s.id));
      const here = all.findIndex((s) => s.id === at);
      const next = here < 0 ? all[0] : ahead(all, here, event.key);
      if (next) go(next.id, next.e);
    },
    [stops, at, go],
  );
  return { at, setAt, first, onArrow };
}
