import type { Schemas } from "../api/client";
import { words } from "../words";

const brass = "#d8b25a";
const silver = "#d5d8da";
const green = "#4e9a48";

/**
 * The device small, as it stands: screws on the sides they are on. Seen from the front the hot side of a receptacle is
 * at the right and its ground at the foot; from behind it is mirrored, turned over it stands on its head.
 */
export function DeviceFigure({
  kind,
  turned,
  rear,
  x,
  y,
}: {
  kind: Schemas["DeviceKind"] | undefined;
  turned: boolean;
  rear: boolean;
  x: number;
  y: number;
}) {
  if (!kind?.yoke) return null;
  const has = (id: RegExp) => kind.terminals.some((t) => id.test(t.role));
  const hots = kind.terminals.filter((t) => /Hot|Common|Switched|Traveler/.test(t.role)).length;
  const neutrals = kind.terminals.filter((t) => /Neutral/.test(t.role)).length;
  const receptacle = kind.face === "Slots";
  const column = (n: number, cx: number, fill: string) =>
    Array.from({ length: Math.min(3, n) }, (_, i) => (
      <circle key={`${cx}${i}`} cx={cx} cy={14 + ((i + 0.5) * 24) / Math.min(3, n)} r="3.2" fill={fill} stroke="#20252b" strokeWidth="1" />
    ));
  const flip = `${rear ? "translate(32 0) scale(-1 1) " : ""}${turned ? "rotate(180 16 26)" : ""}`;
  return (
    <g
      transform={`translate(${x} ${y})`}
      pointerEvents="none"
      role="img"
      aria-label={rear ? words.bench.fromBehind : words.bench.fromFront}
    >
      <g transform={flip}>
        <rect x="11" y="0" width="10" height="52" rx="2" fill="var(--soft)" stroke="var(--ink)" strokeWidth="1.2" />
        <rect x="6" y="9" width="20" height="34" rx="3" fill="var(--lime)" stroke="var(--ink)" strokeWidth="1.6" />
        {receptacle &&
          !rear &&
          [19, 33].map((cy) => (
            <g key={cy} stroke="var(--ink)" strokeWidth="1.4">
              <path d={`M12.5 ${cy - 3.5}v7M19.5 ${cy - 2.5}v5`} />
            </g>
          ))}
        {!receptacle && !rear && <rect x="13" y="18" width="6" height="16" rx="1.5" fill="none" stroke="var(--ink)" strokeWidth="1.4" />}
        {column(hots, 28, brass)}
        {column(neutrals, 4, silver)}
        {has(/Ground/) && <circle cx="6" cy="46" r="3.2" fill={green} stroke="#20252b" strokeWidth="1" />}
      </g>
    </g>
  );
}
