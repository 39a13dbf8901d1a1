import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, must, newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { keys } from "../model/keys";
import { StageStrip } from "../model/StageStrip";
import { address } from "../parts/address";
import { Button, Choice } from "../parts/controls";
import { Field } from "../parts/Field";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { stageWords as w } from "../words/stages";

type Told = Schemas["ToldStages"];
type Line = Schemas["ToldStageLine"];
type Send = (edit: object) => void;

/** Where a Change stands: its stages, what each lacks, what it waits for and for whom. */
export function Stages({ job, change, onEdit }: { job: string; change: string; onEdit: Send }) {
  const { who } = useSettings();
  const stages = useQuery({
    queryKey: keys.of(job, "stages", change),
    queryFn: () => must(api.GET("/api/jobs/{job}/changes/{change}/stages", { params: { path: { job, change }, query: { by: who } } })),
  });
  if (!stages.data) return <p className="text-ink-2">{stages.error?.message ?? words.loading}</p>;
  const told = stages.data;
  const now = told.stages.find((s) => s.now);
  return (
    <section aria-label={w.title} className="my-3 rounded-xl border-2 border-rule p-3">
      <StageStrip stages={told.stages} />
      <ul className="my-2">
        {now?.lines.map((l) => (
          <OneLine key={`${l.case}|${l.box ?? ""}|${l.hold ?? ""}`} job={job} change={change} line={l} onEdit={onEdit} />
        ))}
      </ul>
      {told.inspections.map((i) => (
        <p key={i.id} className="text-sm text-ink-2">
          {w.last(i.inspector, i.passed)}
          {i.lines.length > 0 && `: ${i.lines.join("; ")}`}
        </p>
      ))}
      <div className="flex flex-wrap gap-3">
        <Pick
          label={w.wall}
          value={told.wall}
          onChange={(wall) => onEdit({ do: "setStages", change, wall })}
          options={Object.entries(w.walls) as [Told["wall"], string][]}
        />
        <Pick
          label={w.permit}
          value={told.permit}
          onChange={(permit) => onEdit({ do: "setStages", change, permit })}
          options={Object.entries(w.permits) as [Told["permit"], string][]}
        />
      </div>
      {now && <Wait change={change} stage={now.stage} onEdit={onEdit} />}
      {now && told.permit !== "NotNeeded" && <Inspected change={change} stage={now.stage} onEdit={onEdit} />}
    </section>
  );
}

const toCard: ReadonlySet<Line["case"]> = new Set(["Steps", "NotRead", "ReadsOtherwise"]);
const toBox: ReadonlySet<Line["case"]> = new Set(["Photo", "Loose", "Stops", "SetbackAgain"]);

function OneLine({ job, change, line, onEdit }: { job: string; change: string; line: Line; onEdit: Send }) {
  const { who } = useSettings();
  const at = () => new Date().toISOString();
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-t border-rule py-1">
      <span className="min-w-0 flex-1">
        {line.says}
        {line.until && <span className="text-sm text-ink-2"> · {w.until(new Date(line.until).toLocaleDateString())}</span>}
      </span>
      {line.hold && <Button onClick={() => onEdit({ do: "endWait", change, id: line.hold, at: at() })}>{w.came}</Button>}
      {line.tick && line.box && (
        <Button onClick={() => onEdit({ do: "tickStep", change, box: line.box, step: line.tick, by: who, at: at() })}>{w.yes}</Button>
      )}
      {toCard.has(line.case) && line.box && (
        <Link to={address.make(job, change, line.box)} className="inline-flex min-h-11 items-center underline underline-offset-4">
          {w.card}
        </Link>
      )}
      {toBox.has(line.case) && !line.tick && line.box && (
        <Link to={address.box(job, line.box)} className="inline-flex min-h-11 items-center underline underline-offset-4">
          {w.open}
        </Link>
      )}
    </li>
  );
}

type Waited = keyof typeof w.waits;

function Wait({ change, stage, onEdit }: { change: string; stage: string; onEdit: Send }) {
  const { who } = useSettings();
  const [what, setWhat] = useState<Waited>("Trade");
  const [says, setSays] = useState("");
  const [until, setUntil] = useState("");
  return (
    <details>
      <summary className="min-h-11 content-center text-sm underline underline-offset-4">{w.wait}</summary>
      <form
        className="grid gap-2 sm:grid-cols-[1fr_auto_auto] sm:items-end"
        onSubmit={(e) => {
          e.preventDefault();
          const at = new Date().toISOString();
          const hold = { for: what, says: says.trim(), stage, by: who, at, until: until ? new Date(until).toISOString() : null };
          if (says.trim()) onEdit({ do: "waitFor", change, id: newId("w"), hold });
          setSays("");
        }}
      >
        <div className="sm:col-span-3">
          <Choice label={w.waitFor} value={what} onChange={setWhat} options={Object.entries(w.waits) as [Waited, string][]} />
        </div>
        <Field label={w.says} value={says} onType={setSays} />
        <Field label={w.expected} type="date" value={until} onType={setUntil} wide={false} />
        <Button type="submit" disabled={!says.trim()}>
          {w.keep}
        </Button>
      </form>
    </details>
  );
}

function Inspected({ change, stage, onEdit }: { change: string; stage: string; onEdit: Send }) {
  const { who } = useSettings();
  const [inspector, setInspector] = useState("");
  const [lines, setLines] = useState("");
  const keep = (passed: boolean) => {
    const inspected = {
      stage,
      passed,
      inspector: inspector.trim(),
      by: who,
      at: new Date().toISOString(),
      lines: passed
        ? []
        : lines
            .split("\n")
            .map((l) => l.trim())
            .filter(Boolean),
    };
    onEdit({ do: "recordInspection", change, id: newId("i"), inspected });
    setLines("");
  };
  return (
    <details>
      <summary className="min-h-11 content-center text-sm underline underline-offset-4">{w.inspected}</summary>
      <div className="flex flex-col gap-2">
        <Field label={w.inspector} value={inspector} onType={setInspector} />
        <label>
          <span className="mb-1 block text-sm text-ink-2">{w.lines}</span>
          <textarea
            rows={3}
            className="w-full rounded-lg border-2 border-rule bg-card p-2.5"
            value={lines}
            onChange={(e) => setLines(e.target.value)}
          />
        </label>
        <div className="flex gap-2">
          <Button disabled={!inspector.trim() || lines.trim() !== ""} onClick={() => keep(true)}>
            {w.passed}
          </Button>
          <Button disabled={!inspector.trim() || lines.trim() === ""} onClick={() => keep(false)}>
            {w.failed}
          </Button>
        </div>
      </div>
    </details>
  );
}
