import { useRef, useState, type PointerEvent, type ReactNode } from "react";
import type { Schemas } from "../api/client";
import { setSettings, useSettings } from "../api/settings";
import { Button } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { inches } from "../parts/measure";
import { words } from "../words";
import { TapePicture } from "./TapePicture";

const w = words.tape;
const FRACTIONS = ["0", "1/8", "1/4", "3/8", "1/2", "5/8", "3/4", "7/8"];
/** Pixels an inch on the tape. */
const INCH = 96;
const LONGEST = 240;

/** Inches as the trade writes them, to the sixteenth. */
export function inchText(value: number): string {
  const sixteenths = Math.round(value * 16);
  const whole = Math.floor(sixteenths / 16);
  let part = sixteenths % 16;
  let under = 16;
  while (part > 0 && part % 2 === 0) [part, under] = [part / 2, under / 2];
  return part === 0 ? String(whole) : whole === 0 ? `${part}/${under}` : `${whole} ${part}/${under}`;
}

/** A length in one's own gauges: "2 hands and a thumb". */
export function inGauges(value: number, gauges: { thumb: number | null; hand: number | null }): string | null {
  const { thumb, hand } = gauges;
  const hands = hand ? Math.floor(value / hand + 0.05) : 0;
  const rest = value - hands * (hand ?? 0);
  const thumbs = thumb ? Math.round(rest / thumb) : 0;
  const parts = [
    hands > 0 ? `${hands} ${w.hand}${hands > 1 ? "s" : ""}` : "",
    thumbs > 0 ? `${thumbs} ${w.thumb}${thumbs > 1 ? "s" : ""}` : "",
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(", ") : null;
}

/** Lengths to cut or measure, in one's own gauges; null where none was calibrated or none is an inch or more. */
export function cutsInGauges(lengths: string[], gauges: { thumb: number | null; hand: number | null }): string | null {
  const cuts = lengths.map(inches).filter((n): n is number => n !== null && n >= 1);
  const own = cuts.map((n) => inGauges(n, gauges)).filter(Boolean);
  return own.length > 0 ? w.inGauges(own.join("; ")) : null;
}

/** One measurement: a tape to drag, fractions to tap, a field to type or paste into; and a small picture of where the tape goes. */
export function TapeSheet({
  kind,
  what,
  where,
  value,
  onClose,
  onKeep,
}: {
  kind: Schemas["FactKind"];
  what: string | null;
  /** The part lit in a picture of the box. */
  where?: ReactNode;
  value: string;
  onClose: () => void;
  onKeep: (text: string) => void;
}) {
  const { gauges } = useSettings();
  const [text, setText] = useState(value);
  const [bad, setBad] = useState(false);
  const now = inches(/in$|mm$/.test(text) ? text : `${text} in`);
  const at = now !== null && !Number.isNaN(now) ? now : 0;
  const set = (next: number) => {
    setText(inchText(Math.min(LONGEST, Math.max(0, next))));
    setBad(false);
  };
  const keep = () => {
    if (!/\d/.test(text)) setBad(true);
    else onKeep(text.trim());
  };
  const says = inGauges(at, gauges);
  return (
    <Sheet title={what ? `${kind.asks} ${what}` : kind.asks} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          keep();
        }}
      >
        <div className={where && kind.picture ? "grid grid-cols-2 items-start gap-3" : ""}>
          {where}
          {kind.picture && <TapePicture name={kind.picture} />}
        </div>
        <p className="text-sm text-ink-2">{kind.how}</p>
        <Tape at={at} onMove={set} />
        <div className="flex items-end gap-3">
          <label className="block min-w-0 flex-1">
            <span className="mb-1 block text-sm text-ink-2">{w.typed}</span>
            <input
              autoFocus
              aria-invalid={bad}
              className="figure min-h-12 w-full rounded-lg border-2 border-rule bg-card px-3 text-2xl"
              placeholder={w.hint}
              value={text}
              onChange={(e) => {
                setText(e.target.value);
                setBad(false);
              }}
            />
          </label>
          <Button look="main" type="submit" className="min-h-12">
            {w.keep}
          </Button>
        </div>
        {bad && <p className="text-barn">{w.bad}</p>}
        <div className="grid grid-cols-6 gap-1.5" role="group" aria-label={w.whole}>
          {Array.from({ length: 12 }, (_, i) => (
            <button
              key={i}
              type="button"
              className="figure min-h-12 rounded-lg border-2 border-rule bg-card text-lg"
              onClick={() => set(i + (at % 1))}
            >
              {i}
            </button>
          ))}
        </div>
        <div className="grid grid-cols-4 gap-1.5" role="group" aria-label={w.fractions}>
          {FRACTIONS.map((f, i) => (
            <button
              key={f}
              type="button"
              className="figure min-h-12 rounded-lg border-2 border-rule bg-card text-lg"
              onClick={() => set(Math.floor(at) + i / 8)}
            >
              {f}
            </button>
          ))}
        </div>
        {says && <p className="text-sm text-ink-2">{w.inGauges(says)}</p>}
        <details>
          <summary className="min-h-8 text-sm">{w.gauges}</summary>
          <p className="text-sm text-ink-2">{w.gaugeHow}</p>
          <div className="mt-2 flex gap-3">
            {(["thumb", "hand"] as const).map((g) => (
              <label key={g} className="flex-1 text-sm">
                <span className="first-letter:uppercase">{w[g]}</span>
                <input
                  className="figure min-h-11 w-full rounded-lg border-2 border-rule bg-card px-2"
                  defaultValue={gauges[g] === null ? "" : inchText(gauges[g])}
                  onBlur={(e) => {
                    const length = inches(/in$|mm$/.test(e.target.value) ? e.target.value : `${e.target.value} in`);
                    setSettings({ gauges: { ...gauges, [g]: length && !Number.isNaN(length) && length > 0 ? length : null } });
                  }}
                />
              </label>
            ))}
          </div>
        </details>
      </form>
    </Sheet>
  );
}

/** A steel tape that moves under the hand, with a red line at the reading. */
function Tape({ at, onMove }: { at: number; onMove: (value: number) => void }) {
  const start = useRef<{ x: number; at: number } | null>(null);
  const from = Math.max(0, Math.floor(at) - 3);
  const move = (e: PointerEvent) => {
    if (start.current) onMove(start.current.at - (e.clientX - start.current.x) / INCH);
  };
  return (
    <div>
      <p className="mb-1 text-sm text-ink-2">{w.drag}</p>
      <svg
        viewBox="0 0 480 64"
        className="w-full cursor-ew-resize touch-none rounded-lg border-2 border-rule bg-card select-none"
        role="slider"
        aria-label={w.typed}
        aria-valuenow={at}
        aria-valuetext={`${inchText(at)} in`}
        aria-valuemin={0}
        aria-valuemax={LONGEST}
        tabIndex={0}
        onKeyDown={(e) => {
          if (e.key === "ArrowRight" || e.key === "ArrowUp") onMove(at + 1 / 16);
          else if (e.key === "ArrowLeft" || e.key === "ArrowDown") onMove(at - 1 / 16);
          else return;
          e.preventDefault();
        }}
        onPointerDown={(e) => {
          start.current = { x: e.clientX, at };
          e.currentTarget.setPointerCapture(e.pointerId);
        }}
        onPointerMove={move}
        onPointerUp={() => (start.current = null)}
        onPointerCancel={() => (start.current = null)}
      >
        {Array.from({ length: 16 * 8 }, (_, i) => {
          const inch = from + i / 16;
          const x = 240 + (inch - at) * INCH;
          const tall = i % 16 === 0 ? 30 : i % 8 === 0 ? 22 : i % 4 === 0 ? 16 : i % 2 === 0 ? 11 : 7;
          return (
            x > -20 &&
            x < 500 && (
              <g key={i}>
                <line x1={x} x2={x} y1="0" y2={tall} stroke="var(--ink)" strokeWidth={i % 16 === 0 ? 2 : 1} />
                {i % 16 === 0 && (
                  <text x={x + 4} y="50" fontSize="20" className="figure" fill="var(--ink)" fontWeight="700">
                    {inch}
                  </text>
                )}
              </g>
            )
          );
        })}
        <line x1="240" x2="240" y1="0" y2="64" stroke="var(--barn)" strokeWidth="3" />
      </svg>
    </div>
  );
}
