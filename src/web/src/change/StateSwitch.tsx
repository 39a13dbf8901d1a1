import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type BoxView } from "../api/client";
import { useChanges, useEdit, type State } from "../model/job";
import type { BoxEdit } from "../model/useBoxEdit";
import { Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { keys } from "../model/keys";

const w = words.states;
const states: readonly State[] = ["AsFound", "Planned", "AsLeft"];

/** As found, planned, as left, or what changes between two of them. */
export function StateSwitch({
  job,
  view,
  change,
  state,
  edit,
  onState,
  onPoint,
}: {
  job: string;
  view: BoxView;
  change: string;
  state: State;
  edit: BoxEdit;
  onState: (state: State) => void;
  onPoint: (ids: readonly string[]) => void;
}) {
  const [differs, setDiffers] = useState(false);
  return (
    <section aria-label={w.label} className="mb-3">
      <div
        className="no-print flex flex-wrap overflow-hidden rounded-xl border-2 border-ink sm:inline-flex"
        role="group"
        aria-label={w.label}
      >
        {states.map((s) => (
          <button
            key={s}
            type="button"
            aria-pressed={state === s}
            onClick={() => onState(s)}
            className={`min-h-11 flex-1 border-r-2 border-ink px-4 font-semibold whitespace-nowrap
              ${state === s ? "bg-ink text-on-ink" : "bg-card"}`}
          >
            {w[s]}
          </button>
        ))}
        <button
          type="button"
          aria-expanded={differs}
          onClick={() => setDiffers(!differs)}
          className={`min-h-11 flex-1 px-4 font-semibold whitespace-nowrap ${differs ? "bg-slate-wash" : "bg-card"}`}
        >
          {w.differs}
        </button>
      </div>
      {state !== "Planned" && (
        <p className="mt-2 rounded-lg border-l-6 border-slate bg-slate-wash p-3" role="status">
          {state === "AsFound" ? w.correct : w.record}
        </p>
      )}
      {differs && <Differences job={job} view={view} change={change} onPoint={onPoint} />}
      {state === "AsLeft" && <Doing job={job} view={view} change={change} edit={edit} />}
    </section>
  );
}

function Differences({
  job,
  view,
  change,
  onPoint,
}: {
  job: string;
  view: BoxView;
  change: string;
  onPoint: (ids: readonly string[]) => void;
}) {
  const [from, setFrom] = useState<State>("AsFound");
  const [to, setTo] = useState<State>("Planned");
  const difference = useDifference(job, view, change, from, to);
  const options = states.map((s) => [s, w[s]] as const);
  return (
    <div className="mt-2 rounded-2xl border-2 border-rule bg-card p-3">
      <div className="mb-2 flex flex-wrap items-end gap-3">
        <div className="w-36">
          <Pick label={w.from} value={from} onChange={setFrom} options={options} />
        </div>
        <div className="w-36">
          <Pick label={w.to} value={to} onChange={setTo} options={options} />
        </div>
      </div>
      {difference.data?.differences.length === 0 && <p className="text-ink-2">{w.equal}</p>}
      <ul>
        {(difference.data?.differences ?? []).map((d, i) => (
          <li key={i} className="border-t border-rule first:border-t-0">
            <button type="button" className="min-h-9 w-full py-1 text-left first-letter:uppercase" onClick={() => onPoint(d.ids)}>
              {d.says}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

function useDifference(job: string, view: BoxView, change: string, from: State, to: State) {
  return useQuery({
    queryKey: keys.of(job, "difference", view.id, change, from, to, view.version),
    queryFn: () =>
      must(api.GET("/api/jobs/{job}/boxes/{box}/difference", { params: { path: { job, box: view.id }, query: { change, from, to } } })),
  });
}

/** Recording what was done: planned steps of this box to tick off, and what is not back as it was found. */
function Doing({ job, view, change, edit }: { job: string; view: BoxView; change: string; edit: BoxEdit }) {
  const changes = useChanges(job);
  const send = useEdit(job);
  const now = changes.data?.find((c) => c.id === change);
  const back = useDifference(job, view, change, "AsFound", "AsLeft");
  const missing = back.data?.differences.filter((d) => d.notBack) ?? [];
  return (
    <div className="mt-2 grid items-start gap-3 md:grid-cols-[1.6fr_1fr]">
      <div className="rounded-2xl border-2 border-rule bg-card p-3">
        <h3>{w.planned}</h3>
        <ul>
          {(now?.steps ?? []).map((s) => (
            <li key={s.id} className="flex items-center gap-2 border-t border-rule py-1 first:border-t-0">
              <span className={`flex-1 ${s.done ? "text-ink-2" : ""}`}>{s.says}</span>
              {s.done ? (
                <Button look="quiet" onClick={() => send.mutate({ edit: { do: "takeBackDone", change, id: s.done! } })}>
                  {w.undone}
                </Button>
              ) : (
                <Button
                  disabled={!!s.refusal}
                  aria-label={`${w.markDone}: ${s.says}`}
                  onClick={() =>
                    void must(
                      api.GET("/api/jobs/{job}/changes/{change}/steps/{step}", { params: { path: { job, change, step: s.id } } }),
                    ).then((planned) =>
                      send.mutate({
                        edit: {
                          do: "recordDone",
                          change,
                          id: newId("q"),
                          edit: planned,
                          planned: s.id,
                          on: new Date().toISOString().slice(0, 10),
                        },
                      }),
                    )
                  }
                >
                  {w.markDone}
                </Button>
              )}
            </li>
          ))}
        </ul>
      </div>
      <div className="rounded-2xl border-2 border-rule bg-card p-3">
        <p className="font-semibold">{missing.length === 0 ? w.allBack : w.notBack(missing.length)}</p>
        <ul className="text-sm">
          {missing.map((d, i) => (
            <li key={i} className="border-t border-rule py-1 first:border-t-0 first-letter:uppercase">
              {d.says}
            </li>
          ))}
        </ul>
        {back.data?.putBack && (
          <Button className="mt-2" onClick={() => void edit.ready(back.data.putBack!)}>
            {w.putBack}
          </Button>
        )}
      </div>
    </div>
  );
}
