import { memo } from "react";
import { inches, length } from "../parts/measure";
import { sameBox } from "../model/sameBox";
import { words } from "../words";
import { wide } from "./layout";
import type { PictureProps } from "./pictureProps";
import { cableName, NAME, wrap } from "../model/names";
import { cablesInOrder, cuffId } from "./scene";
import { entryAt, outlineOf } from "../parts/boxShape";
import { FeedMark, short } from "./FeedMark";
import { HurtMark } from "./HurtMark";
import { Stop } from "./Stop";

const w = words.bench;
/** The wall goes on beyond the picture, however much its room shows. */
const FAR = 4000;

/** The wall with the box on it to scale, its depth beside it, sheaths coming in, and each cable's cuff with its name. */
export const BoxAndCables = memo(BoxAndCablesFigure, (was, is) => {
  const { view, placed, ...rest } = is;
  return (
    sameBox({ ...rest, view: was.view }, { ...rest, view }) &&
    (Object.keys(rest) as (keyof typeof rest)[]).every((k) => was[k] === is[k]) &&
    was.view.cables === view.cables &&
    was.placed.height === placed.height &&
    was.placed.x.labelA === placed.x.labelA &&
    JSON.stringify(was.placed.cuffs) === JSON.stringify(placed.cuffs)
  );
});

function BoxAndCablesFigure({
  view,
  placed,
  units,
  lit,
  focus,
  rear,
  onSelect,
}: Pick<PictureProps, "view" | "placed" | "units" | "lit" | "focus" | "rear" | "onSelect">) {
  const box = view.box;
  const known = { h: inches(box.height?.value), w: inches(box.width?.value), d: inches(box.depth?.value) };
  const gangs = Math.max(1, box.gangs ?? 0);
  const h = known.h ?? 3.5;
  const wd = known.w ?? 2 + 1.8 * (gangs - 1);
  const d = known.d ?? 2.5;
  const parts = Object.values(box.parts ?? {})
    .filter((p) => p.role === "Ring" || p.role === "Extension" || p.role === "RaisedCover")
    .sort((p, q) => (p.order ?? 0) - (q.order ?? 0));
  const depths = parts.map((p) => inches(p.depth?.value) ?? 0.5);
  const cuffs = placed.cuffs;
  const tall = placed.height;
  const foot = 88;
  const deepAll = d + depths.reduce((p, q) => p + q, 0);
  const scale = Math.min(128 / wd, (tall - foot - 100) / h, 130 / deepAll, 46);
  const W = wd * scale;
  const H = h * scale;
  const x0 = 18 + (128 - W) / 2;
  const middle = cuffs.length ? (cuffs[0]!.top + cuffs[cuffs.length - 1]!.top + cuffs[cuffs.length - 1]!.height) / 2 : tall / 2;
  const y0 = Math.min(Math.max(44, middle - H / 2), tall - foot - H - 40);
  const round = box.shape === "Round" || box.shape === "Pan";
  const entries = Object.entries(box.entries ?? {});
  const spots = new Map(
    entries.map(([id, e]) => {
      const along = entries.filter(([, o]) => o.side === e.side).sort((p, q) => (p[1].place ?? 0) - (q[1].place ?? 0));
      const t = (along.findIndex(([o]) => o === id) + 1) / (along.length + 1);
      return [id, entryAt(e.side, rear && e.side !== "Left" && e.side !== "Right" ? 1 - t : t, x0, y0, W, H)] as const;
    }),
  );
  const deep = deepAll * scale;
  const dy = tall - foot + 22;
  const insetH = 30;
  return (
    <g>
      <rect x={-FAR} y={-FAR} width={FAR + wide.box + wide.cuff / 2} height={3 * FAR} fill="var(--wall)" />
      <path d={`M${wide.box + wide.cuff / 2} ${-FAR}V${2 * FAR}`} stroke="var(--ink)" strokeWidth="1.5" />
      <g role="img" aria-label={w.outline(view.kindName, box.height?.value ?? "?", box.width?.value ?? "?", box.depth?.value ?? "?")}>
        {[0, 7].map((inset) => (
          <path
            key={inset}
            d={outlineOf(box.shape === "Round" && box.material === "Metal", round, x0 + inset, y0 + inset, W - 2 * inset, H - 2 * inset)}
            fill={inset ? "none" : box.material === "Metal" ? "var(--metal)" : "var(--plastic)"}
            stroke="var(--ink)"
            strokeWidth={inset ? 1 : 2.5}
            opacity={inset ? 0.35 : 1}
            strokeDasharray={known.h === null || known.w === null ? "6 4" : undefined}
          />
        ))}
        {gangs > 1 &&
          Array.from({ length: gangs - 1 }, (_, i) => (
            <path key={i} d={`M${x0 + ((i + 1) * W) / gangs} ${y0 + 6}v${H - 12}`} stroke="var(--ink)" strokeWidth="1" opacity="0.4" />
          ))}
        {Object.values(box.partitions ?? {}).map((p, i) => (
          <path key={i} d={`M${x0 + ((p.afterGang ?? 1) * W) / gangs} ${y0}v${H}`} stroke="var(--ink)" strokeWidth="3.5" />
        ))}
        {entries.map(([id, e]) => {
          const { at, out } = spots.get(id)!;
          const open = e.state === "Open";
          return e.state === "Used" ? null : (
            <g key={id}>
              <circle
                cx={at[0] - out[0] * 7}
                cy={at[1] - out[1] * 7}
                r="5.5"
                fill={open ? "var(--barn-wash)" : e.state === "Plugged" ? "var(--ink-2)" : "var(--card)"}
                stroke={open ? "var(--barn)" : "var(--ink)"}
                strokeWidth={open ? 2.5 : 1.5}
                strokeDasharray={e.state === "Closed" ? "2 2" : undefined}
              >
                <title>{words.box[e.state === "Open" ? "open" : e.state === "Plugged" ? "plugged" : "closed"]}</title>
              </circle>
            </g>
          );
        })}
        <text x="18" y={dy + insetH + 31} fontSize="12" fill="var(--ink-2)" className="figure">
          {known.h !== null && known.w !== null
            ? `${length(box.height!.value!, units)} × ${length(box.width!.value!, units)}`
            : w.sizeUnknown}
        </text>
        <g strokeWidth="1.8" stroke="var(--ink)">
          <rect
            x={20}
            y={dy}
            width={d * scale}
            height={insetH}
            fill={box.material === "Metal" ? "var(--metal)" : "var(--plastic)"}
            strokeDasharray={known.d === null ? "5 3" : undefined}
          />
          {depths.map((p, i) => {
            const at = 18 + (d + depths.slice(0, i).reduce((m, n) => m + n, 0)) * scale;
            const inset = parts[i]!.role === "Extension" ? 0 : 5;
            return <rect key={i} x={at} y={dy + inset} width={p * scale} height={insetH - 2 * inset} fill="var(--card)" />;
          })}
          <path d={`M${18 + deep} ${dy - 6}v${insetH + 12}`} strokeDasharray="3 3" />
        </g>
        <text x="18" y={dy + insetH + 16} fontSize="12" fill="var(--ink-2)" className="figure">
          {w.deep(known.d !== null ? length(box.depth!.value!, units) : "?")}
        </text>
      </g>
      {box.contents === "NotOpened" && (
        <g pointerEvents="none">
          <rect
            x={x0 - 4}
            y={y0 - 4}
            width={W + 8}
            height={H + 8}
            rx="8"
            fill="var(--lime)"
            stroke="var(--slate)"
            strokeWidth="2.5"
            strokeDasharray="7 5"
            opacity="0.94"
          />
          <text x={x0 + W / 2} y={y0 + H / 2 + 10} textAnchor="middle" fontSize="34" fontWeight="700" fill="var(--slate)">
            ?
          </text>
        </g>
      )}
      {entries.map(([id, e]) => {
        const { at } = spots.get(id)!;
        return e.state === "Used" ? null : (
          <Stop
            key={id}
            walk={`e:${id}`}
            says={w.entry(words.sides[e.side], words.box[e.state === "Open" ? "open" : e.state === "Plugged" ? "plugged" : "closed"])}
            pressed={lit.has(id)}
            x={at[0] - 12}
            y={at[1] - 12}
            width={24}
            height={24}
            onChoose={(event) => onSelect({ kind: "entry", id }, event)}
          />
        );
      })}
      {cablesInOrder(view).map((c) => {
        const id = cuffId(c);
        const cuff = cuffs.find((k) => k.id === id);
        if (!cuff) return null;
        const first = cuff.slots[0]?.y ?? cuff.top + 48;
        const last = cuff.slots[cuff.slots.length - 1]?.y ?? first;
        const cy = (first + last) / 2;
        const spot = spots.get(c.entry ?? "");
        const on = lit.has(c.run) || focus === `c:${id}`;
        const held = box.entries?.[c.entry ?? ""]?.holding;
        const unheld = held === "Nothing";
        const sheath = c.type === "OldTwoWire" ? "var(--old)" : "var(--sheath)";
        let line = `M${wide.box - 40} ${cy}H${wide.box}`;
        if (spot) {
          const [ex, ey] = spot.at;
          const [ox, oy] = spot.out;
          const out = `M${ex + ox * 30} ${ey + oy * 30}L${ex - ox * 6} ${ey - oy * 6}`;
          line = `${spot.out[0] || spot.out[1] ? out : `M${ex} ${ey}`}C${ex - ox * 34} ${ey - oy * 34} ${wide.box - 46} ${cy}
            ${wide.box} ${cy}`;
        }
        const names = wrap(cableName(view, c), NAME, 1);
        const hurts = Object.values(c.hurts ?? {});
        const arrow = c.feeds === "FeedsIn";
        return (
          <g key={id}>
            <path d={line} fill="none" stroke="var(--ink)" strokeWidth={on ? 14 : 11.5} strokeDasharray={spot ? undefined : "6 4"} />
            <path d={line} fill="none" stroke={on ? "var(--slate)" : sheath} strokeWidth="9" />
            <HurtMark x={wide.box - 20} y={cy} hurts={hurts} />
            {spot && (spot.out[0] || spot.out[1]) !== 0 && (
              <rect
                x={spot.at[0] - (spot.out[0] ? 3 : 9)}
                y={spot.at[1] - (spot.out[0] ? 9 : 3)}
                width={spot.out[0] ? 6 : 18}
                height={spot.out[0] ? 18 : 6}
                rx="2"
                fill={unheld ? "var(--barn-wash)" : held === "Unknown" || !held ? "none" : "var(--ink)"}
                stroke={unheld ? "var(--barn)" : "var(--ink)"}
                strokeWidth="1.6"
              >
                <title>{words.holding[held ?? "Unknown"]}</title>
              </rect>
            )}
            <rect
              x={wide.box}
              y={first - 11}
              width={wide.cuff}
              height={last - first + 22}
              rx="4"
              fill={sheath}
              stroke="var(--ink)"
              strokeWidth="2.2"
            />
            <g>
              <rect
                x={placed.x.labelA - 2}
                y={cuff.top}
                width={wide.labelA}
                height="35"
                rx="6"
                fill={on ? "var(--slate-wash)" : "transparent"}
              />
              <text x={placed.x.labelA + 6} y={cuff.top + 14} fontSize="13.5" fontWeight="700" fill="var(--ink)">
                {names[0]}
              </text>
              <g fontSize="12" fill="var(--ink)">
                {c.feeds === "CannotTell" ? (
                  <text x={placed.x.labelA + 6} y={cuff.top + 30} fill="var(--ink-2)">
                    {short(c.size)} · {w.powerUnknown}
                  </text>
                ) : (
                  <>
                    <text x={placed.x.labelA + 6} y={cuff.top + 30} fill="var(--ink-2)" className="figure">
                      {short(c.size)}
                    </text>
                    <FeedMark x={placed.x.labelA + 12 + short(c.size).length * 7.9} y={cuff.top + 19} feeds={c.feeds} strong={arrow} />
                  </>
                )}
              </g>
            </g>
            <Stop
              walk={`c:${id}`}
              says={[cableName(view, c), c.size, words.feeds[c.feeds], ...hurts.map((h) => words.along.kinds[h.kind])].join(", ")}
              pressed={on}
              x={placed.x.labelA - 2}
              y={cuff.top}
              width={wide.labelA}
              height={35}
              onChoose={(e) => onSelect({ kind: "cable", id }, e)}
            />
          </g>
        );
      })}
      {cuffs.length === 0 && (
        <text x={placed.x.labelA + 6} y={40} fontSize="14" fill="var(--ink-2)">
          {box.contents === "NotOpened" ? w.notOpened : w.noCables}
        </text>
      )}
    </g>
  );
}
