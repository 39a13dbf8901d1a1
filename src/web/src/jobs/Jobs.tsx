import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { useQueryClient } from "@tanstack/react-query";
import { MoreVertical } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, must, newId, Told, type Schemas } from "../api/client";
import { postEdit, stepOf, useJobs } from "../model/job";
import { Button } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { Empty } from "../parts/Empty";
import { say } from "../parts/Notices";
import { PickFile } from "../parts/PickFile";
import { words } from "../words";
import { address, served } from "../parts/address";

const w = words.jobs;

/** Puts a job in the bin, or brings it back. */
const bin = async (job: string, which: "bin" | "bring-back") => {
  const init = { params: { path: { job } }, body: await stepOf() };
  return must(which === "bin" ? api.POST("/api/jobs/{job}/bin", init) : api.POST("/api/jobs/{job}/bring-back", init));
};

/** All jobs of this data file: make, open, copy, bin, bring back, take a file in. */
export default function Jobs() {
  const [binned, setBinned] = useState(false);
  const jobs = useJobs(false);
  const inBin = useJobs(true);
  const client = useQueryClient();
  const navigate = useNavigate();
  const [naming, setNaming] = useState<{ title: string; name: string; keep: (name: string) => Promise<unknown> } | null>(null);
  const [meeting, setMeeting] = useState<{ file: File; id: string; name: string } | null>(null);
  const again = () => client.invalidateQueries();

  const act = async (work: () => Promise<unknown>) => {
    try {
      await work();
      await again();
    } catch (error) {
      say(error instanceof Error ? error.message : words.failed, "stop");
    }
  };

  const take = async (file: File, asked: { replace?: string; copyAs?: string } = {}) => {
    setMeeting(null);
    try {
      const step = asked.replace ? await stepOf() : null;
      const query = step ? { ...asked, by: step.by, step: step.id } : asked;
      const done = await must(
        api.POST("/api/import", {
          params: { query },
          // The file goes as it is: what is wrong with it the server says.
          body: {} as Schemas["JobFile"],
          bodySerializer: () => file,
          headers: { "Content-Type": "application/json" },
        }),
      );
      say(w.importedAs(done.name), "fine");
      await again();
    } catch (error) {
      if (error instanceof Told && error.status === 409) {
        const body = error.body as { id: string; name: string };
        setMeeting({ file, id: body.id, name: body.name });
      } else say(error instanceof Error ? error.message : words.failed, "stop");
    }
  };

  const create = () =>
    setNaming({
      title: w.create,
      name: "",
      keep: async (name) => {
        const id = newId("j");
        await must(api.POST("/api/jobs", { body: { id, name } }));
        void navigate(address.today(id));
      },
    });

  const shown = (binned ? inBin : jobs).data ?? [];
  return (
    <div className="mx-auto max-w-4xl">
      <div className="mb-5 flex flex-wrap items-center gap-2">
        <h1 className="mr-auto text-2xl">{w.title}</h1>
        <PickFile label={w.import} accept=".json,application/json" onFile={(file) => void take(file)} />
        <Button look="main" onClick={create}>
          {w.create}
        </Button>
      </div>
      {jobs.isPending && <p className="text-ink-2">{words.loading}</p>}
      {jobs.data?.length === 0 && !binned && (
        <Empty title={w.empty} how={w.emptyHow}>
          <Link
            to={address.quick()}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-ink px-5 font-semibold text-on-ink"
          >
            {words.quick}
          </Link>
          <Link
            to={address.practice}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-5 font-semibold"
          >
            {words.practice}
          </Link>
          <Button onClick={create}>{w.create}</Button>
        </Empty>
      )}
      <ul className="flex flex-col gap-3">
        {shown.map((job) => (
          <li key={job.id} className="flex items-center gap-3 rounded-2xl border-2 border-ink bg-card p-4">
            <div className="min-w-0 flex-1">
              {binned ? (
                <span className="text-lg font-bold">{job.name}</span>
              ) : (
                <Link to={address.today(job.id)} className="text-lg font-bold underline decoration-rule underline-offset-4">
                  {job.name}
                </Link>
              )}
              <div className="text-sm text-ink-2">
                {w.boxes(job.boxes)}
                {job.working && ` · ${w.working}`}
                {job.stop > 0 && <b className="text-barn"> · {w.stops(job.stop)}</b>}
                {job.over > 0 && <b className="text-barn"> · {w.over(job.over)}</b>}
                {job.full > 0 && ` · ${w.full(job.full)}`}
                {job.unknown > 0 && ` · ${w.unknown(job.unknown)}`} ·{" "}
                <time className="figure">{job.changed.slice(0, 16).replace("T", " ")}</time>
              </div>
            </div>
            {binned ? (
              <Button onClick={() => void act(() => bin(job.id, "bring-back"))}>{w.bringBack}</Button>
            ) : (
              <JobMenu
                job={job}
                onRename={() =>
                  setNaming({
                    title: w.rename,
                    name: job.name,
                    keep: (name) => postEdit(job.id, { do: "renameJob", name } as Schemas["Edit"]),
                  })
                }
                onCopy={() =>
                  setNaming({
                    title: w.copy,
                    name: w.copyOf(job.name),
                    keep: (name) =>
                      must(api.POST("/api/jobs/{job}/copy", { params: { path: { job: job.id } }, body: { id: newId("j"), name } })),
                  })
                }
                onBin={() => void act(() => bin(job.id, "bin"))}
              />
            )}
          </li>
        ))}
      </ul>
      {((inBin.data?.length ?? 0) > 0 || binned) && (
        <Button look="quiet" className="mt-4" onClick={() => setBinned(!binned)}>
          {binned ? w.title : w.binned(inBin.data?.length ?? 0)}
        </Button>
      )}
      {naming && (
        <NameSheet
          title={naming.title}
          name={naming.name}
          onClose={() => setNaming(null)}
          onKeep={async (name) => {
            await act(() => naming.keep(name));
            setNaming(null);
          }}
        />
      )}
      {meeting && (
        <Sheet title={w.here(meeting.name)} open onClose={() => setMeeting(null)}>
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => void take(meeting.file, { copyAs: newId("j") })}>{w.asCopy}</Button>
            <Button look="stop" onClick={() => void take(meeting.file, { replace: meeting.id })}>
              {w.replace}
            </Button>
          </div>
        </Sheet>
      )}
    </div>
  );
}

function JobMenu({
  job,
  onRename,
  onCopy,
  onBin,
}: {
  job: Schemas["JobSummary"];
  onRename: () => void;
  onCopy: () => void;
  onBin: () => void;
}) {
  const row = "flex min-h-11 w-full items-center rounded-lg px-3 data-focus:bg-slate-wash";
  return (
    <Menu>
      <MenuButton aria-label={`${words.more}: ${job.name}`} className="grid size-11 place-items-center rounded-xl border-2 border-rule">
        <MoreVertical size={20} aria-hidden />
      </MenuButton>
      <MenuItems anchor={{ to: "bottom end", gap: 6 }} className="z-50 w-52 rounded-xl border-2 border-ink bg-card p-1 shadow-xl">
        <MenuItem>
          <button type="button" className={row} onClick={onRename}>
            {w.rename}
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={row} onClick={onCopy}>
            {w.copy}
          </button>
        </MenuItem>
        <MenuItem>
          <a className={row} href={served.job(job.id)} download>
            {w.export}
          </a>
        </MenuItem>
        <MenuItem>
          <button type="button" className={`${row} text-barn`} onClick={onBin}>
            {w.remove}
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
}

function NameSheet({
  title,
  name,
  onKeep,
  onClose,
}: {
  title: string;
  name: string;
  onKeep: (name: string) => Promise<void>;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState(name);
  return (
    <Sheet title={title} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void onKeep(typed.trim());
        }}
      >
        <label className="block">
          <span className="mb-1 block text-sm text-ink-2">{w.name}</span>
          <input
            autoFocus
            className="min-h-12 w-full rounded-lg border-2 border-rule bg-card px-3"
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
          />
        </label>
        <Button look="main" type="submit" disabled={!typed.trim()}>
          {words.keep}
        </Button>
      </form>
    </Sheet>
  );
}
