import { memo, useMemo, type PointerEvent } from "react";
import type { BoxView } from "../api/client";
import { deviceName, jointName, wire, type Catalogue } from "../box/landing";
import { fact } from "../parts/measure";
import { words } from "../words";
import type { Units } from "../api/settings";
import { BoxAndCables } from "./BoxAndCables";
import { DeviceFigure } from "./DeviceFigure";
import { Knot } from "./Knot";
import { wide, type Placed } from "./layout";
import { knot, pathOf, spotAt, waysOf, type Way } from "./layout/ways";
import { sentence, wrap } from "./names";
import { labelHeight, labelWidth, outline, thickness, type Scene } from "./scene";
import type { Sel } from "./select";
import { Stop } from "./Stop";

const w = words.bench;

export type PictureProps = {
  view: BoxView;
  catalogue: Catalogue;
  scene: Scene;
  placed: Placed;
  units: Units;
  rear: boolean;
  /** Things lit because they are chosen, or counted by a line of the sum. */
  lit: ReadonlySet<string>;
  /** Things that can be landed on now, by the key of the place; null while nothing is held. */
  targets: ReadonlyMap<string, "fine" | "worse" | "no" | "here"> | null;
  over: string | null;
  held: ReadonlySet<string>;
  focus: string | null;
  onSelect: (sel: Sel, event?: { shiftKey: boolean }) => void;
  onPick: (strand: string, far: boolean, event: PointerEvent) => void;
  onPull: (joint: string, event: PointerEvent) => void;
};

/** The picture with a little room above and below. */
export const viewBox = (placed: Placed) => `0 -10 ${placed.width} ${placed.height + 26}`;

/** A key when it is of this block, so that the others need not be drawn again. */
const of = (block: string, key: string | null) =>
  key !== null && (key === block || key === "screw" || key.startsWith(`at:${block.slice(2)}:`)) ? key : null;
const cableFocus = (key: string | null) => (key?.startsWith("c:") ? key : null);

/** The open box: cables at their cuffs, leads in their lanes, joints as knots, devices with their terminals. */
export function Picture(props: PictureProps) {
  const { view, catalogue, scene, placed, units, lit, targets, over, held } = props;
  const ways = useMemo(() => waysOf(placed), [placed]);
  const sentences = useMemo(() => new Map(ways.map((way) => [way.strand, sentence(view, catalogue, way.strand)])), [ways, view, catalogue]);
  const nameless = (id: string) => placed.middle.find((m) => m.id === id)?.kind === "end";
  return (
    <svg
      viewBox={viewBox(placed)}
      role="group"
      aria-label={w.picture(view.box.name)}
      className={`block h-auto w-full select-none ${targets ? "bench-held" : ""}`}
      style={{ WebkitTouchCallout: "none" }}
    >
      <BoxAndCables
        view={view}
        placed={placed}
        units={units}
        lit={lit}
        focus={cableFocus(props.focus)}
        rear={props.rear}
        onSelect={props.onSelect}
      />
      {placed.blocks.map((block) => (
        <BlockPlate
          key={block.id}
          block={block}
          x={placed.x.block}
          view={view}
          catalogue={catalogue}
          targets={targets}
          over={of(block.id, over)}
          focus={of(block.id, props.focus)}
          lit={lit}
          rear={props.rear}
          onSelect={props.onSelect}
        />
      ))}
      {ways.map((way) => (
        <StrandLine
          key={way.strand}
          way={way}
          scene={scene}
          says={sentences.get(way.strand)!}
          length={fact(scene.strands.get(way.strand)?.length, units, "?")}
          lit={lit.has(way.strand)}
          held={held.has(way.strand)}
          focus={props.focus === way.strand}
          onSelect={props.onSelect}
          onPick={props.onPick}
        />
      ))}
      {placed.middle.map((m) => {
        const cx = placed.x.middle + knot.at;
        if (m.kind === "joint") {
          const members = Math.max(m.left.length, m.right.length, 2);
          const top = m.top + 36 - 8;
          return (
            <Knot
              key={m.id}
              id={m.id}
              cx={cx}
              top={top}
              height={(members - 1) * 12 + 16}
              name={jointName(view.box, m.id)}
              connector={catalogue.connectors.find((c) => c.id === view.box.joints?.[m.id]?.connector)}
              count={m.left.length + m.right.length}
              lit={lit.has(m.id)}
              state={targets?.get(`joint:${m.id}`) ?? null}
              over={over === `joint:${m.id}`}
              focus={props.focus === `joint:${m.id}` || props.focus === m.id}
              onSelect={props.onSelect}
              onPull={props.onPull}
            />
          );
        }
        return null;
      })}
      {ways.map((way) => {
        const strand = scene.strands.get(way.strand)!;
        const at = strand.lands[0]!.at;
        return nameless(`end:${way.strand}`) && strand.kind !== "pigtail" ? <EndMark key={way.strand} way={way} at={at} /> : null;
      })}
    </svg>
  );
}

const StrandLine = memo(function StrandLine({
  way,
  scene,
  says,
  length,
  lit,
  held,
  focus,
  onSelect,
  onPick,
}: {
  way: Way;
  scene: Scene;
  says: string;
  length: string;
  lit: boolean;
  held: boolean;
  focus: boolean;
  onSelect: PictureProps["onSelect"];
  onPick: PictureProps["onPick"];
}) {
  const strand = scene.strands.get(way.strand)!;
  const thick = thickness(strand.gauge);
  const d = pathOf(way.points);
  const text = `${strand.colour} ${length}`;
  const width = labelWidth(text);
  const { x, y } = way.label;
  const bandAt = way.label.zone === "a" ? x + width + 10 : x - 8;
  const ends =
    strand.kind === "own"
      ? way.ends.slice(way.ends.length > 1 && scene.graph.middle.some((m) => m.id === `bend:${strand.id}`) ? 1 : 0).slice(0, 1)
      : way.ends;
  return (
    <g data-strand={strand.id} data-held={held || undefined}>
      <path
        d={d}
        fill="none"
        stroke="transparent"
        strokeWidth="20"
        onClick={(e) => onSelect({ kind: "strand", id: strand.id }, e)}
        style={{ cursor: "pointer" }}
      />
      {(lit || held) && (
        <path d={d} fill="none" stroke="var(--slate)" strokeWidth={thick + 9} strokeLinecap="round" opacity="0.55" pointerEvents="none" />
      )}
      <path
        d={d}
        fill="none"
        stroke="var(--w-edge)"
        strokeWidth={thick + outline}
        strokeLinecap="round"
        strokeDasharray={strand.gauge ? undefined : "7 3"}
        pointerEvents="none"
      />
      <path d={d} fill="none" stroke={wire(strand.colour)} strokeWidth={thick} strokeLinecap="round" pointerEvents="none" />
      {strand.stranded && (
        <path d={d} fill="none" stroke="var(--w-edge)" strokeWidth="1" strokeDasharray="2 5" opacity="0.8" pointerEvents="none" />
      )}
      {strand.kind === "through" && (
        <path d={d} fill="none" stroke="var(--card)" strokeWidth="1.2" strokeDasharray="10 6" pointerEvents="none" />
      )}
      {strand.markedAs && (
        <rect
          x={bandAt}
          y={y - thick / 2 - 3}
          width="11"
          height={thick + 6}
          fill={wire(strand.markedAs)}
          stroke="var(--w-edge)"
          strokeWidth="1.2"
        >
          <title>{w.taped(strand.markedAs)}</title>
        </rect>
      )}
      <rect
        x={x}
        y={y - labelHeight / 2}
        width={width}
        height={labelHeight}
        rx="9"
        fill="var(--card)"
        stroke={focus || lit ? "var(--slate)" : "var(--rule)"}
        strokeWidth={focus || lit ? 3 : 1.5}
      />
      <text x={x + width / 2} y={y + 4.3} textAnchor="middle" fontSize="12" fill="var(--ink)" className="figure">
        {text}
      </text>
      <Stop
        walk={strand.id}
        says={says}
        pressed={lit}
        x={x}
        y={y - 12}
        width={width}
        height={24}
        onChoose={(e) => onSelect({ kind: "strand", id: strand.id }, e)}
      />
      {strand.kind !== "through" &&
        ends.map((end) => (
          <circle
            key={String(end.far)}
            cx={end.x}
            cy={end.y}
            r={held ? 8 : 6}
            data-end={`${strand.id}|${end.far !== strand.flip}`}
            fill="var(--card)"
            stroke={held ? "var(--slate)" : "var(--ink)"}
            strokeWidth={held ? 4 : 2}
            style={{ cursor: "grab" }}
            onPointerDown={(e) => onPick(strand.id, strand.kind === "pigtail" && end.far !== strand.flip, e)}
          >
            <title>{w.pickEnd(says)}</title>
          </circle>
        ))}
    </g>
  );
});

function EndMark({ way, at }: { way: Way; at: string }) {
  const [x, y] = way.points[way.points.length - 1]!;
  const left = way.points[0]![0] > x;
  const text = at === "Cap" ? words.landing.Cap : at === "Loose" ? words.landing.Loose : w.notSeen;
  return (
    <g pointerEvents="none">
      {at === "Cap" && <path d={`M${x - 8} ${y - 7}h14l5 7l-5 7h-14z`} fill="var(--band-device)" stroke="var(--ink)" strokeWidth="1.6" />}
      {at === "Unknown" && (
        <text
          x={x}
          y={y + 5}
          textAnchor="middle"
          fontSize="15"
          fontWeight="700"
          fill="var(--slate)"
          stroke="var(--lime)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          ?
        </text>
      )}
      <text x={left ? x - 14 : x + 16} y={y + 4} textAnchor={left ? "end" : "start"} fontSize="12" fill="var(--ink-2)">
        {text}
      </text>
    </g>
  );
}

const landingColour = (role: string) => (role === "Ground" ? "#4e9a48" : /Neutral/.test(role) ? "#d5d8da" : "#d8b25a");

const BlockPlate = memo(function BlockPlate({
  block,
  x,
  view,
  catalogue,
  targets,
  over,
  lit,
  rear,
  onSelect,
  focus,
}: Pick<PictureProps, "view" | "catalogue" | "targets" | "over" | "lit" | "rear" | "onSelect" | "focus"> & {
  block: Placed["blocks"][number];
  x: number;
}) {
  const W = wide.block;
  const box = view.box;
  if (block.kind === "end" || block.kind === "bend") return null;
  const ring = (key: string) => {
    const state = targets?.get(key);
    return over === key ? "var(--slate)" : state === "no" ? "none" : state === "worse" ? "var(--barn)" : state ? "var(--moss)" : "none";
  };
  if (block.kind === "screw") {
    const y = block.top + 12;
    return (
      <g>
        <rect x={x} y={block.top - 4} width={W} height={block.height + 8} rx="10" fill="var(--soft)" stroke="var(--ink)" strokeWidth="2" />
        <Spot
          x={x + spotAt}
          y={block.rows[0]!.tracks[0]?.y ?? y}
          colour="#4e9a48"
          kind="Screw"
          ring={ring("screw")}
          place="screw"
          onChoose={() => undefined}
          target={targets ? "screw" : null}
          focus={focus === "screw"}
          says={words.landing.BondingScrew}
          state={targets?.get("screw") ?? null}
        />
        <text x={x + 34} y={y + 4} fontSize="12.5" fill="var(--ink)">
          {w.bondingScrew}
        </text>
      </g>
    );
  }
  const id = block.id.slice(2);
  const device = box.devices![id]!;
  const kind = catalogue.devices.find((k) => k.id === device.kind);
  const dead = view.deadWithout[id] ?? [];
  const names = wrap(deviceName(box, catalogue, id), 17, 2);
  const rows = block.rows;
  const load = rows.filter((r) => /^load-/.test(r.id));
  const bottom = (r: (typeof rows)[number]) => r.top + Math.max(1, r.tracks.length) * 24;
  return (
    <g>
      <rect
        x={x}
        y={block.top}
        width={W}
        height={block.height}
        rx="12"
        fill="var(--card)"
        stroke={lit.has(id) ? "var(--slate)" : "var(--ink)"}
        strokeWidth={lit.has(id) ? 4 : 2.5}
      />
      <g>
        <rect
          x={x + 3}
          y={block.top + 3}
          width={W - 6}
          height={rows[0] ? rows[0].top - block.top - 6 : block.height - 6}
          rx="9"
          fill={focus === block.id ? "var(--slate-wash)" : "transparent"}
        />
        {names.map((line, i) => (
          <text key={i} x={x + 12} y={block.top + 20 + i * 16} fontSize="14" fontWeight="700" fill="var(--ink)">
            {line}
          </text>
        ))}
        <text x={x + 12} y={block.top + 22 + names.length * 16} fontSize="11.5" fill="var(--ink-2)">
          {(device.gang ?? 0) > 0 ? words.box.gang(device.gang!) : words.box.onCanopy}
        </text>
        {dead.length > 0 && (
          <g fontSize="12" fill="var(--ink)">
            <text x={x + 12} y={block.top + 70} fontWeight="700">
              {w.deadWithout}
            </text>
            {dead.slice(0, 3).map((run, i) => (
              <text key={run} x={x + 12} y={block.top + 83 + i * 12}>
                {wrap(i === 2 && dead.length > 3 ? w.andMore(dead.length - 2) : cableWords(view, run), 27, 1)[0]}
              </text>
            ))}
          </g>
        )}
      </g>
      <Stop
        walk={block.id}
        says={deviceName(box, catalogue, id)}
        pressed={lit.has(id)}
        x={x + 3}
        y={block.top + 3}
        width={W - 6}
        height={Math.max(24, (rows[0]?.top ?? block.top + block.height) - block.top - 6)}
        onChoose={(e) => onSelect({ kind: "device", id }, e)}
      />
      <DeviceFigure kind={kind} turned={device.turned ?? false} rear={rear} x={x + W - 44} y={block.top + 8} />
      {load.length > 0 && (
        <g>
          <rect
            x={x + 5}
            y={load[0]!.top + 1}
            width={W - 10}
            height={bottom(load[load.length - 1]!) - load[0]!.top - 2}
            rx="7"
            fill="var(--moss-wash)"
            stroke="var(--moss)"
            strokeWidth="1.5"
            strokeDasharray="5 3"
          />
          <text x={x + W - 12} y={bottom(load[0]!) + 2} textAnchor="end" fontSize="10.5" fill="var(--moss)">
            {w.protects}
          </text>
        </g>
      )}
      {rows.map((row) => {
        if (row.id.startsWith("own:")) {
          const lead = box.leads?.[row.id.slice(4)];
          const own = kind?.leads.find((l) => row.id.endsWith(`.${l.id}`));
          return (
            <text key={row.id} x={x + 20} y={row.top + 16} fontSize="12.5" fill="var(--ink)">
              {own?.name ?? lead?.colour}
            </text>
          );
        }
        const terminal = kind!.terminals.find((t) => t.id === row.id)!;
        const used = row.tracks.map((t) => placeOf(view, t.strand, id));
        const order = [...terminal.landings].sort((p, q) => Number(used.includes(q.id)) - Number(used.includes(p.id)));
        const spots = order.map((p, i) => {
          const at = used.indexOf(p.id);
          return { place: p, x: x + spotAt + (at >= 0 ? 0 : 24 * Math.max(1, i)), y: at >= 0 ? row.tracks[at]!.y : row.top + 12 };
        });
        const free = spots.filter((s) => !used.includes(s.place.id));
        free.forEach((s, i) => (s.x = x + spotAt + 24 * (i + (used.length ? 1 : 0))));
        const textX = x + 30 + 24 * (free.length - (used.length ? 0 : 1));
        return (
          <g key={row.id}>
            {row.tracks.map((t) => {
              const spot = spots.find((s) => s.place.id === placeOf(view, t.strand, id));
              return spot && spot.y !== t.y ? (
                <path key={t.strand} d={`M${x + spotAt} ${t.y}L${spot.x} ${spot.y}`} stroke="var(--w-edge)" strokeWidth="5" />
              ) : null;
            })}
            {spots.map((s) => {
              const key = `at:${id}:${s.place.id}`;
              return (
                <Spot
                  key={key}
                  x={s.x}
                  y={s.y}
                  colour={landingColour(terminal.role)}
                  kind={s.place.kind}
                  ring={ring(key)}
                  state={targets?.get(key) ?? null}
                  place={key}
                  onChoose={() => onSelect({ kind: "device", id })}
                  target={targets ? key : null}
                  focus={focus === key}
                  says={w.onTerminal(terminal.name, deviceName(box, catalogue, id), s.place.name)}
                />
              );
            })}
            <text x={textX} y={row.top + 16} fontSize="12.5" fill="var(--ink)" pointerEvents="none">
              {terminal.name}
            </text>
          </g>
        );
      })}
    </g>
  );
});

function placeOf(view: BoxView, strand: string, device: string): string | undefined {
  const id = strand.replace("~", "");
  const tail = view.box.pigtails?.[id];
  const ends = tail ? [tail.from, tail.to] : [view.box.leads?.[id]?.lands];
  const on = ends.filter((e) => e?.device === device);
  return (strand.endsWith("~") ? (on[1] ?? on[0]) : on[0])?.place ?? undefined;
}

function cableWords(view: BoxView, run: string): string {
  const cable = view.cables.find((c) => c.run === run);
  return cable?.says ?? (cable?.far ? `to ${cable.far}` : (cable?.size ?? run));
}

/** A landing place as it looks: a screw, a screw with a plate, a push-in hole. */
function Spot({
  x,
  y,
  colour,
  kind,
  ring,
  target,
  focus,
  says,
  state,
  place,
  onChoose,
}: {
  x: number;
  y: number;
  colour: string;
  kind: string;
  ring: string;
  target: string | null;
  focus: boolean;
  says: string;
  state: string | null;
  /** Key of the place. */
  place: string;
  onChoose: () => void;
}) {
  return (
    <g>
      {ring !== "none" && (
        <circle
          cx={x}
          cy={y}
          r="12"
          fill="none"
          stroke={ring}
          strokeWidth="3"
          strokeDasharray={ring === "var(--slate)" ? undefined : "5 3"}
        />
      )}
      {focus && <circle cx={x} cy={y} r="14" fill="none" stroke="var(--slate)" strokeWidth="3" />}
      {kind === "PushIn" || kind === "Port" ? (
        <rect x={x - 5} y={y - 5} width="10" height="10" rx="2" fill="var(--w-black)" stroke="var(--w-edge)" strokeWidth="1.6" />
      ) : (
        <>
          {kind === "ClampPlate" && (
            <rect x={x - 10} y={y - 8} width="20" height="16" rx="2" fill={colour} stroke="var(--w-edge)" strokeWidth="1.6" />
          )}
          <circle cx={x} cy={y} r={kind === "ClampPlate" ? 6 : 8} fill={colour} stroke="#20252b" strokeWidth="1.6" />
          <path d={`M${x - 4} ${y + 3}L${x + 4} ${y - 3}`} stroke="#20252b" strokeWidth="1.6" />
        </>
      )}
      <Stop
        walk={place}
        target={target ?? undefined}
        says={says}
        disabled={state === "no"}
        x={x - 12}
        y={y - 12}
        width={24}
        height={24}
        onChoose={onChoose}
      />
    </g>
  );
}
