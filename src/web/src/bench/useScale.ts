import { useEffect, useMemo, useState, type RefObject } from "react";
import type { Pad } from "./pictureProps";
import { scaleNear } from "./remember";

/** The picture shrinks and grows this much before it scrolls or leaves room; for who asks for larger text, less. */
const LEAST = 0.7;
const LEAST_LARGE = 0.85;
const MOST = 1.6;

/** How far one may come nearer, and step back, from what fits. */
const NEAREST = 4;
const FARTHEST = 0.5;

/** One step nearer. */
export const NEARER = 1.25;

/**
 * How large the picture is drawn in its room: as large as fits within bounds, and with the text; on a phone always whole.
 * From there one comes nearer by wheel, pinch and keys.
 */
export function useScale(room: RefObject<HTMLElement | null>, box: string, size: { width: number; height: number }, small: boolean) {
  const [space, setSpace] = useState({ width: 0, height: 0 });
  const [text, setText] = useState(1);
  const [zoom, setZoom] = useState(1);
  useEffect(() => {
    const seen = new ResizeObserver(() => {
      setSpace({ width: room.current?.clientWidth ?? 0, height: room.current?.parentElement?.clientHeight ?? 0 });
      setText(parseFloat(getComputedStyle(document.documentElement).fontSize) / 16);
    });
    seen.observe(document.documentElement);
    seen.observe(room.current!.parentElement!);
    return () => seen.disconnect();
  }, [room]);
  const across = space.width > 0 ? space.width / size.width : 1;
  const upright = !small && space.height > 0 ? (space.height - 4) / size.height : across;
  const fits = small
    ? Math.min(1, across)
    : text *
      scaleNear(box, space.width + space.height * 1e5, Math.min(MOST, Math.max(text > 1 ? LEAST_LARGE : LEAST, Math.min(across, upright))));
  const scale = fits * zoom;

  /** Comes nearer by a factor, keeping what lies at a point of the screen where it is; the middle when none is given. */
  const nearer = (factor: number, x?: number, y?: number) => {
    const next = Math.min(NEAREST, Math.max(FARTHEST, zoom * factor));
    const at = room.current!.getBoundingClientRect();
    const [dx, dy] = [(x ?? at.left + at.width / 2) - at.left, (y ?? at.top + at.height / 2) - at.top];
    const { scrollLeft, scrollTop } = room.current!;
    setZoom(next);
    requestAnimationFrame(() => room.current?.scrollTo((scrollLeft + dx) * (next / zoom) - dx, (scrollTop + dy) * (next / zoom) - dy));
  };
  // What the room has to spare is shown as more of the wall, so that the picture stands in its middle.
  const drawn = {
    width: Math.max(size.width * scale, small ? 0 : space.width),
    height: Math.max(size.height * scale, small ? 0 : space.height - 4),
  };
  const spare = (whole: number, own: number) => Math.max(0, Math.floor((whole / scale - own) / 2));
  const [x, y] = [spare(drawn.width, size.width), spare(drawn.height, size.height)];
  const pad = useMemo<Pad>(() => ({ x, y }), [x, y]);
  return { drawn, pad, zoom, nearer, whole: () => setZoom(1) };
}
