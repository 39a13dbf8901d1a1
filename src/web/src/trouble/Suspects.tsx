import { Link } from "react-router";
import { TriangleAlert } from "lucide-react";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { troubleWords as w } from "../words/trouble";
import type { Trouble } from "./useTrouble";

type Suspect = Trouble["suspects"][number];

/** Likeliest first: how much of the belief, what it explains, what it would do to somebody, what mends it. */
export function Suspects({ job, trouble, onFound }: { job: string; trouble: Trouble; onFound: (suspect: Suspect) => void }) {
  const seen = trouble.observed.filter((o) => o.explained != null).length;
  return (
    <section aria-label={w.suspects}>
      <h2 className="text-lg">{w.suspects}</h2>
      {trouble.nothing.length > 0 && (
        <div className="my-2 rounded-xl border-2 border-slate bg-slate-wash p-3">
          <p className="font-semibold">{w.nothing}</p>
          <ul className="list-disc pl-5">
            {trouble.nothing.map((id) => (
              <li key={id}>{trouble.observed.find((o) => o.id === id)?.says}</li>
            ))}
          </ul>
        </div>
      )}
      {trouble.found && <p className="font-semibold">{w.found}</p>}
      <ol className="flex flex-col">
        {trouble.suspects.map((s) => (
          <li key={s.key} data-suspect={s.key} className="border-t border-rule py-2 first:border-t-0">
            <details>
              <summary className="flex min-h-11 cursor-pointer items-center gap-3">
                <span className="figure w-14 shrink-0 text-right text-xl">{percent(s.belief)}</span>
                <span className="min-w-0 flex-1">
                  <b>{s.says}</b>
                  <span className="block h-1.5 rounded-full bg-soft" aria-hidden>
                    <span className="block h-1.5 rounded-full bg-ink" style={{ width: `${Math.max(1, 100 * s.belief)}%` }} />
                  </span>
                </span>
                {s.hurts && <TriangleAlert size={20} className="shrink-0 text-barn" aria-hidden />}
              </summary>
              <div className="flex flex-col gap-1 pt-1 pl-17">
                {s.faults.length > 0 && <p className="text-sm text-ink-2">{w.explains(s.explains.length, seen)}</p>}
                {s.against.map((id) => (
                  <p key={id} className="text-sm">
                    ✗ {trouble.observed.find((o) => o.id === id)?.says}
                  </p>
                ))}
                {s.does && <p className="font-semibold text-barn">{s.does}</p>}
                {s.mends.map((m) => (
                  <p key={m}>
                    <span className="text-ink-2">{w.mend}: </span>
                    {m}
                  </p>
                ))}
                {s.alike.length > 0 && (
                  <details>
                    <summary className="min-h-11 content-center text-sm underline underline-offset-4">{w.alike(s.alike.length)}</summary>
                    <ul className="list-disc pl-5 text-sm">
                      {s.alike.map((a) => (
                        <li key={a}>{a}</li>
                      ))}
                    </ul>
                  </details>
                )}
                {s.faults.length > 0 && !trouble.closed && (
                  <span className="flex flex-wrap items-center gap-3">
                    <Button onClick={() => onFound(s)}>{w.isIt}</Button>
                    {s.boxes.slice(0, 2).map((b) => (
                      <Link
                        key={b}
                        to={address.box(job, b)}
                        className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
                      >
                        {trouble.where.find((x) => x.id === b)?.name ?? b}
                      </Link>
                    ))}
                  </span>
                )}
              </div>
            </details>
          </li>
        ))}
      </ol>
    </section>
  );
}

const percent = (belief: number) => (belief < 0.005 ? "<1%" : `${Math.round(100 * belief)}%`);
