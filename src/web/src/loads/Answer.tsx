import { Ban, Check, CircleHelp } from "lucide-react";
import type { Schemas } from "../api/client";
import { loadWords } from "../words/loads";

const w = loadWords.loads;

const looks: Record<Schemas["May"], [typeof Check, string]> = {
  Yes: [Check, "border-moss bg-moss-wash"],
  CannotTell: [CircleHelp, "border-slate bg-slate-wash"],
  No: [Ban, "border-barn bg-barn-wash"],
};

/** The answer for one circuit: yes, no or cannot be told, by shape and word; its figures, its reasons, and what else may run. */
export function Answer({
  answer: a,
  idle,
  restIdle,
  onIdle,
  onRest,
}: {
  answer: Schemas["ToldRun"];
  idle: readonly string[];
  restIdle: boolean;
  onIdle: (of: string, off: boolean) => void;
  onRest: (idle: boolean) => void;
}) {
  const [Icon, look] = looks[a.may];
  const unsaid = a.beside.filter((b) => b.watts == null).length;
  return (
    <div className="mt-3">
      <div role="status" className={`rounded-2xl border-2 p-3 ${look}`}>
        <p className="flex items-center gap-2 text-xl font-bold">
          <Icon size={24} strokeWidth={2.5} aria-hidden />
          {w.says[a.may]}
          {a.name && <span className="ml-auto text-base font-normal">{a.name}</span>}
        </p>
        {a.amperes != null && (
          <dl className="mt-1 flex flex-wrap gap-x-6">
            {w.figures(a).map(([what, figure]) => (
              <div key={what}>
                <dt className="text-sm text-ink-2">{what}</dt>
                <dd className="figure text-lg font-bold">{figure}</dd>
              </div>
            ))}
          </dl>
        )}
        <ul className="mt-1">
          {a.reasons.map((r) => (
            <li key={r.case} className={r.says === "Yes" ? "text-ink-2" : ""}>
              {r.text}
            </li>
          ))}
        </ul>
      </div>
      {a.beside.length > 0 && (
        <fieldset className="mt-3">
          <legend className="font-semibold">{w.beside}</legend>
          <ul className="grid gap-x-4 sm:grid-cols-2">
            {a.beside
              .filter((b) => b.watts != null)
              .map((b) => (
                <li key={b.of}>
                  <label className="flex min-h-11 items-center gap-3">
                    <input
                      type="checkbox"
                      className="size-5"
                      checked={!idle.includes(b.of)}
                      onChange={(e) => onIdle(b.of, !e.target.checked)}
                    />
                    <span className="flex-1 first-letter:uppercase">{b.name}</span>
                    <span className="figure text-sm">{b.watts} W</span>
                  </label>
                </li>
              ))}
          </ul>
          {unsaid > 0 && (
            <label className="flex min-h-11 items-center gap-3">
              <input type="checkbox" className="size-5" checked={restIdle} onChange={(e) => onRest(e.target.checked)} />
              {w.restIdle(unsaid)}
            </label>
          )}
        </fieldset>
      )}
    </div>
  );
}
