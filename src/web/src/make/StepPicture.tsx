import type { Schemas } from "../api/client";
import { useSettings, type Units } from "../api/settings";
import { wire } from "../model/wire";
import { length } from "../parts/measure";
import { makeWords as w } from "../words/make";

type InHand = Schemas["ToldInHand"];

const [WIDE, ROW, TOP, KNOT] = [360, 52, 30, 200];
/** As many letters as fit over a strand of one side. */
const LETTERS = 28;

/** The leads of one step alone: cables from the left to what they meet at, pigtails and a device's own leads on to the right. */
export function StepPicture({ leads, knot }: { leads: readonly InHand[]; knot: string | null }) {
  const { units } = useSettings();
  const sides = [leads.filter((l) => !l.tail), leads.filter((l) => l.tail)] as const;
  const rows = Math.max(sides[0].length, sides[1].length, 1);
  const tall = TOP + rows * ROW;
  const meet = TOP / 2 + (rows * ROW) / 2 + 4;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${tall}`}
      className="block w-full rounded-xl border-2 border-ink bg-card"
      style={{ maxHeight: "42vh" }}
      role="img"
      aria-label={w.strands(leads.map((l) => `${l.colour} ${l.name}`))}
    >
      {sides.map((side, right) => {
        const first = (rows - side.length) / 2;
        const apart = Math.min(9, 60 / Math.max(1, side.length));
        return side.map((lead, i) => {
          const y = TOP + (first + i) * ROW + 10;
          const end = meet + (i - (side.length - 1) / 2) * apart;
          const way = right ? 1 : -1;
          const [edge, straight, at] = [right ? WIDE : 0, right ? WIDE - 90 : 124, KNOT + way * 12];
          const path = `M ${edge} ${y} H ${straight} C ${straight - way * 45} ${y}, ${at + way * 45} ${end}, ${at} ${end}`;
          return (
            <g key={lead.id}>
              <path d={path} fill="none" stroke="var(--ink)" strokeWidth={thick(lead) + 2.5} />
              <path d={path} fill="none" stroke={wire(lead.markedAs ?? lead.colour)} strokeWidth={thick(lead)} />
              <text
                x={right ? WIDE - 8 : 8}
                y={y - 8}
                textAnchor={right ? "end" : "start"}
                fontSize="12"
                fill="var(--ink)"
                stroke="var(--card)"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {called(lead, units)}
              </text>
            </g>
          );
        });
      })}
      <rect x={KNOT - 13} y={meet - 23} width={26} height={46} rx={8} fill="var(--knot)" stroke="var(--ink)" strokeWidth={2.5} />
      {knot && (
        <text x={KNOT} y={tall - 5} textAnchor="middle" fontSize="12" fill="var(--ink-2)">
          {short(knot, 44)}
        </text>
      )}
    </svg>
  );
}

const called = (lead: InHand, units: Units) => {
  const colour = lead.colour === "bare" ? "" : `${lead.markedAs ?? lead.colour}, `;
  const long = lead.length ? ` · ${length(lead.length, units)}` : "";
  return short(colour + lead.name, LETTERS - long.length) + long;
};

const short = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text);

/** Thicker for a lower gauge. */
const thick = (lead: InHand) => ({ "14": 5, "12": 6.5, "10": 8 })[lead.gauge ?? "14"] ?? 5;
