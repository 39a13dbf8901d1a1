import { Check } from "lucide-react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useBoxes, useChanges, useEdit, useHead } from "../model/job";
import { keys } from "../model/keys";
import { Outcome } from "../model/Outcome";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { address, served } from "../parts/address";
import { changesWords as w } from "../words/changes";
import { makeWords } from "../words/make";
import { acceptWords } from "../words/trouble";
import { handoverWords, outageWords } from "../words/stages";
import { wayWords } from "../words/ways";
import { Makes } from "./Makes";
import { Shopping } from "./Shopping";
import { Stages } from "./Stages";

const today = () => new Date().toISOString().slice(0, 10);

/** Plans on top of what is recorded: open one, plan in it at a box, drop what was wrong, close it when it is done. */
export default function Changes() {
  const { job = "" } = useParams();
  const changes = useChanges(job);
  const head = useHead(job);
  const edit = useEdit(job);
  const [key, setKey] = useState(0);
  const open = (name: string) => {
    if (!name) return;
    edit.mutate({ edit: { do: "openChange", id: newId("c"), name, opened: today() } as Edit });
    setKey(key + 1);
  };
  return (
    <div className="mx-auto max-w-4xl">
      <h1 className="text-2xl">{w.title}</h1>
      <p className="mb-4 text-ink-2">{w.how}</p>
      <Link
        to={address.ways(job)}
        className="mb-4 inline-flex min-h-12 items-center rounded-xl border-2 border-ink bg-ink px-4 font-semibold text-on-ink"
      >
        {words.ways}
      </Link>
      <Link
        to={address.outage(job)}
        className="mb-4 ml-3 inline-flex min-h-12 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
      >
        {outageWords.title}
      </Link>
      <Link
        to={address.lists(job)}
        className="mb-4 ml-3 inline-flex min-h-12 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
      >
        {words.lists.nav}
      </Link>
      <div className="mb-6 max-w-md">
        <Ask key={key} label={w.open} hint={w.openHint} value="" onKeep={open} />
      </div>
      {head.data && <Shopping job={job} version={head.data.version} />}
      {changes.data?.length === 0 && <p className="text-ink-2">{w.none}</p>}
      <ul className="flex flex-col gap-4">
        {(changes.data ?? []).map((c) => (
          <One key={c.id} job={job} change={c} onEdit={(e) => edit.mutate({ edit: e as Edit })} />
        ))}
      </ul>
    </div>
  );
}

/** What the plan does: load, drop and protection of circuits, what hangs where, and its boxes, before and after. */
function Does({ job, change, steps }: { job: string; change: string; steps: number }) {
  const [open, setOpen] = useState(false);
  const does = useQuery({
    queryKey: keys.of(job, "outcome", change, steps),
    queryFn: () => must(api.GET("/api/jobs/{job}/changes/{change}/outcome", { params: { path: { job, change } } })),
    enabled: open,
  });
  return (
    <details className="my-2" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-11 content-center font-semibold underline underline-offset-4">{w.does}</summary>
      {does.data ? <Outcome of={does.data} /> : <p className="text-ink-2">{does.error?.message ?? words.loading}</p>}
    </details>
  );
}

function One({ job, change, onEdit }: { job: string; change: Schemas["ChangeView"]; onEdit: (e: object) => void }) {
  const boxes = useBoxes(job);
  const navigate = useNavigate();
  const open = change.closed == null;
  const undone = change.steps.filter((s) => s.done == null && !s.carried);
  const carried = change.steps.filter((s) => s.done == null && s.carried).map((s) => s.id);
  /** What is still planned is recorded as done as planned, and the Change closed on what was done: all at once or not at all. */
  const closing = async () => {
    const planned = await Promise.all(
      undone.map((s) =>
        must(api.GET("/api/jobs/{job}/changes/{change}/steps/{step}", { params: { path: { job, change: change.id, step: s.id } } })),
      ),
    );
    return {
      do: "batch",
      name: `${change.name}: ${w.closed}`,
      edits: [
        ...(carried.length > 0 ? [{ do: "carryOut", change: change.id, planned: carried }] : []),
        ...planned.map((edit, i) => ({ do: "recordDone", change: change.id, id: newId("q"), edit, planned: undone[i]!.id, on: today() })),
        { do: "closeChange", v: 2, change: change.id, closed: today() },
      ],
    };
  };
  return (
    <li className={`rounded-2xl border-2 bg-card p-4 ${open ? "border-ink" : "border-rule"}`}>
      <div className="flex flex-wrap items-center gap-x-4">
        <h2 className="text-xl">{change.name}</h2>
        <span className="text-sm text-ink-2">{open ? `${w.since} ${change.opened ?? "?"}` : `${w.closed} ${change.closed ?? ""}`}</span>
      </div>
      {change.overlaps.length > 0 && (
        <p className="mt-2 rounded-lg border-l-6 border-amber bg-amber-wash p-2 text-sm">
          {w.overlaps(change.overlaps.map((b) => change.boxes[b] ?? b))}
        </p>
      )}
      {open && (
        <ol className="my-2">
          {change.steps.map((s) => (
            <li key={s.id} className="flex items-center gap-3 border-t border-rule py-1 first:border-t-0">
              <span className="flex-1">
                {(s.done || s.carried) && <Check size={16} aria-label={words.states.done} className="mr-1 inline text-moss" />}
                {s.says}
                {s.refusal && <span className="block text-sm text-barn">{w.noLonger(s.refusal.says)}</span>}
              </span>
              <Button
                look="quiet"
                disabled={!!s.done || s.carried}
                aria-label={`${w.drop}: ${s.says}`}
                onClick={() => onEdit({ do: "dropPlanned", change: change.id, id: s.id })}
              >
                {w.drop}
              </Button>
            </li>
          ))}
          {change.steps.length === 0 && <li className="text-ink-2">{w.empty}</li>}
        </ol>
      )}
      {open && change.done.some((d) => !d.done) && (
        <details className="mb-2 text-sm" open={change.done.length < 6}>
          <summary className="min-h-11 content-center underline underline-offset-4">{w.doneSoFar(change.done.length)}</summary>
          <ul className="mb-2 text-sm" aria-label={words.states.done}>
            {change.done
              .filter((d) => !d.done)
              .map((d) => (
                <li key={d.id} className="border-t border-rule py-1">
                  <b>{words.states.done}:</b> {d.says}
                </li>
              ))}
          </ul>
        </details>
      )}
      {open && change.corrections.length > 0 && (
        <ul className="mb-2 text-sm" aria-label={words.states.corrections}>
          {change.corrections.map((c) => (
            <li key={c.id} className="border-t border-rule py-1">
              <b>{words.states.corrections}</b>, {c.on}: {c.says}
            </li>
          ))}
        </ul>
      )}
      {open && change.steps.length > 0 && <Stages job={job} change={change.id} onEdit={onEdit} />}
      {open && <Makes job={job} change={change.id} onEdit={onEdit} />}
      {open && change.steps.length > 0 && <Does job={job} change={change.id} steps={change.steps.length} />}
      {(!open || change.done.length > 0) && (
        <Link className="mr-5 inline-flex min-h-11 items-center underline underline-offset-4" to={address.handover(job, change.id)}>
          {handoverWords.title}
        </Link>
      )}
      {(!open || change.done.length > 0) && (
        <Link className="mr-5 inline-flex min-h-11 items-center underline underline-offset-4" to={address.acceptance(job, change.id)}>
          {acceptWords.title}
        </Link>
      )}
      {(!open || change.done.length > 0) && (
        <a className="inline-flex min-h-11 items-center underline underline-offset-4" href={served.work(job, change.id)}>
          {wayWords.workCsv}
        </a>
      )}
      {open && (
        <div className="flex flex-wrap items-end gap-3">
          <ul className="w-full">
            {Object.entries(change.boxes).map(([id, name]) => (
              <li key={id} className="flex flex-wrap items-center gap-x-4 border-t border-rule py-1">
                <Link className="min-h-11 flex-1 content-center underline underline-offset-4" to={address.plan(job, id, change.id)}>
                  {name}
                </Link>
                <Link
                  className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
                  to={address.make(job, change.id, id)}
                >
                  {makeWords.card}
                </Link>
              </li>
            ))}
          </ul>
          <div className="w-56">
            <Pick
              hide
              label={w.planAt}
              value={null}
              empty={w.planAt}
              onChange={(box: string) => void navigate(address.plan(job, box, change.id))}
              options={(boxes.data ?? []).map((b) => [b.id, `${b.name}${b.place ? `, ${b.place}` : ""}`] as const)}
            />
          </div>
          <Button
            disabled={(change.steps.length === 0 && change.done.length === 0) || undone.some((s) => s.refusal)}
            onClick={() => void closing().then(onEdit)}
          >
            {undone.length > 0 ? w.close : w.closeLeft}
          </Button>
        </div>
      )}
    </li>
  );
}
