import type { useDraw } from "./useDraw";
import { sheetWords } from "../words/sheet";
import { wrap } from "../model/names";
import { U, type RailOut } from "./layout";
import { Press } from "./Press";
import { RailHead } from "./RailHead";
import { StopMark } from "./StopMark";
import { drawOf, isEnd, isOff, isShown, spotOf, type Rail, type Show, type Stop } from "./show";

const w = sheetWords.sheet;
/** Letters of a name that have room under a stop, and beside an end. */
const LETTERS = 19;
const ENDS = 20;

/** One rail: its breaker, its cables and its stops. */
export function RailPicture({
  rail,
  placed,
  at,
  show,
  room,
  onStop,
  onRail,
  onCable,
  onDown,
}: {
  rail: Rail;
  placed: RailOut;
  at: string | null;
  show: Show;
  room: string;
  onStop: (spot: string) => void;
  onRail: () => void;
  onCable: (stop: Stop) => void;
  onDown: ReturnType<typeof useDraw>["begin"];
}) {
  const stops = new Map(rail.stops.map((s) => [s.key, s]));
  const off = isOff(rail);
  return (
    <g data-rail={rail.key}>
      {placed.stretches.map((s) => (
        <g key={s.keys[0]}>
          <rect
            x={s.x}
            y={s.y - 18}
            width={s.width}
            height="36"
            rx="18"
            fill="var(--moss-wash)"
            stroke="var(--moss)"
            strokeWidth="1.2"
            strokeDasharray="5 3"
          />
          <title>{w.behind(stops.get(s.keys[0]!)!.guards)}</title>
          <text x={s.x + s.width - 10} y={s.y - 22} fontSize="11" textAnchor="end" fill="var(--moss)">
            {w.isProtected}
          </text>
        </g>
      ))}
      {placed.ways.map((way) => (
        <Way
          key={way.to}
          d={way.d}
          stop={stops.get(way.to)!}
          off={off}
          x={way.x2 - (stops.get(way.to)!.from ? U.column / 2 - U.stop / 2 : 22)}
          y={way.y}
        />
      ))}
      {placed.ways
        .filter((way) => stops.get(way.to)!.by)
        .map((way) => (
          <Press
            key={way.to}
            quiet
            label={w.cableTo(stops.get(way.to)!)}
            onPress={() => onCable(stops.get(way.to)!)}
            x={way.x1}
            y={way.y - 14}
            width={Math.max(12, way.x2 - way.x1)}
            height={28}
          />
        ))}
      <RailHead
        rail={rail}
        y={placed.top + U.lead}
        off={off}
        onOpen={onRail}
        onDown={(e) => onDown(e, drawOf(rail.key), U.panel - 18, placed.top + U.lead)}
      />
      {placed.stops.map(({ key, x, y }) => {
        const stop = stops.get(key)!;
        const spot = spotOf(rail.key, key);
        const faded = !isShown(rail, stop, show, room);
        return (
          <g key={key} opacity={faded ? 0.3 : 1}>
            <StopMark stop={stop} x={x} y={y} />
            {isEnd(stop)
              ? wrap(stop.name, ENDS, 2).map((line, i, all) => (
                  <text key={i} x={x + 20} y={y + 4 + 13 * i - 6.5 * (all.length - 1)} fontSize="12.5" fill="var(--ink-2)">
                    {line}
                  </text>
                ))
              : wrap(stop.name, LETTERS, 2).map((line, i) => (
                  <text
                    key={i}
                    x={x}
                    y={y + 28 + 13 * i}
                    fontSize="12.5"
                    textAnchor="middle"
                    fill="var(--ink)"
                    stroke="var(--lime)"
                    strokeWidth="5"
                    strokeLinejoin="round"
                    paintOrder="stroke"
                  >
                    {line}
                  </text>
                ))}
            <Press
              label={w.stopSays(stop)}
              pressed={at === spot}
              spot={spot}
              draw={spot}
              onPress={() => onStop(spot)}
              onDown={(e) => onDown(e, spot, x, y)}
              x={x - (isEnd(stop) ? 14 : 56)}
              y={y - 18}
              width={isEnd(stop) ? U.column : 112}
              height={isEnd(stop) ? 36 : 54}
            />
            <rect
              className="ring"
              x={x - 19}
              y={y - 19}
              width="38"
              height="38"
              rx="9"
              fill="none"
              stroke="var(--slate)"
              strokeWidth="3.5"
              opacity={at === spot ? 1 : 0}
              pointerEvents="none"
            />
          </g>
        );
      })}
    </g>
  );
}

/** A cable from stop to stop: thick where it feeds, thin behind a switch, double between switches, dotted where nobody saw a hot in it. */
function Way({ d, stop, off, x, y }: { d: string; stop: Stop; off: boolean; x: number; y: number }) {
  const dead = off || stop.expected === "Dead";
  const colour = dead ? "var(--ink-2)" : "var(--ink)";
  const thick = stop.brings === "Feed" ? 5 : stop.brings === "Travelers" ? 7 : stop.brings === "Switched" ? 2.5 : 2;
  const dash = stop.brings === "Unknown" || !stop.seen ? "2 6" : dead ? "7 5" : undefined;
  return (
    <g fill="none" strokeLinecap="round">
      <path d={d} stroke={colour} strokeWidth={thick} strokeDasharray={dash} />
      {stop.brings === "Travelers" && <path d={d} stroke="var(--lime)" strokeWidth="3" />}
      {stop.size && (
        <text
          x={x}
          y={y - 8}
          fontSize="10.5"
          textAnchor="middle"
          className="figure"
          fill="var(--ink-2)"
          stroke="var(--lime)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {stop.size.split(",")[0]}
        </text>
      )}
    </g>
  );
}
