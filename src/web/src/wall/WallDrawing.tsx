import { memo, useEffect, useId, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { useSettings } from "../api/settings";
import { length, PER_INCH, unitsText } from "../parts/measure";
import { Backdrop } from "./Backdrop";
import { edgeOf, frame, labels, near, rect, size, snap, type Frame, type Label } from "./geometry";
import type { Wall, WallBox } from "./useWall";

/** How far a box was dragged, units. */
type Shift = { box: string; dx: number; dy: number };

/** A wall to scale, from one of its faces. A box is dragged, or moved by the arrow keys. */
export function WallDrawing({
  wall,
  flip,
  picked,
  onPick,
  onMove,
  most,
  closer,
}: {
  wall: Wall;
  flip: boolean;
  picked: string | null;
  onPick: (box: string) => void;
  onMove: (box: WallBox, dx: number, dy: number) => void;
  /** Height it may take, px. */
  most: number;
  /** Only what is near the picked box. */
  closer: boolean;
}) {
  const host = useRef<HTMLDivElement>(null);
  const clip = useId();
  const [px, setPx] = useState(800);
  const { units } = useSettings();
  const metric = units === "metric";
  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => entry && setPx(entry.contentRect.width));
    watch.observe(host.current!);
    return () => watch.disconnect();
  }, []);
  const f = useMemo(() => {
    const all = size(wall);
    const at = closer ? wall.boxes.find((b) => b.id === picked)?.at : null;
    const under = Math.max(0, -wall.floorRight, flip ? wall.farFloor : 0);
    const whole = { left: 0, right: all.wide, bottom: -under, top: all.high };
    return frame(all, at ? near(all, at, under) : whole, px, most, flip);
  }, [wall, px, most, flip, closer, picked]);
  const names = useMemo(() => labels(f, wall.boxes), [f, wall.boxes]);
  const lit = useMemo(
    () =>
      (wall.boxes.find((b) => b.id === picked)?.cut?.notes ?? [])
        .filter((n) => n.weight === "Stop" || n.weight === "Fix")
        .map((n) => n.thing ?? ""),
    [wall, picked],
  );
  const [shift, setShift] = useState<Shift | null>(null);
  const from = useRef<{ x: number; y: number } | null>(null);
  const dragged = useRef<Shift | null>(null);
  const release = () => {
    from.current = dragged.current = null;
    setShift(null);
  };
  const moved = (box: WallBox, e: PointerEvent): Shift => {
    const sign = flip ? -1 : 1;
    const along = (number: WallBox["numbers"][number] | undefined, raw: number) => {
      if (!number) return snap(raw, metric);
      // What is read off the tape comes out in whole sixteenths.
      const to = edgeOf(number.up ? box.at!.bottom : box.at!.left, number.up ? box.at!.top : box.at!.right, number.tape.to);
      return number.start + snap(to + raw - number.start, metric) - to;
    };
    const [dx, dy] = [(sign * (e.clientX - from.current!.x)) / f.scale, (from.current!.y - e.clientY) / f.scale];
    return {
      box: box.id,
      dx: along(
        box.numbers.find((n) => n.used && !n.up),
        dx,
      ),
      dy: along(
        box.numbers.find((n) => n.used && n.up),
        dy,
      ),
    };
  };
  const handlers = (box: WallBox) => ({
    onPointerDown: (e: PointerEvent<SVGRectElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      from.current = { x: e.clientX, y: e.clientY };
      onPick(box.id);
    },
    onPointerMove: (e: PointerEvent<SVGRectElement>) => {
      if (!from.current) return;
      // A tap that trembles is a tap.
      if (!dragged.current && Math.hypot(e.clientX - from.current.x, e.clientY - from.current.y) < 6) return;
      dragged.current = moved(box, e);
      setShift(dragged.current);
    },
    onPointerUp: () => {
      // Let go before the last move was drawn, it is where the hand was.
      const to = dragged.current;
      if (to && (to.dx !== 0 || to.dy !== 0)) onMove(box, to.dx, to.dy);
      release();
    },
    onPointerCancel: release,
    onKeyDown: (e: KeyboardEvent) => {
      const step = e.shiftKey ? PER_INCH : metric ? 320 : PER_INCH / 16;
      const ways: Record<string, [number, number]> = {
        ArrowLeft: [flip ? step : -step, 0],
        ArrowRight: [flip ? -step : step, 0],
        ArrowUp: [0, step],
        ArrowDown: [0, -step],
      };
      const way = ways[e.key];
      if (!way) return;
      e.preventDefault();
      onMove(box, ...way);
    },
  });
  return (
    <div ref={host} className="w-full">
      <svg width={f.width} height={f.height} role="group" aria-label={wall.name} className="block select-none">
        <clipPath id={clip}>
          <rect x={f.left - 2} y={f.top - 2} width={f.right - f.left + 4} height={f.height} />
        </clipPath>
        <g clipPath={`url(#${clip})`}>
          <Backdrop wall={wall} frame={f} lit={lit} />
          {wall.boxes.map(
            (b) =>
              b.at && (
                <BoxOnWall
                  key={b.id}
                  box={b}
                  frame={f}
                  label={names.get(b.id)!}
                  picked={b.id === picked}
                  dx={shift?.box === b.id ? shift.dx : 0}
                  dy={shift?.box === b.id ? shift.dy : 0}
                />
              ),
          )}
        </g>
        {wall.boxes.map(
          (b) =>
            b.at && (
              <rect
                key={b.id}
                {...press(f, b)}
                fill="transparent"
                role="button"
                tabIndex={0}
                aria-label={b.name}
                aria-pressed={b.id === picked}
                className="cursor-grab touch-none"
                {...handlers(b)}
              />
            ),
        )}
      </svg>
    </div>
  );
}

/** What is pressed is as large as a thumb. */
function press(f: Frame, box: WallBox) {
  const r = rect(f, box.at!);
  const [dx, dy] = [Math.max(0, 44 - r.width) / 2, Math.max(0, 44 - r.height) / 2];
  return { x: r.x - dx, y: r.y - dy, width: r.width + 2 * dx, height: r.height + 2 * dy };
}

const BoxOnWall = memo(function BoxOnWall({
  box,
  frame: f,
  label,
  picked,
  dx,
  dy,
}: {
  box: WallBox;
  frame: Frame;
  label: Label;
  picked: boolean;
  dx: number;
  dy: number;
}) {
  const here = box.side === (f.flip ? "Far" : "Near");
  const r = rect(f, box.at!);
  const plate = picked && box.cut?.plate ? rect(f, box.cut.plate) : null;
  const shift = `translate(${dx * (f.flip ? -1 : 1) * f.scale} ${-dy * f.scale})`;
  const stops = box.cut?.notes.some((n) => n.weight === "Stop");
  return (
    <g>
      <g transform={shift}>
        {plate && <rect {...plate} rx="4" fill="none" stroke="var(--amber)" strokeWidth="1.5" />}
        <rect
          {...r}
          rx="3"
          fill={here ? "var(--plastic)" : "var(--card)"}
          fillOpacity={here ? 1 : 0.5}
          stroke={stops ? "var(--barn)" : "var(--ink)"}
          strokeWidth={picked ? 3.5 : 2}
          strokeDasharray={here && box.sure && box.sized ? undefined : "5 4"}
        />
        <text
          x={label.x}
          y={label.y}
          textAnchor={label.end ? "end" : "start"}
          stroke="var(--card)"
          strokeWidth="3"
          paintOrder="stroke"
          fontSize="13"
          fontWeight={picked ? 700 : 400}
          fill="var(--ink)"
        >
          {box.name}
        </text>
      </g>
      {picked && <Dimensions box={box} frame={f} dx={dx} dy={dy} />}
    </g>
  );
});

/** The two numbers a box is recorded by, as lines to what they start at. */
function Dimensions({ box, frame: f, dx, dy }: { box: WallBox; frame: Frame; dx: number; dy: number }) {
  const { units } = useSettings();
  const a = box.at!;
  const [left, right, bottom, top] = [a.left + dx, a.right + dx, a.bottom + dy, a.top + dy];
  return (
    <>
      {box.numbers
        .filter((n) => n.used)
        .map((n) => {
          const to = n.up ? edgeOf(bottom, top, n.tape.to) : edgeOf(left, right, n.tape.to);
          const says = length(unitsText(Math.abs(to - n.start)), units);
          const stroke = n.sure ? "var(--ink)" : "var(--amber)";
          if (n.up) {
            const x = Math.max(f.x(left), f.x(right)) + 14;
            return (
              <g key="up">
                <path
                  d={`M${x - 7} ${f.y(n.start)}h14M${x} ${f.y(n.start)}V${f.y(to)}M${x - 7} ${f.y(to)}h14`}
                  stroke={stroke}
                  fill="none"
                />
                <Figure x={x + 8} y={(f.y(n.start) + f.y(to)) / 2 + 5} text={says} stroke={stroke} />
              </g>
            );
          }
          const y = f.y(bottom) + 16;
          return (
            <g key="across">
              <path d={`M${f.x(n.start)} ${y - 7}v14M${f.x(n.start)} ${y}H${f.x(to)}M${f.x(to)} ${y - 7}v14`} stroke={stroke} fill="none" />
              <Figure x={(f.x(n.start) + f.x(to)) / 2} y={y - 5} text={says} stroke={stroke} middle />
            </g>
          );
        })}
    </>
  );
}

function Figure({ x, y, text, stroke, middle }: { x: number; y: number; text: string; stroke: string; middle?: boolean }) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={middle ? "middle" : "start"}
      fontSize="15"
      fontWeight="700"
      className="figure"
      fill={stroke}
      stroke="var(--card)"
      strokeWidth="4"
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}
