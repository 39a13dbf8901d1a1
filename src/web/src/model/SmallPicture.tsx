import { Fragment } from "react";
import type { BoxView } from "../api/client";
import { entryAt, outlineOf } from "../parts/boxShape";
import { words } from "../words";
import { cableName, deviceName, leadName } from "./names";
import { wire } from "./wire";

const [WIDE, TALL] = [320, 112];
/** Height of the box in it, and its least and most width: as wide as its cables side by side want. */
const [H, NARROW, BROAD] = [76, 92, 280];
/** How far a sheath is seen outside and its leads inside, and how far apart leads and cables lie. */
const [STUB, REACH, APART, CABLE] = [18, 29, 9, 42];

type Cable = BoxView["cables"][number];

/** The box front on and small: its cables where they come in, with what is spoken of lit: leads, cables, devices, by id. */
export function SmallPicture({ view, lit }: { view: BoxView; lit: readonly string[] }) {
  const { box } = view;
  const all = new Set(lit);
  const most = Math.max(...["Top", "Bottom"].map((side) => view.cables.filter((c) => sideOf(view, c) === side).length), box.gangs ?? 0);
  const W = Math.min(BROAD, Math.max(NARROW, (most + 1) * CABLE));
  const [x, y] = [(WIDE - W) / 2, (TALL - H) / 2];
  const round = box.shape === "Round" || box.shape === "Pan";
  const entries = Object.entries(box.entries ?? {});
  const along = (side: string) => view.cables.filter((c) => sideOf(view, c) === side).sort((a, b) => placeOf(view, a) - placeOf(view, b));
  const devices = Object.entries(box.devices ?? {});
  const names = [
    ...view.cables.filter((c) => isLit(c, all)).map((c) => cableName(view, c)),
    ...Object.keys({ ...box.leads, ...box.pigtails })
      .filter((l) => all.has(l))
      .map((l) => leadName(view, l)),
    ...devices.filter(([id]) => all.has(id)).map(([id]) => deviceName(view, id)),
  ];
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${TALL}`}
      className="block h-28 w-full rounded-xl border-2 border-rule bg-wall"
      role="img"
      aria-label={words.smallPicture(names)}
    >
      <path
        d={outlineOf(box.shape === "Round" && box.material === "Metal", round, x, y, W, H)}
        fill={box.material === "Metal" ? "var(--metal)" : "var(--plastic)"}
        stroke={all.has("box") ? "var(--slate)" : "var(--ink)"}
        strokeWidth={all.has("box") ? 5 : 2}
      />
      {devices.map(([id, d], i) => {
        const across = box.gangs ? W / box.gangs : W;
        const cx = x + across * ((d.gang ?? 0) > 0 ? d.gang! - 0.5 : (i + 0.5) / devices.length);
        return (
          <Fragment key={id}>
            {all.has(id) && <rect x={cx - 19} y={y + H / 2 - 25} width="38" height="50" rx="8" fill="var(--slate)" opacity="0.55" />}
            <rect
              x={cx - 14}
              y={y + H / 2 - 20}
              width="28"
              height="40"
              rx="5"
              fill="var(--card)"
              stroke="var(--ink)"
              strokeWidth="1.5"
              opacity={all.has(id) ? 1 : 0.55}
            />
          </Fragment>
        );
      })}
      {["Top", "Bottom", "Left", "Right", "Back"].flatMap((side) =>
        along(side).map((c, i, here) => {
          const { at, out } = entryAt(side, (i + 1) / (here.length + 1), x, y, W, H);
          return <Sheath key={`${c.run}${c.side}`} view={view} cable={c} at={at} out={out} lit={all} />;
        }),
      )}
      {entries
        .filter(([id]) => all.has(id))
        .map(([id, e]) => {
          const { at } = entryAt(e.side, 0.5, x, y, W, H);
          return <circle key={id} cx={at[0]} cy={at[1]} r="9" fill="none" stroke="var(--slate)" strokeWidth="4" />;
        })}
    </svg>
  );
}

const sideOf = (view: BoxView, cable: Cable) => view.box.entries?.[cable.entry ?? ""]?.side ?? "Top";
const placeOf = (view: BoxView, cable: Cable) => view.box.entries?.[cable.entry ?? ""]?.place ?? 0;
const endOf = (cable: Cable) => `${cable.run}.${cable.side.toLowerCase()}`;
const isLit = (cable: Cable, lit: ReadonlySet<string>) => lit.has(cable.run) || lit.has(endOf(cable));

/** A cable where it comes in, with its leads spread. */
function Sheath({
  view,
  cable,
  at: [x, y],
  out: [dx, dy],
  lit,
}: {
  view: BoxView;
  cable: Cable;
  at: [number, number];
  out: [number, number];
  lit: ReadonlySet<string>;
}) {
  const whole = isLit(cable, lit);
  // From the back the leads come towards the eye, and are drawn hanging down.
  const [ix, iy] = dx === 0 && dy === 0 ? [0, 1] : [-dx, -dy];
  const leads = cable.leads.map((id) => [id, view.box.leads?.[id]?.colour ?? "grey"] as const);
  const middle = (leads.length - 1) / 2;
  const stub = `M${x + dx * STUB} ${y + dy * STUB}L${x} ${y}`;
  return (
    <g>
      {dx === 0 && dy === 0 ? (
        <circle cx={x} cy={y} r="6" fill="var(--card)" stroke={whole ? "var(--slate)" : "var(--ink)"} strokeWidth={whole ? 4 : 1.5} />
      ) : (
        <>
          {whole && <path d={stub} stroke="var(--slate)" strokeWidth="19" opacity="0.55" />}
          <path d={stub} stroke="var(--w-edge)" strokeWidth="11" opacity={whole ? 1 : 0.5} />
          <path d={stub} stroke="var(--card)" strokeWidth="8" />
        </>
      )}
      {leads.map(([id, colour], i) => {
        const aside = (i - middle) * APART;
        const end = [x + ix * REACH + iy * aside, y + iy * REACH + ix * aside];
        const d = `M${x} ${y}Q${x + ix * 8 + iy * aside} ${y + iy * 8 + ix * aside} ${end[0]} ${end[1]}`;
        const on = whole || lit.has(id);
        return (
          <g key={id} fill="none" strokeLinecap="round" opacity={on || lit.size === 0 ? 1 : 0.4}>
            {on && <path d={d} stroke="var(--slate)" strokeWidth="13" opacity="0.55" />}
            <path d={d} stroke="var(--w-edge)" strokeWidth={on ? 6.5 : 4.5} />
            <path d={d} stroke={wire(colour)} strokeWidth={on ? 4 : 2.5} />
          </g>
        );
      })}
    </g>
  );
}
