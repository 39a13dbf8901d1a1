import { words } from "../words";

const w = words.verdictPanel;

/** What to do now, in order. */
export function DoNow({ steps }: { steps: readonly string[] }) {
  return (
    <ol className="mt-1 list-decimal pl-5 font-semibold" aria-label={w.now}>
      {steps.map((s) => (
        <li key={s}>{s}</li>
      ))}
    </ol>
  );
}
