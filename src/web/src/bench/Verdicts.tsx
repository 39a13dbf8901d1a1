import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, must, type BoxView } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { sameBox } from "../model/sameBox";
import { Mark, VerdictCard } from "../model/Verdict";
import { Button } from "../parts/controls";
import { words } from "../words";
import { keys } from "../model/keys";

const w = words.verdictPanel;

/** What the rules say of the box, worst first, each pointing at what it is about; then what is open, settled, and holds. */
export const Verdicts = memo(
  function Verdicts({
    job,
    view,
    edit,
    onPoint,
  }: {
    job: string;
    view: BoxView;
    edit: BoxEdit;
    onPoint: (ids: readonly string[]) => void;
  }) {
    const [holds, setHolds] = useState(false);
    const opened = view.box.contents !== "NotOpened";
    return (
      <section aria-label={words.bench.verdicts}>
        <h2 className="sr-only">{words.bench.verdicts}</h2>
        {view.working && (
          <p className="text-sm text-ink-2" aria-live="polite">
            {words.stopBar.working}
          </p>
        )}
        {view.findings.length === 0 && !view.working && (
          <p className="text-sm text-ink-2">{opened ? words.bench.nothingFound : words.bench.notJudged}</p>
        )}
        <ul className="flex flex-col gap-2">
          {view.findings.map((f) => (
            <li key={`${f.rule}|${f.of}`}>
              <VerdictCard job={job} box={view.id} finding={f} edit={edit} version={view.version} onPoint={onPoint} />
            </li>
          ))}
        </ul>
        {view.settled.length > 0 && (
          <ul className="mt-2 text-sm" aria-label={w.settled}>
            {view.settled.map((f) => (
              <li key={`${f.rule}|${f.of}`} className="flex items-center gap-2 border-t border-rule py-1">
                <span className="flex-1">{f.says}</span>
                <Button look="quiet" onClick={() => void edit.ready({ do: "removeRuling", id: f.ruling! })}>
                  {w.takeBack}
                </Button>
              </li>
            ))}
          </ul>
        )}
        {view.holds > 0 && (
          <div className="mt-2 text-sm">
            <button type="button" className="min-h-8 underline underline-offset-4" aria-expanded={holds} onClick={() => setHolds(!holds)}>
              {w.holds(view.holds)}
            </button>
            {holds && <Held job={job} view={view} edit={edit} onPoint={onPoint} />}
          </div>
        )}
      </section>
    );
  },
  (was, is) =>
    sameBox(was, is) &&
    was.view.findings === is.view.findings &&
    was.view.working === is.view.working &&
    was.view.holds === is.view.holds &&
    was.view.settled === is.view.settled,
);

function Held({ job, view, edit, onPoint }: { job: string; view: BoxView; edit: BoxEdit; onPoint: (ids: readonly string[]) => void }) {
  const held = useQuery({
    queryKey: keys.of(job, "held", view.id, view.version, edit.of),
    queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/held", { params: { path: { job, box: view.id }, query: edit.of } })),
  });
  return (
    <>
      <p className="text-ink-2">{w.holdsNote}</p>
      <ul>
        {(held.data ?? []).map((f) => (
          <li key={`${f.rule}|${f.of}`} className="border-t border-rule first:border-t-0">
            <button type="button" className="w-full py-1 text-left" onClick={() => onPoint(f.ids)}>
              <Mark verdict="Fine" /> {f.says} <span className="text-ink-2">{f.article}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
