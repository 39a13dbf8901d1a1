import { lazy, useEffect } from "react";
import { later } from "../parts/later";

// What is chosen is told, and what is added asked for, only once somebody does: both come when the picture stands.
const loadThing = () => import("./Thing").then((m) => ({ default: m.Thing }));
const loadAdding = () => import("./Adding");

export const Thing = lazy(loadThing);
export const Adding = lazy(loadAdding);

/** Loads both before they are asked for. */
export function useSoon() {
  useEffect(() => {
    void later(() => Promise.all([loadThing(), loadAdding()]));
  }, []);
}
