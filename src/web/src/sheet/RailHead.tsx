import type { PointerEvent } from "react";
import { wrap } from "../model/names";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import { U } from "./layout";
import { Press } from "./Press";
import { drawOf, type Rail } from "./show";

const w = sheetWords.sheet;

/** Where a rail leaves its panel: the breaker on its plate, what it is called and what is known to hang on it. */
export function RailHead({
  rail,
  y,
  off,
  onOpen,
  onDown,
}: {
  rail: Rail;
  y: number;
  off: boolean;
  onOpen: () => void;
  onDown: (event: PointerEvent) => void;
}) {
  const [first] = rail.breakers;
  const title = rail.name ?? first?.says ?? (first ? w.noName : "");
  return (
    <g>
      {first && (
        <g>
          <rect x="12" y={y - 18} width={U.panel - 30} height="36" rx="6" fill="var(--card)" stroke="var(--ink)" strokeWidth="2" />
          <text x="21" y={y + 5} fontSize="14" fontWeight="700" className="figure" fill="var(--ink)">
            {rail.breakers.map((b) => b.slot.replace(", ", "·")).join("+")}
          </text>
          <text x="114" y={y + 5} fontSize="12.5" textAnchor="end" className="figure" fill="var(--ink)">
            {`${first.amperes ?? "?"} A`}
          </text>
          <rect
            x="122"
            y={y - 10}
            width="46"
            height="20"
            rx="4"
            fill={off ? "none" : first.on == null ? "none" : "var(--ink)"}
            stroke="var(--ink)"
            strokeDasharray={first.on == null ? "3 2" : undefined}
          />
          <text
            x="145"
            y={y + 4.5}
            fontSize="12"
            fontWeight="700"
            textAnchor="middle"
            fill={off || first.on == null ? "var(--ink)" : "var(--on-ink)"}
          >
            {first.on == null ? "?" : off ? words.housePage.off : words.housePage.on}
          </text>
          <Press
            label={w.railSays(rail)}
            breaker={first.key}
            draw={drawOf(rail.key)}
            onPress={onOpen}
            onDown={onDown}
            x={12}
            y={y - 18}
            width={U.panel - 30}
            height={36}
          />
          <rect
            className="ring"
            x="10"
            y={y - 20}
            width={U.panel - 26}
            height="40"
            rx="8"
            fill="none"
            stroke="var(--slate)"
            strokeWidth="3.5"
            opacity="0"
            pointerEvents="none"
          />
        </g>
      )}
      {wrap(title, 25, 1).map((line) => (
        <text
          key={line}
          x={U.panel + 6}
          y={y - 10}
          fontSize="13"
          fontWeight="700"
          fill="var(--ink)"
          stroke="var(--lime)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {line}
        </text>
      ))}
      <text
        x={U.panel + 22}
        y={y + 20}
        fontSize="11.5"
        className="figure"
        fill="var(--ink-2)"
        stroke="var(--lime)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {first?.heldBy?.length ? w.held(first.heldBy) : rail.amperes == null ? "" : w.load(rail.knownLoad ?? 0, rail.amperes)}
      </text>
    </g>
  );
}
