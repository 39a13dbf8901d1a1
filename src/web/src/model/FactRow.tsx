import type { Schemas } from "../api/client";
import { answered } from "./facts";
import { Ask } from "../parts/controls";
import { words } from "../words";

/** One question of a circuit, a panel or an outlet, with its answers to press or a number to type. */
export function FactRow({
  kind,
  about,
  value,
  onNote,
}: {
  kind: Schemas["FactKind"];
  /** What it is about, where that is not plain. */
  about?: string;
  /** The answer there is. */
  value?: string | null;
  onNote: (fact: Schemas["Observation"] | null) => unknown;
}) {
  const hint = kind.unit ?? (kind.type === "Length" ? words.box.lengthHint : "");
  const name = about ? `${kind.asks} ${about}` : kind.asks;
  return (
    <div className="py-1" role="group" aria-label={name}>
      <span className="block text-sm font-semibold" title={kind.how}>
        {name}
      </span>
      <div className="mt-1 flex flex-wrap items-center gap-1.5">
        {(kind.type === "Number" || kind.type === "Length") && (
          <div className="w-28">
            <Ask mono hide label={name} hint={hint} value={value ?? ""} onKeep={(t) => onNote(t ? answered(t) : null)} />
          </div>
        )}
        {kind.choices.map((c) => (
          <button
            key={c.value}
            type="button"
            aria-pressed={value === c.value}
            className={`min-h-11 rounded-lg border-2 px-3 text-sm font-semibold
              ${value === c.value ? "border-ink bg-ink text-on-ink" : "border-rule bg-card hover:border-ink"}`}
            onClick={() => onNote(value === c.value ? null : answered(c.value))}
          >
            {c.name}
          </button>
        ))}
      </div>
    </div>
  );
}
