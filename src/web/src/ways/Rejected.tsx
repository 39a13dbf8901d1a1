import type { Schemas } from "../api/client";
import { wayWords as w } from "../words/ways";

/** The ways that do not work, each with the rule or the missing inch that rejects it. */
export function Rejected({ rejected, open }: { rejected: readonly Schemas["ToldRejected"][]; open: boolean }) {
  if (rejected.length === 0) return null;
  return (
    <details className="mt-4" open={open}>
      <summary className="min-h-11 content-center font-semibold underline underline-offset-4">{w.rejected(rejected.length)}</summary>
      <ul className="grid gap-x-6 md:grid-cols-2">
        {rejected.map((r) => (
          <li key={r.case + r.why} className="border-t border-rule py-1.5">
            <b>{r.why}</b>
            <span className="block text-sm text-ink-2">
              {r.title}
              {w.times(r.count)}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
