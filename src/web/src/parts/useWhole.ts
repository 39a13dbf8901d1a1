import { useLayoutEffect } from "react";

/** The page fills the window, no more: what does not fit scrolls in its own place. */
export function useWhole() {
  useLayoutEffect(() => {
    document.documentElement.dataset.whole = "";
    return () => void delete document.documentElement.dataset.whole;
  }, []);
}
