import type { Schemas } from "../api/client";
import { sheetWords } from "../words/sheet";

const w = sheetWords.sheet;

/** What feeds the panels: each by its source, its main, and the panel it hangs behind; and sources that feed none. */
export function Feeds({ head }: { head: Schemas["JobHead"] }) {
  const panels = Object.values(head.panels);
  const idle = Object.entries(head.sources).filter(([id]) => !panels.some((p) => p.source === id));
  if (panels.length === 0) return null;
  return (
    <p className="mb-2 flex flex-wrap gap-x-6 text-sm text-ink-2">
      {Object.entries(head.panels).map(([id, p]) => (
        <span key={id}>{w.fed(p.name, p.source ? (head.sources[p.source]?.name ?? null) : null, p.mainAmperes ?? null)}</span>
      ))}
      {idle.map(([id, s]) => (
        <span key={id}>{w.idle(s.name)}</span>
      ))}
    </p>
  );
}
