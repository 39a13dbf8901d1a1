import { useEffect, useState, type RefObject } from "react";
import { scaleNear } from "./remember";

/** The picture shrinks and grows this much before it scrolls or leaves room. */
const LEAST = 0.78;
const MOST = 1.24;

/** How large the picture is drawn in its room: as large as fits within bounds, and with the text; on a phone always whole. */
export function useScale(room: RefObject<HTMLElement | null>, box: string, width: number, small: boolean): number {
  const [space, setSpace] = useState(0);
  const [text, setText] = useState(1);
  useEffect(() => {
    const seen = new ResizeObserver(() => {
      setSpace(room.current?.clientWidth ?? 0);
      setText(parseFloat(getComputedStyle(document.documentElement).fontSize) / 16);
    });
    seen.observe(document.documentElement);
    seen.observe(room.current!);
    return () => seen.disconnect();
  }, [room]);
  const fitting = space > 0 ? space / width : 1;
  return small ? Math.min(1, fitting) : text * scaleNear(box, space, Math.min(MOST, Math.max(LEAST, fitting)));
}
