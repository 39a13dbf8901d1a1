import { useEffect, type RefObject } from "react";
import { useLatest } from "../parts/useLatest";

type Nearer = (factor: number, x?: number, y?: number) => void;
const middle = ([a, b]: Touch[]) => [(a!.clientX + b!.clientX) / 2, (a!.clientY + b!.clientY) / 2] as const;
const apart = ([a, b]: Touch[]) => Math.hypot(a!.clientX - b!.clientX, a!.clientY - b!.clientY);

/** Comes nearer to the picture by wheel with Ctrl and by two fingers, and moves it by its ground. */
export function useNearer(room: RefObject<HTMLElement | null>, nearer: Nearer) {
  const come = useLatest(nearer);
  useEffect(() => {
    const element = room.current!;
    let was = 0;
    const wheel = (e: WheelEvent) => {
      if (!e.ctrlKey && !e.metaKey) return;
      e.preventDefault();
      come(Math.exp(-e.deltaY / 300), e.clientX, e.clientY);
    };
    const start = (e: TouchEvent) => (was = e.touches.length === 2 ? apart([...e.touches]) : 0);
    const pinch = (e: TouchEvent) => {
      if (e.touches.length !== 2 || was === 0) return;
      e.preventDefault();
      const now = apart([...e.touches]);
      come(now / was, ...middle([...e.touches]));
      was = now;
    };
    let from: { x: number; y: number } | null = null;
    const press = (e: PointerEvent) => {
      const ground = (e.target as Element).closest("[data-end],[data-pull],[data-walk],[data-strand],[data-key],button") === null;
      if (e.pointerType === "mouse" && e.button === 0 && ground) from = { x: e.clientX, y: e.clientY };
    };
    const move = (e: PointerEvent) => {
      if (!from) return;
      element.scrollBy(from.x - e.clientX, from.y - e.clientY);
      from = { x: e.clientX, y: e.clientY };
    };
    const release = () => (from = null);
    element.addEventListener("wheel", wheel, { passive: false });
    element.addEventListener("touchstart", start, { passive: true });
    element.addEventListener("touchmove", pinch, { passive: false });
    element.addEventListener("pointerdown", press);
    window.addEventListener("pointermove", move);
    window.addEventListener("pointerup", release);
    return () => {
      element.removeEventListener("wheel", wheel);
      element.removeEventListener("touchstart", start);
      element.removeEventListener("touchmove", pinch);
      element.removeEventListener("pointerdown", press);
      window.removeEventListener("pointermove", move);
      window.removeEventListener("pointerup", release);
    };
  }, [room, come]);
}
