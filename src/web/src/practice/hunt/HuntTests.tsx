import type { Schemas } from "../../api/client";
import { huntWords as w } from "../../words/hunt";
import { PANEL } from "./HuntRun";

type Told = Schemas["ToldHunt"];
type Test = Told["tests"][number];

/** What can be tested at a box, or at the panel, and what each would cost as things lie. */
export function HuntTests({ told, at, busy, onTest }: { told: Told; at: string | null; busy: boolean; onTest: (key: string) => void }) {
  if (at === null) return <p className="rounded-2xl border-2 border-dashed border-rule p-6 text-lg text-ink-2">{w.pick}</p>;
  const here = told.tests.filter((t) => (at === PANEL ? t.at.length === 0 : t.at.includes(at)));
  const name = told.boxes.find((b) => b.id === at)?.name ?? "";
  const inside = here.filter((t) => t.inside);
  return (
    <section aria-label={at === PANEL ? w.panelTests : w.testsAt(name)} className="flex flex-col gap-3">
      <h2 className="text-lg">{at === PANEL ? w.panelTests : w.testsAt(name)}</h2>
      <Group title={inside.length > 0 ? w.outside : ""} tests={here.filter((t) => !t.inside)} busy={busy} onTest={onTest} />
      {inside.length > 0 && <Group title={w.inside} tests={inside} busy={busy} onTest={onTest} />}
    </section>
  );
}

function Group({ title, tests, busy, onTest }: { title: string; tests: readonly Test[]; busy: boolean; onTest: (key: string) => void }) {
  const kinds = [...new Set(tests.map((t) => t.title))];
  return (
    <div>
      {title && <h3 className="mb-1 font-semibold">{title}</h3>}
      <ul className="grid gap-2 sm:grid-cols-2">
        {kinds.map((kind) => {
          const of = tests.filter((t) => t.title === kind);
          return (
            <li key={kind} className="rounded-xl border-2 border-rule bg-card p-2.5">
              <b>{kind}</b>
              <p className="text-sm text-ink-2">{of[0]!.minds}</p>
              {of.map((t) => (
                <button
                  key={t.key}
                  data-test={t.key}
                  type="button"
                  disabled={busy || !t.bears}
                  onClick={() => onTest(t.key)}
                  className="mt-1.5 flex min-h-11 w-full flex-wrap items-baseline gap-x-3 rounded-lg border-2 border-ink px-2.5 py-1.5
                    text-left leading-tight disabled:opacity-50"
                >
                  <span className="min-w-40 flex-1">{t.says}</span>
                  <span className="text-sm text-ink-2">
                    {[
                      w.minutes(t.minutes),
                      ...(t.openings > 0 ? [w.opens(t.openings)] : []),
                      ...(t.danger ? [w.danger[t.danger]] : []),
                      ...(t.bears ? [] : [w.broke]),
                    ].join(" · ")}
                  </span>
                </button>
              ))}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
