import { memo } from "react";
import type { Schemas } from "../api/client";
import { words } from "../words";
import { DeviceFigure } from "./DeviceFigure";
import { wide } from "./layout";
import type { PictureProps } from "./pictureProps";
import type { Plate } from "./plates";
import { Spot } from "./Spot";
import { Stop } from "./Stop";

const w = words.bench;
const W = wide.block;

/** A device with its terminals and landing places, or the bonding screw of the box. */
export const BlockPlate = memo(function BlockPlate({
  plate,
  x,
  kind,
  lit,
  rear,
  onSelect,
  focus,
}: Pick<PictureProps, "rear" | "onSelect" | "focus"> & {
  plate: Plate;
  x: number;
  kind: Schemas["DeviceKind"] | undefined;
  lit: boolean;
}) {
  const { device, top, height, names, dead, load } = plate;
  return (
    <g>
      {device ? (
        <rect
          x={x}
          y={top}
          width={W}
          height={height}
          rx="12"
          fill="var(--card)"
          stroke={lit ? "var(--slate)" : "var(--ink)"}
          strokeWidth={lit ? 4 : 2.5}
        />
      ) : (
        <rect x={x} y={top - 4} width={W} height={height + 8} rx="10" fill="var(--card)" stroke="var(--ink)" strokeWidth="2" />
      )}
      {device && (
        <>
          <rect
            x={x + 3}
            y={top + 3}
            width={W - 6}
            height={plate.head - 6}
            rx="9"
            fill={focus === plate.id ? "var(--slate-wash)" : "transparent"}
          />
          {names.map((line, i) => (
            <text key={i} x={x + 12} y={top + 20 + i * 16} fontSize="14" fontWeight="700" fill="var(--ink)">
              {line}
            </text>
          ))}
          <text x={x + 12} y={top + 22 + names.length * 16} fontSize="11.5" fill="var(--ink-2)">
            {device.stands}
          </text>
          {dead.length > 0 && (
            <g fontSize="12" fill="var(--ink)">
              <text x={x + 12} y={top + 70} fontWeight="700">
                {w.cutOffWithout}
              </text>
              {dead.map((cable, i) => (
                <text key={i} x={x + 12} y={top + 83 + i * 12}>
                  {cable}
                </text>
              ))}
            </g>
          )}
          <Stop
            walk={plate.id}
            says={plate.says}
            pressed={lit}
            x={x + 3}
            y={top + 3}
            width={W - 6}
            height={Math.max(24, plate.head - 6)}
            onChoose={(e) => onSelect({ kind: "device", id: device.id }, e)}
          />
          <DeviceFigure kind={kind} turned={device.turned} rear={rear} x={x + W - 44} y={top + 8} />
        </>
      )}
      {load && (
        <g>
          <rect
            x={x + 5}
            y={load.top + 1}
            width={W - 10}
            height={load.bottom - load.top - 2}
            rx="7"
            fill="var(--moss-wash)"
            stroke="var(--moss)"
            strokeWidth="1.5"
            strokeDasharray="5 3"
          />
          <text
            x={x + W - 12}
            y={load.bottom + 4}
            textAnchor="end"
            fontSize="10.5"
            fill="var(--moss)"
            stroke="var(--card)"
            strokeWidth="4"
            paintOrder="stroke"
          >
            {w.protects}
          </text>
        </g>
      )}
      {plate.rows.map((row) => (
        <g key={row.id}>
          {row.ties.map((d) => (
            <path key={d} d={d} stroke="var(--w-edge)" strokeWidth="5" />
          ))}
          {row.spots.map((spot) => (
            <Spot
              key={spot.at}
              {...spot}
              focus={focus === spot.at}
              onChoose={() => device && onSelect({ kind: "device", id: device.id })}
            />
          ))}
          <text x={row.x} y={row.y} fontSize="12.5" fill="var(--ink)" pointerEvents="none">
            {row.name}
          </text>
        </g>
      ))}
    </g>
  );
});
