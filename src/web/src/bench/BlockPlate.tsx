import { memo } from "react";
import type { BoxView } from "../api/client";
import { deviceName } from "../box/landing";
import { words } from "../words";
import { DeviceFigure } from "./DeviceFigure";
import { wide, type Placed } from "./layout";
import { BACK, spotAt } from "./layout/ways";
import { wrap } from "./names";
import type { PictureProps } from "./Picture";
import { Spot } from "./Spot";
import { Stop } from "./Stop";

const w = words.bench;

const landingColour = (role: string) => (role === "Ground" ? "#4e9a48" : /Neutral/.test(role) ? "#d5d8da" : "#d8b25a");

/** A device with its terminals and landing places, or the bonding screw of the box. */
export const BlockPlate = memo(function BlockPlate({
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
        <rect x={x} y={block.top - 4} width={W} height={block.height + 8} rx="10" fill="var(--card)" stroke="var(--ink)" strokeWidth="2" />
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
          {w.screw}
        </text>
      </g>
    );
  }
  const id = block.id.slice(2);
  const device = box.devices![id]!;
  const kind = catalogue.devices.find((k) => k.id === device.kind);
  const dead = view.cutOffWithout[id] ?? [];
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
              {w.cutOffWithout}
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
  const id = strand.replace(BACK, "");
  const tail = view.box.pigtails?.[id];
  const ends = tail ? [tail.from, tail.to] : [view.box.leads?.[id]?.lands];
  const on = ends.filter((e) => e?.device === device);
  return (strand.endsWith(BACK) ? (on[1] ?? on[0]) : on[0])?.place ?? undefined;
}

function cableWords(view: BoxView, run: string): string {
  const cable = view.cables.find((c) => c.run === run);
  return cable?.says ?? (cable?.far ? `to ${cable.far}` : (cable?.size ?? run));
}
