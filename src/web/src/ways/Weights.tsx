import type { Schemas } from "../api/client";
import { Button } from "../parts/controls";
import { wayWords as w } from "../words/ways";

/** What the ranking counts by, to move while one looks. */
export function Weights({
  own,
  moved,
  onMove,
  onKeep,
}: {
  own: readonly Schemas["WeightView"][];
  moved: Readonly<Record<string, number>>;
  onMove: (key: string, value: number) => void;
  onKeep: () => void;
}) {
  return (
    <details className="no-print mt-4">
      <summary className="min-h-11 content-center font-semibold underline underline-offset-4">{w.weights}</summary>
      <p className="mb-2 text-sm text-ink-2">{w.weightsHow}</p>
      <ul className="grid gap-3 md:grid-cols-2">
        {own.map((weight) => (
          <li key={weight.key}>
            <label className="flex items-center gap-3">
              <span className="w-64 text-sm">{weight.name}</span>
              <input
                type="range"
                min="0"
                max={weight.default * 4}
                step={weight.default / 10}
                className="min-h-11 flex-1 accent-(--ink)"
                value={moved[weight.key] ?? weight.value}
                onChange={(e) => onMove(weight.key, Number(e.target.value))}
              />
              <span className="figure w-14 text-right">{`$${Math.round(moved[weight.key] ?? weight.value)}`}</span>
            </label>
          </li>
        ))}
      </ul>
      {Object.keys(moved).length > 0 && (
        <Button className="mt-2" onClick={onKeep}>
          {w.keepWeights}
        </Button>
      )}
    </details>
  );
}
