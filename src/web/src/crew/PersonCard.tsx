import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, type Schemas } from "../api/client";
import type { Role } from "../model/me";
import { Button, Choice } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { crewWords as w } from "../words/crew";
import { Wrong } from "./Door";
import { JobTicks } from "./JobTicks";
import { when } from "./when";

const roles: Role[] = ["Owner", "Works", "Looks", "Class"];

/** Somebody of the crew: what they may, which jobs, which devices. */
export function PersonCard({ person, jobs, onDone, onForgot }: Props) {
  const [open, setOpen] = useState(false);
  const last = person.sessions[0];
  return (
    <li className="rounded-xl border-2 border-ink bg-card p-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <div className="min-w-0">
          <p className="text-lg font-bold">
            {person.name} {person.self && <span className="text-sm font-normal text-ink-2">{w.you}</span>}
          </p>
          <p>
            <span className="rounded-md border-2 border-ink px-1.5 text-sm font-semibold">{w.role[person.role]}</span>{" "}
            <span className="text-ink-2">{reach(person)}</span>
          </p>
          <p className="text-sm text-ink-2">
            {last ? `${last.device}, ${w.seen(when(last.seen))}` : w.devicesNone}
            {person.sessions.length > 1 && ` (+${person.sessions.length - 1})`}
          </p>
        </div>
        <Button onClick={() => setOpen(true)} aria-label={`${w.roleLabel}: ${person.name}`}>
          {w.roleLabel}
        </Button>
      </div>
      {open && (
        <Sheet title={person.name} open onClose={() => setOpen(false)}>
          <Rights person={person} jobs={jobs} onDone={onDone} onForgot={onForgot} onClose={() => setOpen(false)} />
        </Sheet>
      )}
    </li>
  );
}

const reach = (p: Schemas["PersonView"]) =>
  p.role === "Owner" || p.jobs.some((j) => j.job === "*")
    ? w.allJobs
    : p.role === "Class"
      ? w.roleHint.Class
      : p.jobs.length === 0
        ? w.noJob
        : w.jobCount(p.jobs.length);

function Rights({ person, jobs, onDone, onForgot, onClose }: Props & { onClose: () => void }) {
  const [removing, setRemoving] = useState(false);
  const params = { path: { person: person.id } };
  const act = useMutation({ mutationFn: (work: () => Promise<unknown>) => work(), onSettled: onDone });
  const role = (to: Role) => act.mutate(() => must(api.POST("/api/people/{person}/role", { params, body: { role: to } })));
  const rights = (to: Schemas["JobRight"][]) =>
    act.mutate(() => must(api.POST("/api/people/{person}/jobs", { params, body: { jobs: to } })));
  const outAll = () => act.mutate(() => must(api.POST("/api/people/{person}/sign-out", { params })));
  const remove = () =>
    act.mutate(async () => {
      await must(api.POST("/api/people/{person}/remove", { params }));
      onClose();
    });
  return (
    <div className="flex flex-col gap-4">
      <Choice label={w.roleLabel} value={person.role} options={roles.map((r) => [r, w.role[r]] as const)} onChange={role} />
      <p className="text-sm text-ink-2">{w.roleHint[person.role]}</p>
      {(person.role === "Works" || person.role === "Looks") && (
        <JobTicks rights={person.jobs} jobs={jobs} looks={person.role === "Looks"} onChange={rights} />
      )}
      <Wrong error={act.error} />
      <div className="flex flex-wrap gap-2 border-t-2 border-rule pt-3">
        <Button onClick={onForgot}>{w.forgot}</Button>
        {person.sessions.length > 0 && <Button onClick={outAll}>{w.outAll}</Button>}
        {!person.self && !removing && (
          <Button look="stop" onClick={() => setRemoving(true)}>
            {w.remove}
          </Button>
        )}
      </div>
      {removing && (
        <div className="flex flex-col gap-2 border-l-8 border-barn px-3">
          <p>{w.removeSays(person.name)}</p>
          <Button look="stop" className="self-start" onClick={remove}>
            {w.remove}
          </Button>
        </div>
      )}
    </div>
  );
}

type Props = {
  person: Schemas["PersonView"];
  jobs: readonly Schemas["JobSummary"][];
  onDone: () => void;
  onForgot: () => void;
};
