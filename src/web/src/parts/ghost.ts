import { useEffect, useSyncExternalStore } from "react";

let now = 0;
const listeners = new Set<() => void>();

/** What the choice under the pointer would add to the sum, in³: told apart from the page, so that hovering redraws only the column. */
export function setGhost(volume: number) {
  if (volume === now) return;
  now = volume;
  listeners.forEach((l) => l());
}

export const useGhost = (): number =>
  useSyncExternalStore(
    (l) => (listeners.add(l), () => listeners.delete(l)),
    () => now,
  );

/** Shows a change as a ghost while it is looked at, in³; nothing at 0. */
export function useGhostOf(change: number) {
  useEffect(() => {
    setGhost(change);
    return () => setGhost(0);
  }, [change]);
}
