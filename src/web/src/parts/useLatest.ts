import { useCallback, useLayoutEffect, useRef } from "react";

/** A function that stays the same for the life of a component and always does what its newest one does. */
export function useLatest<A extends unknown[], R>(act: (...args: A) => R): (...args: A) => R {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
