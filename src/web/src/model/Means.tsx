import { troubleWords as w } from "../words/trouble";
import { Tick } from "../parts/Tick";

/** What somebody has to test with: only tests that can be made with it are asked for. */
export function Means({
  has,
  onHas,
  opens,
  onOpens,
}: {
  has: readonly string[];
  onHas: (has: readonly string[]) => void;
  opens?: boolean;
  onOpens?: (opens: boolean) => void;
}) {
  return (
    <details>
      <summary className="min-h-11 content-center underline underline-offset-4">{w.have}</summary>
      <div className="flex flex-wrap gap-x-4">
        {Object.entries(w.instruments).map(([id, name]) => (
          <Tick key={id} label={name} on={has.includes(id)} turn={(on) => onHas(on ? [...has, id] : has.filter((x) => x !== id))} />
        ))}
        {onOpens && <Tick label={w.opensBoxes} on={opens === true} turn={onOpens} />}
      </div>
    </details>
  );
}

/** What nearly every electrician carries. */
export const usual = ["two-pole", "meter", "plug-in", "continuity"] as const;
