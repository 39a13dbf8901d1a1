import { useState } from "react";
import type { FillAnswer, Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useGhost } from "./ghost";
import { words } from "../words";
import { FitBadge } from "./FitBadge";
import { span, volume } from "./measure";

type Line = Schemas["ToldLine"];

const colour = (kind: string) =>
  ({
    Conductors: "var(--band-conductors)",
    Grounds: "var(--band-grounds)",
    IsolatedGrounds: "var(--band-grounds)",
    Clamps: "var(--band-clamps)",
    Flap: "var(--band-clamps)",
    Device: "var(--band-device)",
  })[kind] ?? "var(--band-other)";

const count = (line: Line) => (line.low === line.high ? `${line.low}` : `${line.low}–${line.high}`);

/** The sum as a column of bands against the brim, each band with its count × allowance. */
export function FitColumn({
  fill,
  onLine,
  tall = 220,
  counts,
  tight = false,
}: {
  fill: FillAnswer;
  onLine?: (ids: readonly string[] | null) => void;
  tall?: number;
  /** Something chosen elsewhere: bands that count it stand out. */
  counts?: string | undefined;
  /** Little room: smaller lines, unless a finger is to press them. */
  tight?: boolean;
}) {
  const { units } = useSettings();
  const ghost = useGhost();
  const [chosen, setChosen] = useState<number | null>(null);
  const lines = fill.lines.filter((l) => (l.volume.high ?? l.volume.low) > 0 || l.kind === "CanopyLeftOut");
  const sum = lines.reduce((total, l) => total + (l.volume.high ?? l.volume.low), 0);
  const brim = fill.available.low;
  const scale = tall / Math.max(sum + Math.max(0, ghost), brim, 1);
  const marked = (index: number) => chosen === index || (counts !== undefined && lines[index]?.ids.includes(counts) === true);
  const over = fill.fit === "Over";
  const choose = (index: number) => {
    const next = chosen === index ? null : index;
    setChosen(next);
    onLine?.(next === null ? null : (lines[next]?.ids ?? null));
  };
  return (
    <div className={`flex ${tight ? "gap-2.5 text-sm" : "gap-3"}`}>
      <div
        className={`relative shrink-0 ${tight ? "w-9" : "w-12"}`}
        style={{ height: Math.max(sum + Math.max(0, ghost), brim, 1) * scale }}
        aria-hidden
      >
        <div
          className={`absolute inset-x-0 bottom-0 border-2 border-t-0 ${over ? "border-barn" : "border-ink"} rounded-b-lg`}
          style={{ height: brim * scale }}
        />
        {lines.map((line, index) => {
          const height = (line.volume.high ?? line.volume.low) * scale;
          const bottom = lines.slice(0, index).reduce((t, l) => t + (l.volume.high ?? l.volume.low) * scale, 0);
          return (
            <div
              key={index}
              className={`settle absolute inset-x-1 border-t-2 border-card
                ${marked(index) ? "outline-3 -outline-offset-2 outline-slate" : ""}`}
              style={{ bottom, height, background: colour(line.kind) }}
            />
          );
        })}
        {ghost !== 0 && (
          <div
            data-ghost
            className="absolute inset-x-0 border-3 border-dashed border-slate"
            style={{ bottom: (ghost > 0 ? sum : sum + ghost) * scale, height: Math.abs(ghost) * scale }}
          />
        )}
        {over && (
          <div
            className="absolute inset-x-0 border-2 border-barn"
            style={{
              bottom: brim * scale,
              height: (sum - brim) * scale,
              background: "repeating-linear-gradient(45deg, transparent 0 5px, var(--barn) 5px 7px)",
            }}
          />
        )}
        {brim > 0 && (
          <div className={`absolute -inset-x-1.5 border-t-4 ${over ? "border-barn" : "border-ink"}`} style={{ bottom: brim * scale - 2 }} />
        )}
      </div>
      <div className="min-w-0 flex-1">
        <div className={`flex flex-wrap items-center gap-x-3 gap-y-1 ${tight ? "mb-1" : "mb-2"}`}>
          <FitBadge fit={fill.fit} />
          <span className="figure text-base font-bold">
            {fill.needed.high == null ? words.fitColumn.atLeast(volume(fill.needed.low, units, false)) : span(fill.needed, units, false)}
            {" / "}
            {fill.available.high == null && fill.available.low === 0 ? words.fitColumn.unknownThere : span(fill.available, units)}
          </span>
          {fill.estimate && <span className="text-sm text-ink-2">{words.fitColumn.estimate}</span>}
        </div>
        {lines.length === 0 && <p className="text-ink-2">{words.fitColumn.noLines}</p>}
        <ul>
          {[...lines.entries()].reverse().map(([index, line]) => (
            <li key={index} className="border-t border-rule first:border-t-0">
              <button
                type="button"
                aria-expanded={chosen === index}
                onClick={() => choose(index)}
                className={`flex w-full flex-wrap items-center gap-x-2 py-1 text-left
                  ${tight ? "min-h-8 pointer-coarse:min-h-11" : "min-h-11"} ${marked(index) ? "bg-slate-wash" : ""}`}
              >
                <span className="size-3 shrink-0 rounded-sm border border-ink" style={{ background: colour(line.kind) }} />
                <span className="flex-1">
                  {line.name}
                  {line.gauge && ["Conductors", "Grounds"].includes(line.kind) && <span className="text-ink-2"> {line.gauge} AWG</span>}
                </span>
                <span className="figure text-sm">
                  {count(line)} × {span(line.each, units, false)} = <b>{span(line.volume, units, false)}</b>
                </span>
              </button>
              {chosen === index && (
                <p className="pb-2 pl-5 text-sm text-ink-2">
                  {words.fitColumn.countEach}. {line.why && `${line.why}. `}
                  {line.article}
                </p>
              )}
            </li>
          ))}
          <li
            className={`flex min-h-9 items-center justify-between border-t-2 pt-1 font-bold
              ${over ? "border-barn text-barn" : "border-ink text-moss"}`}
          >
            <span>{over ? words.fitColumn.over : words.fitColumn.left}</span>
            <span className="figure">
              {over
                ? volume(-(fill.left.high ?? fill.left.low), units)
                : fill.left.high == null || fill.needed.high == null
                  ? "?"
                  : span(fill.left, units)}
            </span>
          </li>
        </ul>
        {fill.asks.length > 0 && (
          <div className="mt-3 rounded-lg border-l-6 border-slate bg-slate-wash p-3">
            <div className="font-bold">{words.fitColumn.measure}</div>
            <ul className="text-sm">
              {fill.asks.map((a) => (
                <li key={a.what}>
                  <b>{a.what}</b>: {a.how}
                </li>
              ))}
            </ul>
          </div>
        )}
        {fill.practices.map((p) => (
          <p key={p.name} className="mt-2 text-sm">
            <span className="text-ink-2">{words.fitColumn.practices}, </span>
            {p.name}: <span className="figure">{span(p.needed, units)}</span>, {words.fit[p.fit].toLowerCase()}.
          </p>
        ))}
        {fill.printed.map((p) => (
          <p key={p.gauge} className="mt-2 text-sm">
            <span className="text-ink-2">{words.fitColumn.printed}: </span>
            {p.gauge} AWG, <span className="figure">{p.printed}</span>. {p.says}
          </p>
        ))}
        <details className="mt-2 text-sm">
          <summary className="min-h-6 text-ink-2">{words.fitColumn.where}</summary>
          <ul>
            {fill.housing.map((h, i) => (
              <li key={i} className="flex justify-between gap-3">
                <span>
                  {h.name}: <span className="text-ink-2">{h.how}</span>
                </span>
                <span className="figure">{span(h.volume, units)}</span>
              </li>
            ))}
          </ul>
        </details>
      </div>
    </div>
  );
}
