import { useState } from "react";
import { useNavigate } from "react-router";
import { useQueryClient } from "@tanstack/react-query";
import { api, must, newId, Told, type Edit, type Schemas } from "../api/client";
import { useHead, useJobs } from "./job";
import { settings } from "../api/settings";
import { Ask, Button, Pick, Sheet } from "../parts/controls";
import { words } from "../words";
import { cable, markOf, type Question } from "./question";
import { address } from "../parts/address";

const w = words.quickFit;
const wide: Record<string, number> = { "range-receptacle": 2 };

/** The edits that make a box of a question: the box, its cables at the top, its devices side by side. */
export function editsOf(question: Question, box: string, name: string, place: string | null): Edit[] {
  const devices = Object.entries(question.devices).flatMap(([kind, n]) => Array.from({ length: n }, () => kind));
  const gangs = devices.reduce((sum, kind) => sum + (wide[kind] ?? 1), 0);
  const kind = question.kind || `device-${Math.min(6, Math.max(1, gangs))}g`;
  const mark = markOf(question);
  const edits: Edit[] = [
    {
      do: "addBox",
      id: box,
      name,
      kind,
      place,
      contents: "Complete",
      ...(mark ? { mark: { how: "Marked", value: mark, entered: mark } } : {}),
    } as Edit,
  ];
  if (question.clamps) edits.push({ do: "setClamps", box, clamps: { how: "Marked", value: question.clamps } } as Edit);
  for (const [size, count] of Object.entries(question.cables)) {
    const { gauge, conductors, grounds } = cable(size);
    for (let i = 0; i < count; i++) {
      const run = newId("r");
      const spec = { type: grounds ? "NmB" : "OldTwoWire", gauge, conductors, ground: grounds ? "Bare" : "None" } as Schemas["CableSpec"];
      edits.push({ do: "addCable", box, run, entry: newId("k"), cable: spec, side: i % 2 ? "Bottom" : "Top" } as Edit);
    }
  }
  const square = question.kind.startsWith("square") || question.kind.includes("-square-");
  if (square && gangs > 0 && gangs <= 2)
    edits.push({
      do: "addPart",
      box,
      id: newId("p"),
      kind: `ring-${question.kind.includes("4-11/16") ? "4-11/16" : "4"}-${gangs}g-1/4`,
      mark: { how: "NotApplicable" },
    } as Edit);
  let gang = 1;
  for (const kindOf of devices) {
    edits.push({ do: "addDevice", box, id: newId("d"), kind: kindOf, gang } as Edit);
    gang += wide[kindOf] ?? 1;
  }
  return edits;
}

export function KeepAsBox({ question, job, onClose }: { question: Question; job: string; onClose: () => void }) {
  const jobs = useJobs(false);
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
      const edit = { do: "batch", name: `${w.keepAs}: ${name}`, edits: editsOf(question, box, name, place || null) } as Edit;
      await must(api.POST("/api/jobs/{job}/edits", { params: { path: { job: id } }, body: { id: newId("e"), by: settings().who, edit } }));
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
