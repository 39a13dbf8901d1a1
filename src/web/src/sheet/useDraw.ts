import { useRef, type PointerEvent as ReactPointer } from "react";

/** A press that moves less than this, px, is a tap. */
const DRAGGED = 8;

/**
 * Drawing with a mouse or a pen from one thing of the sheet to another: a dashed line follows the pointer, and what it may end on lights.
 * A finger scrolls the sheet instead: there one taps *Draw a cable from here* and then where it goes.
 */
export function useDraw(onDraw: (from: string, to: string) => void) {
  const line = useRef<SVGPathElement | null>(null);
  const begin = (event: ReactPointer, from: string, x: number, y: number) => {
    if (event.button !== 0 || event.pointerType === "touch") return;
    const start = { x: event.clientX, y: event.clientY };
    const svg = (event.target as SVGElement).ownerSVGElement!;
    let moved = false;
    let over: Element | null = null;
    const light = (to: Element | null) => {
      over?.removeAttribute("data-over");
      over = to;
      over?.setAttribute("data-over", "");
    };
    const at = (e: PointerEvent) => {
      const found = document.elementFromPoint(e.clientX, e.clientY)?.closest("[data-draw]") ?? null;
      return found?.getAttribute("data-draw") === from ? null : found;
    };
    const ended = new AbortController();
    const listen = { signal: ended.signal };
    window.addEventListener(
      "pointermove",
      (e) => {
        if (!moved && Math.hypot(e.clientX - start.x, e.clientY - start.y) < DRAGGED) return;
        moved = true;
        const to = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
        line.current?.setAttribute("d", `M${x} ${y}L${to.x} ${to.y}`);
        light(at(e));
      },
      listen,
    );
    const end = (e: PointerEvent) => {
      ended.abort();
      line.current?.setAttribute("d", "");
      const to = at(e)?.getAttribute("data-draw");
      light(null);
      if (moved && to && e.type === "pointerup") onDraw(from, to);
    };
    window.addEventListener("pointerup", end, listen);
    window.addEventListener("pointercancel", end, listen);
  };
  return { line, begin };
}
