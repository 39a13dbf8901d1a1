import { X } from "lucide-react";
import { useSettings } from "../api/settings";
import { span, volume } from "../parts/measure";
import { words } from "../words";
import type { Hand, Move } from "./useHeld";

const w = words.bench;
const extra = ["new", "cap", "loose"];

/** What is held, where else it may go, and what would follow at the place under the pointer. */
export function Slip({
  hand,
  before,
  onLand,
  onHover,
  onDrop,
  list,
  would,
}: {
  hand: Hand;
  before: number;
  list: boolean;
  /** What would follow with the power on. */
  would: readonly string[];
  onLand: (key: string) => void;
  onHover: (key: string | null) => void;
  onDrop: () => void;
}) {
  const move = hand.moves?.find((m) => m.key === hand.over);
  return (
    <div className="rounded-xl bg-ink p-3 text-on-ink shadow-xl" data-slip>
      <div className="hand-row flex flex-wrap items-center gap-2">
        <b className="min-w-40 flex-1">{w.picked(hand.name)}</b>
        {(hand.moves ?? [])
          .filter((m) => extra.includes(m.key))
          .map((m) => (
            <button
              key={m.key}
              type="button"
              data-key={m.key}
              data-walk={m.key}
              onClick={() => onLand(m.key)}
              onFocus={() => onHover(m.key)}
              onPointerEnter={() => onHover(m.key)}
              className={`min-h-11 rounded-lg border-2 px-3 font-semibold
                ${hand.over === m.key ? "border-on-ink bg-on-ink text-ink" : "border-current"}`}
            >
              {w.places[m.key as "new" | "cap" | "loose"]}
            </button>
          ))}
        <button type="button" aria-label={w.putBack} className="grid size-11 place-items-center rounded-lg" onClick={onDrop}>
          <X size={20} aria-hidden />
        </button>
      </div>
      {list && hand.moves && (
        <ul className="my-2 max-h-[38dvh] overflow-auto rounded-lg border border-current">
          {hand.moves
            .filter((m) => !extra.includes(m.key) && !m.here)
            .map((m) => (
              <li key={m.key} className="border-b border-current last:border-b-0">
                <button
                  type="button"
                  data-key={m.key}
                  disabled={Boolean(m.refusal)}
                  onClick={() => (hand.over === m.key ? onLand(m.key) : onHover(m.key))}
                  className={`min-h-11 w-full px-3 py-1.5 text-left first-letter:uppercase
                    ${hand.over === m.key ? "bg-on-ink text-ink" : ""}`}
                >
                  {m.says}
                  {m.new.length > 0 && <span className="block text-sm">{words.verdict[m.new[0]!.verdict]}</span>}
                  {hand.over === m.key && <b className="block text-sm">{w.tapAgain}</b>}
                </button>
              </li>
            ))}
        </ul>
      )}
      <div className="mt-1 min-h-10 text-sm" role="status" aria-live="polite">
        {move ? <Follows move={move} before={before} would={would} /> : hand.moves ? w.choosePlace : words.loading}
      </div>
    </div>
  );
}

/** A move's consequences as a few sentences. */
function Follows({ move, before, would }: { move: Move; before: number; would: readonly string[] }) {
  const { units } = useSettings();
  if (move.refusal) return <>{move.refusal.says}</>;
  if (move.here) return <>{w.liesHere}</>;
  const change = move.needed.low - before;
  const fit =
    change === 0
      ? w.fitStays(span(move.needed, units))
      : w.fitBecomes(volume(before, units, false), span(move.needed, units), words.fit[move.fit].toLowerCase());
  return (
    <>
      <b>{w.onPlace(move.says)}</b> {[...move.follows, fit].join(". ")}.
      {move.new.map((f, i) => (
        <span key={`n${i}`} className="block">
          <b>{words.verdict[f.verdict]}:</b> {f.says} <span className="opacity-80">{f.article}</span>
        </span>
      ))}
      {would.map((says) => (
        <span key={says} className="block">
          <b>{words.live.title}:</b> {says}.
        </span>
      ))}
      {move.settled.map((f, i) => (
        <span key={`s${i}`} className="block">
          <b>{w.settles}:</b> {f.says}
        </span>
      ))}
    </>
  );
}
