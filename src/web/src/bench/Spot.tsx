import type { SpotOf } from "./plates";
import { Stop } from "./Stop";

/** A landing place as it looks: a screw, a screw with a plate, a push-in hole. */
export function Spot({
  at,
  x,
  y,
  colour,
  kind,
  focus,
  says,
  onChoose,
}: SpotOf & {
  focus: boolean;
  onChoose: () => void;
}) {
  return (
    <g>
      {focus && <circle cx={x} cy={y} r="14" fill="none" stroke="var(--slate)" strokeWidth="3" />}
      {kind === "PushIn" || kind === "Port" ? (
        <rect x={x - 5} y={y - 5} width="10" height="10" rx="2" fill="var(--w-black)" stroke="var(--w-edge)" strokeWidth="1.6" />
      ) : kind === "Clip" ? (
        <path d={`M${x - 8} ${y - 7}h13a3 3 0 0 1 3 3v8a3 3 0 0 1 -3 3h-13`} fill={colour} stroke="#20252b" strokeWidth="2" />
      ) : (
        <>
          {kind === "ClampPlate" && (
            <rect x={x - 10} y={y - 8} width="20" height="16" rx="2" fill={colour} stroke="var(--w-edge)" strokeWidth="1.6" />
          )}
          <circle cx={x} cy={y} r={kind === "ClampPlate" ? 6 : 8} fill={colour} stroke="#20252b" strokeWidth="1.6" />
          <path d={`M${x - 4} ${y + 3}L${x + 4} ${y - 3}`} stroke="#20252b" strokeWidth="1.6" />
        </>
      )}
      <Stop walk={at} says={says} x={x - 12} y={y - 12} width={24} height={24} onChoose={onChoose} />
    </g>
  );
}
