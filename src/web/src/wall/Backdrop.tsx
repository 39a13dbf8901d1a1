import { memo } from "react";
import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { length, PER_INCH, unitsText } from "../parts/measure";
import { wallWords as w } from "../words/wall";
import { rect, type Frame } from "./geometry";
import type { Wall } from "./useWall";

/** Everything of a wall that does not move while a box is dragged. */
export const Backdrop = memo(function Backdrop({ wall, frame: f, lit }: { wall: Wall; frame: Frame; lit: readonly string[] }) {
  const { units } = useSettings();
  const side: Schemas["WallSide"] = f.flip ? "Far" : "Near";
  const [left, right] = [f.left, f.right];
  const [up, low] = [f.y(f.high), f.y(0)];
  const flat = wall.wall.kind !== "Wall";
  const far = f.flip ? -wall.farFloor : 0;
  const guess = wall.guessed.find((s) => f.x(s.left) > left && f.x(s.right) < right);
  return (
    <g>
      <rect
        x={Math.min(f.x(0), f.x(f.wide))}
        y={up}
        width={f.wide * f.scale}
        height={low - up}
        fill="var(--card)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      {wall.guessed.map((s) => (
        <g key={s.left}>
          <rect
            {...rect(f, { left: s.left, right: s.right, bottom: 0, top: f.high })}
            fill="none"
            stroke="var(--amber)"
            strokeDasharray="6 5"
            opacity="0.7"
          />
        </g>
      ))}
      {wall.things.map((t) => t.at && <Thing key={t.id} thing={t} frame={f} lit={lit.includes(t.id)} />)}
      {wall.things.map((t) => t.at && t.kind !== "Looked" && !(t.kind === "Stud" && t.plain) && <NameOf key={t.id} thing={t} frame={f} />)}
      {guess && (
        <Says
          x={f.x(guess.left) + (f.flip ? 0 : guess.right - guess.left) * f.scale + 5}
          y={Math.max(up, f.top) + 16}
          text={w.studGuessed(flat)}
          tone="var(--amber)"
        />
      )}
      {wall.inferred.map((c) => (
        <g key={c.run}>
          <polyline
            points={c.corners
              .reduce<string[]>((all, n, i) => (i % 2 === 0 ? [...all, `${f.x(n)},${f.y(c.corners[i + 1]!)}`] : all), [])
              .join(" ")}
            fill="none"
            stroke="var(--old)"
            strokeWidth="5"
            strokeDasharray="7 5"
          >
            <title>{c.name}</title>
          </polyline>
        </g>
      ))}
      <g>
        {wall.reach
          .filter((r) => r.side === side)
          .map((r) => (
            <line
              key={`${r.box ?? "gap"} ${r.counter} ${r.from}`}
              x1={f.x(r.from)}
              x2={f.x(r.to)}
              y1={reachAt(wall, f, r)}
              y2={reachAt(wall, f, r)}
              stroke={r.box ? "var(--moss)" : "var(--barn)"}
              strokeWidth={r.box ? 3 : 6}
              strokeDasharray={r.decided ? undefined : "5 4"}
            >
              <title>{r.says}</title>
            </line>
          ))}
      </g>
      {wall.toCome > 0 && !f.flip && (
        <>
          <line
            x1={left}
            x2={right}
            y1={f.y(wall.toCome)}
            y2={f.y(wall.toCome + Math.min(0, wall.floorRight))}
            stroke="var(--slate)"
            strokeWidth="2"
            strokeDasharray="7 4"
          />
          <Says x={left + 8} y={f.y(wall.toCome) - 5} text={w.floorLine(length(unitsText(wall.toCome), units))} tone="var(--slate)" />
        </>
      )}
      <line x1={left} x2={right} y1={f.y(far)} y2={f.y(far + (f.flip ? 0 : wall.floorRight))} stroke="var(--ink)" strokeWidth="3" />
      <Rule frame={f} metric={units === "metric"} />
    </g>
  );
});

/** What is reached along a counter is drawn on it, along the floor under it. */
const reachAt = (wall: Wall, f: Frame, r: Schemas["ToldReach"]) => {
  const on = r.counter ? wall.things.find((t) => t.kind === "Counter" && t.at && t.at.left <= r.from && r.to <= t.at.right) : null;
  return on ? f.y(on.at!.top) - 6 : f.y(0) + 14;
};

const fills: Partial<Record<Schemas["WallThingKind"], string>> = {
  Stud: "var(--sheath)",
  Blocking: "var(--sheath)",
  Header: "var(--sheath)",
  Pipe: "var(--slate)",
  Duct: "var(--slate-wash)",
  Cable: "var(--old)",
  Door: "var(--soft)",
  Window: "var(--slate-wash)",
  Cabinet: "var(--soft)",
  Counter: "var(--soft)",
  Trim: "var(--rule)",
  ThinHole: "var(--ink)",
};

function Thing({ thing, frame: f, lit }: { thing: Schemas["ToldOnWall"]; frame: Frame; lit: boolean }) {
  const r = rect(f, thing.at!);
  const looked = thing.kind === "Looked";
  return (
    <g>
      <rect
        {...r}
        width={Math.max(r.width, 2)}
        fill={looked ? "none" : (fills[thing.kind] ?? "none")}
        fillOpacity={thing.sure ? (thing.kind === "Pipe" ? 0.6 : 0.9) : 0.25}
        stroke={lit ? "var(--barn)" : looked ? "var(--moss)" : "var(--ink-2)"}
        strokeWidth={lit ? 3 : 1}
        strokeDasharray={thing.sure && !looked ? undefined : "5 4"}
      >
        <title>{[thing.name, ...thing.says].join(", ")}</title>
      </rect>
    </g>
  );
}

function NameOf({ thing, frame: f }: { thing: Schemas["ToldOnWall"]; frame: Frame }) {
  const r = rect(f, thing.at!);
  const [top, bottom] = [Math.max(r.y, f.top), Math.min(r.y + r.height, f.bottom)];
  // A name of a thing that is out of the picture stays out with it.
  if (r.x + r.width < f.left || r.x > f.right || bottom <= top) return null;
  return (
    <Says
      x={r.width > 70 ? Math.max(r.x, f.left) + 8 : r.x + r.width + 5}
      y={top + label(thing.kind, bottom - top)}
      text={thing.name}
      tone="var(--ink-2)"
    />
  );
}

/** A word on the wall, readable over what it lies on. */
function Says({ x, y, text, tone }: { x: number; y: number; text: string; tone: string }) {
  return (
    <text x={x} y={y} fontSize="12" fill={tone} stroke="var(--card)" strokeWidth="3" paintOrder="stroke">
      {text}
    </text>
  );
}

/** Labels stand at heights of their own, so that neighbours do not lie on each other. */
function label(kind: Schemas["WallThingKind"], high: number): number {
  const share: Partial<Record<Schemas["WallThingKind"], number>> = { Pipe: 0.5, Cable: 0.3, Stud: 0.12, Duct: 0.2 };
  const at = share[kind];
  return at === undefined ? Math.min(16, high / 2 + 4) : Math.max(14, high * at);
}

/** A rule under the wall, from the corner at the left of this face. */
function Rule({ frame: f, metric }: { frame: Frame; metric: boolean }) {
  const y = f.bottom + 32;
  const unit = metric ? 3200 : PER_INCH;
  const step = [1, 2, 4, 8, 12, 24, 48].find((s) => s * unit * f.scale > 34) ?? 96;
  const corner = f.flip ? f.x(f.wide) : f.x(0);
  const marks = Array.from({ length: Math.floor(f.wide / (unit * step)) + 1 }, (_, i) => ({
    at: corner + i * step * unit * f.scale,
    says: i * step,
  }));
  return (
    <g>
      <rect x={f.left} y={y} width={f.right - f.left} height="26" rx="3" fill="var(--amber-wash)" stroke="var(--amber)" />
      {marks
        .filter((m) => m.at >= f.left - 1 && m.at < f.right - 14)
        .map((m) => (
          <g key={m.says}>
            <line x1={m.at} x2={m.at} y1={y} y2={y + 9} stroke="var(--amber)" />
            <text x={m.at + 3} y={y + 21} fontSize="11" className="figure" fill="var(--amber)">
              {m.says}
            </text>
          </g>
        ))}
    </g>
  );
}
