import type { Schemas } from "../api/client";
import { Choice } from "../parts/controls";
import { words } from "../words";
import { practiceWords as w } from "../words/practice";

export const levels = ["1", "2", "3", "4", "5"] as const;
export type Level = (typeof levels)[number];
export type Edition = Schemas["Edition"];

/** Level and edition, as an address says. */
export const setOf = (search: URLSearchParams) => ({
  level: levels.find((l) => l === search.get("level")) ?? ("1" as Level),
  edition: ((Object.keys(words.edition) as Edition[]).find((e) => e === search.get("edition")) ?? "Nec2023") as Edition,
});

export const newSeed = () => String(1 + Math.floor(Math.random() * 99_999));

/** How hard, and by which edition. */
export function Setting({
  level,
  edition,
  onLevel,
  onEdition,
}: {
  level: Level;
  edition: Edition;
  onLevel: (level: Level) => void;
  onEdition: (edition: Edition) => void;
}) {
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
      <Choice label={w.level} value={level} onChange={onLevel} options={levels.map((l) => [l, l] as const)} />
      <label>
        <span className="mb-1 block text-sm text-ink-2">{words.bookPage.edition}</span>
        <select
          className="figure min-h-11 rounded-lg border-2 border-rule bg-card px-2"
          value={edition}
          onChange={(e) => onEdition(e.target.value as Edition)}
        >
          {Object.entries(words.edition).map(([id, name]) => (
            <option key={id} value={id}>
              NEC {name}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
