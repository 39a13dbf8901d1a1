import { useState } from "react";
import { useNavigate } from "react-router";
import { useQueryClient } from "@tanstack/react-query";
import { api, must, newId, Told } from "../api/client";
import { keepBox, useCatalogue, useHead, useJobs } from "./job";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { Sheet } from "../parts/Sheet";
import { words } from "../words";
import { plain, type Question } from "./question";
import { address } from "../parts/address";

const w = words.quickFit;

/** What the wall asked, put into a job as a box. */
export default function KeepAsBox({ question, job, onClose }: { question: Question; job: string; onClose: () => void }) {
  const jobs = useJobs(false);
  const catalogue = useCatalogue();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [name, setName] = useState("");
  const [chosen, setChosen] = useState(job);
  const [jobName, setJobName] = useState("");
  const [place, setPlace] = useState("");
  const [problem, setProblem] = useState("");
  const target = chosen || jobs.data?.[0]?.id || "new";
  const head = useHead(target === "new" ? "" : target);
  const keep = async () => {
    setProblem("");
    try {
      let id = target;
      if (target === "new") {
        id = newId("j");
        await must(api.POST("/api/jobs", { body: { id, name: jobName || words.jobs.create } }));
      }
      const box = newId("b");
      await keepBox(id, {
        box,
        name,
        holds: plain(question, catalogue.data?.cables ?? [], true),
        place: place || null,
        says: `${w.keepAs}: ${name}`,
      });
      await client.invalidateQueries();
      void navigate(address.box(id, box));
    } catch (error) {
      setProblem(error instanceof Told ? error.message : words.failed);
    }
  };
  return (
    <Sheet title={w.keepTitle} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void keep();
        }}
      >
        <label className="block">
          <span className="mb-1 block text-sm text-ink-2">{w.boxName}</span>
          <input
            autoFocus
            className="min-h-12 w-full rounded-lg border-2 border-rule bg-card px-3"
            value={name}
            placeholder={w.boxNameHint}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <Pick
          label={w.which}
          value={target}
          onChange={(v) => {
            setChosen(v);
            setPlace("");
          }}
          options={[...(jobs.data ?? []).map((j) => [j.id, j.name] as const), ["new", w.newJob] as const]}
        />
        {target === "new" && <Ask label={words.jobs.name} value={jobName} onKeep={setJobName} />}
        {Object.keys(head.data?.places ?? {}).length > 0 && (
          <Pick
            label={w.room}
            value={place}
            onChange={setPlace}
            options={[["", w.noRoom] as const, ...Object.entries(head.data?.places ?? {}).map(([id, p]) => [id, p.name] as const)]}
          />
        )}
        {problem && (
          <p role="alert" className="rounded-lg border-l-6 border-barn bg-barn-wash p-3">
            {problem}
          </p>
        )}
        <Button look="main" type="submit" disabled={!name.trim()} className="min-h-14">
          {words.keep}
        </Button>
      </form>
    </Sheet>
  );
}
