import { words } from "../words";

type Way = { wall: string; line: [number, number, number, number] };

/** Where the tape goes: a small drawing of box, wall, stud or cable with the measure marked on it. */
const BOX = "M90 20 h44 v60 h-44 z";
const drawings: Record<string, Way> = {
  height: { wall: "M20 96 H180 M88 20 h40 v28 h-40 z", line: [108, 34, 108, 96] },
  setback: { wall: "M70 4 V96 M70 20 H20 M70 80 H20 M82 26 h50 v48 h-50 z", line: [70, 50, 82, 50] },
  proud: { wall: "M90 4 V96 M74 26 h60 v48 h-60 z", line: [74, 50, 90, 50] },
  gap: { wall: "M60 10 h84 v80 h-84 z M74 18 h62 v64 h-62 z", line: [60, 50, 74, 50] },
  opposite: { wall: "M10 34 H190 M10 66 H190 M40 34 v-18 h26 v18 M130 66 v18 h26 v-18", line: [53, 50, 143, 50] },
  storage: { wall: "M10 10 H190 M40 10 v14 M22 24 h36 v10 h-36 z M120 60 H190 M120 60 v-24 h40 v24", line: [58, 40, 118, 40] },
  sheath: { wall: `${BOX} M112 4 V40 M104 4 V40 M108 40 V74`, line: [122, 20, 122, 40] },
  fastener: { wall: "M70 60 h44 v36 h-44 z M92 60 C92 40 92 30 92 4 M82 16 h20", line: [122, 60, 122, 16] },
  slack: { wall: "M30 60 h44 v36 h-44 z M52 60 C52 20 120 40 120 8 M110 12 h20", line: [60, 50, 120, 16] },
  spacing: { wall: "M10 50 H190 M40 40 v20 M160 40 v20", line: [40, 70, 160, 70] },
  edge: { wall: "M60 6 h60 v88 h-60 z M96 46 a6 6 0 1 0 0.1 0", line: [60, 52, 90, 52] },
  bend: { wall: "M20 90 H60 A50 50 0 0 0 110 40 V6", line: [60, 40, 96, 76] },
  buried: { wall: "M10 20 H190 M10 78 H190 M10 86 H190", line: [100, 20, 100, 78] },
  lead: { wall: `${BOX} M112 4 V30 M112 30 C112 60 150 50 178 60`, line: [112, 86, 178, 86] },
  reach: { wall: "M20 20 h60 v60 h-60 M50 50 C70 50 110 40 150 50", line: [80, 66, 150, 66] },
  bare: { wall: "M70 50 a16 16 0 1 0 0.1 0 M70 34 H180 M120 28 H180 V40 H120 z", line: [86, 62, 120, 62] },
  path: { wall: "M20 40 H80 M80 30 h30 v40 h-30 z M80 60 H20 M110 50 H180", line: [20, 84, 180, 84] },
};

export function TapePicture({ name }: { name: string }) {
  const drawing = drawings[name];
  const says = words.picture[name as keyof typeof words.picture] ?? "";
  if (!drawing) return null;
  const [x1, y1, x2, y2] = drawing.line;
  const along = Math.abs(x2 - x1) > Math.abs(y2 - y1);
  return (
    <figure className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <svg viewBox="0 0 200 100" className="h-24 w-full max-w-48 rounded-lg border-2 border-rule bg-card" aria-hidden>
        <path d={drawing.wall} fill="none" stroke="var(--ink)" strokeWidth="2.5" strokeLinejoin="round" />
        <g stroke="var(--barn)" strokeWidth="3.5">
          <line x1={x1} y1={y1} x2={x2} y2={y2} />
          {along ? (
            <path d={`M${x1} ${y1 - 6} V${y1 + 6} M${x2} ${y2 - 6} V${y2 + 6}`} />
          ) : (
            <path d={`M${x1 - 6} ${y1} H${x1 + 6} M${x2 - 6} ${y2} H${x2 + 6}`} />
          )}
        </g>
      </svg>
      <figcaption className="text-sm first-letter:uppercase">{says}</figcaption>
    </figure>
  );
}
