import { makesWords as w } from "../words/makes";

/** What can be made up below, and one list of what goes up the ladder. */
export function BenchFirst({ below, up }: { below: readonly string[]; up: readonly string[] }) {
  if (below.length === 0) return null;
  return (
    <details className="rounded-xl border-2 border-rule bg-card px-3">
      <summary className="min-h-12 content-center font-semibold">{w.below}</summary>
      <p className="text-sm text-ink-2">{w.belowHow}</p>
      <ul className="ml-5 list-disc">
        {below.map((b, i) => (
          <li key={`${b}|${i}`}>{b}</li>
        ))}
      </ul>
      {up.length > 0 && <h2 className="mt-2 text-base">{w.up}</h2>}
      <ul className="mb-2 ml-5 list-disc">
        {up.map((u) => (
          <li key={u}>{u}</li>
        ))}
      </ul>
    </details>
  );
}
