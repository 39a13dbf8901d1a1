import { useEffect, useRef, type PointerEvent as ReactPointer, type RefObject } from "react";
import { useLatest } from "../parts/useLatest";

/** A press that moves less than this, px, is a tap. */
const DRAGGED = 6;

/** A press that has not become a drag by then is a tap, ms. */
export const SETTLED = 300;

/**
 * From the press on an end to its release: a drag lands where it ends, at once or as soon as the answer is here; a tap
 * leaves the end in the hand. A dashed line follows the pointer.
 */
export function useDrag({
  settled,
  may,
  placeAt,
  hover,
  land,
  drop,
}: {
  /** True when the places of what is held are known. */
  settled: boolean;
  may: boolean;
  placeAt: (x: number, y: number) => string | null;
  hover: (place: string | null) => void;
  land: (place: string) => void;
  drop: () => void;
}) {
  const ghost = useRef<SVGPathElement | null>(null);
  const dragging = useRef(false);
  const waiting = useRef<{ x: number; y: number } | null>(null);
  const put = useLatest((x: number, y: number) => {
    const place = placeAt(x, y);
    if (place) land(place);
    else drop();
  });
  const release = useLatest((x: number, y: number) => {
    if (settled) put(x, y);
    else waiting.current = { x, y };
  });
  useEffect(() => {
    if (!settled || !waiting.current) return;
    const { x, y } = waiting.current;
    waiting.current = null;
    put(x, y);
  }, [settled, put]);

  const begin = (event: ReactPointer, pick: () => void) => {
    if (event.button !== 0 || !may) return;
    event.preventDefault();
    event.stopPropagation();
    const start = { x: event.clientX, y: event.clientY };
    const svg = (event.target as SVGElement).ownerSVGElement!;
    const inSvg = (x: number, y: number) => new DOMPoint(x, y).matrixTransform(svg.getScreenCTM()!.inverse());
    const from = inSvg(start.x, start.y);
    dragging.current = false;
    waiting.current = null;
    pick();
    const onMove = (e: PointerEvent) => {
      if (!dragging.current && Math.hypot(e.clientX - start.x, e.clientY - start.y) < DRAGGED) return;
      dragging.current = true;
      hover(placeAt(e.clientX, e.clientY));
      const to = inSvg(e.clientX, e.clientY);
      const mid = (from.x + to.x) / 2;
      ghost.current?.setAttribute("d", `M${from.x} ${from.y}C${mid} ${from.y} ${mid} ${to.y} ${to.x} ${to.y}`);
    };
    const done = (e: PointerEvent) => {
      window.removeEventListener("pointermove", onMove);
      window.removeEventListener("pointerup", done);
      window.removeEventListener("pointercancel", done);
      ghost.current?.setAttribute("d", "");
      if (!dragging.current || e.type === "pointercancel") return;
      dragging.current = false;
      release(e.clientX, e.clientY);
    };
    window.addEventListener("pointermove", onMove);
    window.addEventListener("pointerup", done);
    window.addEventListener("pointercancel", done);
  };
  return { begin, ghost, dragging };
}

/** A finger on an end drags that end, not the page; touch-action is not heeded inside a drawing. */
export function useOwnDrag(root: RefObject<HTMLElement | null>) {
  useEffect(() => {
    const hold = (e: TouchEvent) => (e.target as Element).closest("[data-end],[data-pull]") && e.preventDefault();
    const element = root.current!;
    element.addEventListener("touchstart", hold, { passive: false });
    return () => element.removeEventListener("touchstart", hold);
  }, [root]);
}

const LONG = 550;

/** Pressing with a finger for a while opens what a right click opens. */
export function useLongPress(open: (at: { target: EventTarget; clientX: number; clientY: number; preventDefault: () => void }) => void) {
  const press = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const stop = () => clearTimeout(press.current);
  return {
    onPointerDown: (e: ReactPointer) => {
      if (e.pointerType === "mouse") return;
      const at = { target: e.target, clientX: e.clientX, clientY: e.clientY, preventDefault: () => undefined };
      stop();
      press.current = setTimeout(() => {
        notATap();
        open(at);
      }, LONG);
    },
    onPointerUp: stop,
    onPointerCancel: stop,
  };
}

/** Letting go after a long press is no tap on what has opened meanwhile. */
function notATap() {
  const over = new AbortController();
  const release = (e: TouchEvent) => {
    over.abort();
    if (e.type !== "touchend") return;
    e.preventDefault();
    e.stopPropagation();
  };
  for (const end of ["touchend", "touchcancel"] as const)
    window.addEventListener(end, release, { capture: true, passive: false, signal: over.signal });
}
