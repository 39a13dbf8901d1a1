import { useState } from "react";
import { Link, useParams } from "react-router";
import { newId, type Edit, type Schemas } from "../api/client";
import { useBoxes, useCatalogue, useEdit, useReports, useVerdicts } from "../model/job";
import { Mark } from "../model/Verdict";
import { Ask, Button, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { say } from "../parts/Notices";
import { words } from "../words";
import { address } from "../parts/address";
import { whereIs } from "../parts/whereIs";

const w = words.lists;
const today = () => new Date().toISOString().slice(0, 10);

/** Lines of somebody else's report, tied to boxes and verdicts, answered and closed. */
export default function Lists() {
  const { job = "" } = useParams();
  const reports = useReports(job);
  const send = useEdit(job);
  const edit = (e: object) => send.mutate({ edit: e as Edit });
  return (
    <div className="mx-auto max-w-5xl">
      <h1 className="text-2xl">{w.title}</h1>
      <p className="mb-4 text-ink-2">{w.how}</p>
      {reports.data && (
        <details open={Object.keys(reports.data).length === 0} className="no-print">
          <summary className="min-h-11 content-center font-semibold">{w.add}</summary>
          <TakeIn
            onTake={(name, from, lines) => edit({ do: "addReport", id: newId("l"), name, lines, from: from || null, date: today() })}
          />
        </details>
      )}
      {Object.keys(reports.data ?? {}).length === 0 && <p className="mt-6 text-ink-2">{w.none}</p>}
      {Object.entries(reports.data ?? {}).map(([id, report]) => (
        <One key={id} job={job} id={id} report={report} onEdit={edit} />
      ))}
    </div>
  );
}

function TakeIn({ onTake }: { onTake: (name: string, from: string, lines: string[]) => void }) {
  const [name, setName] = useState("");
  const [from, setFrom] = useState("");
  const [text, setText] = useState("");
  const read = async (raw: string) => {
    const reply = await fetch("/api/read-lines", { method: "POST", headers: { "content-type": "text/plain" }, body: raw });
    const answer = (await reply.json()) as Schemas["ReadLines"] & { detail?: string };
    if (!reply.ok) throw new Error(answer.detail ?? words.failed);
    return answer.lines;
  };
  const lines = text.split("\n").filter((l) => l.trim()).length;
  return (
    <form
      className="no-print grid gap-3 rounded-2xl border-2 border-ink bg-card p-4 md:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        read(text).then(
          (found) => {
            onTake(name, from, found);
            setText("");
            setName("");
            setFrom("");
          },
          (problem: unknown) => say(problem instanceof Error ? problem.message : words.failed, "stop"),
        );
      }}
    >
      <Ask label={w.name} hint={w.nameHint} value={name} onKeep={setName} />
      <Ask label={w.from} value={from} onKeep={setFrom} />
      <label className="md:col-span-2">
        <span className="mb-1 block text-sm text-ink-2">{w.paste}</span>
        <textarea
          className="min-h-28 w-full rounded-lg border-2 border-rule bg-card p-2"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      <div className="flex flex-wrap items-center gap-3 md:col-span-2">
        <Button look="main" type="submit" disabled={!name || lines === 0}>
          {w.take(lines)}
        </Button>
        <label
          className="inline-flex min-h-11 cursor-pointer items-center rounded-xl border-2 border-ink bg-card px-4
          font-semibold focus-within:outline-3 focus-within:outline-slate"
        >
          {w.file}
          <input
            type="file"
            accept=".csv,.txt,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = "";
              if (file)
                void file
                  .text()
                  .then(read)
                  .then(
                    (found) => setText(found.join("\n")),
                    (problem: unknown) => say(problem instanceof Error ? problem.message : words.failed, "stop"),
                  );
            }}
          />
        </label>
      </div>
    </form>
  );
}

function One({ job, id, report, onEdit }: { job: string; id: string; report: Schemas["Report"]; onEdit: (e: object) => void }) {
  const lines = Object.entries(report.lines ?? {}).sort((a, b) => a[1].order - b[1].order);
  const open = lines.filter(([, l]) => !l.closed).length;
  return (
    <section aria-label={report.name} className="mt-6">
      <div className="flex flex-wrap items-center gap-3 border-b-2 border-ink">
        <h2 className="text-xl">{report.name}</h2>
        <span className="flex-1 text-sm text-ink-2">
          {[report.from, report.date].filter(Boolean).join(", ")} · {w.open(open)}
        </span>
        <TakeOut verb={w.remove} name={report.name} onClick={() => onEdit({ do: "removeReport", id })} />
      </div>
      <ol>
        {lines.map(([line, l], i) => (
          <Line
            key={line}
            job={job}
            report={id}
            id={line}
            number={i + 1}
            line={l}
            onSet={(change) =>
              onEdit({ do: "setReportLine", report: id, line, box: l.box, rule: l.rule, answer: l.answer, closed: l.closed, ...change })
            }
          />
        ))}
      </ol>
    </section>
  );
}

function Line({
  job,
  report,
  id,
  number,
  line,
  onSet,
}: {
  job: string;
  report: string;
  id: string;
  number: number;
  line: Schemas["ReportLine"];
  onSet: (change: object) => void;
}) {
  const boxes = useBoxes(job);
  const catalogue = useCatalogue();
  const verdicts = useVerdicts(job);
  const here = (verdicts.data ?? []).filter((v) => v.box === line.box && (!line.rule || v.finding.rule === line.rule));
  return (
    <li className={`grid gap-x-4 gap-y-2 border-t border-rule py-3 md:grid-cols-[1fr_14rem_14rem] ${line.closed ? "opacity-80" : ""}`}>
      <div>
        <span className="figure mr-2 text-ink-2">{number}</span>
        <span className={line.closed ? "line-through" : "font-semibold"}>{line.text}</span>
        {line.closed && (
          <span className="ml-2 text-sm text-moss">
            {w.closed} {line.closed}
          </span>
        )}
        {line.box && (
          <ul className="mt-1 text-sm">
            {verdicts.data && here.length === 0 && <li className="text-ink-2">{w.nothing}</li>}
            {here.slice(0, 4).map((v) => (
              <li key={`${v.finding.rule}${v.finding.of}`}>
                <Mark verdict={v.finding.verdict} />{" "}
                <Link to={whereIs(job, v)} className="underline underline-offset-4">
                  {v.finding.says}
                </Link>{" "}
                <span className="text-ink-2">{v.finding.article}</span>
              </li>
            ))}
          </ul>
        )}
        <div className="mt-1 max-w-xl">
          <Ask
            hide
            wide
            label={`${w.answer}: ${line.text}`}
            hint={w.answer}
            value={line.answer ?? ""}
            onKeep={(answer) => onSet({ answer: answer || null })}
          />
        </div>
      </div>
      <Pick
        hide
        label={`${w.box}: ${line.text}`}
        value={line.box ?? ""}
        onChange={(box: string) => onSet({ box: box || null })}
        options={[["", w.noBox] as const, ...(boxes.data ?? []).map((b) => [b.id, `${b.name}${b.place ? `, ${b.place}` : ""}`] as const)]}
      />
      <div className="flex flex-col gap-2">
        <Pick
          hide
          label={`${w.rule}: ${line.text}`}
          value={line.rule ?? ""}
          empty={w.rule}
          onChange={(rule: string) => onSet({ rule: rule || null })}
          options={[["", w.rule] as const, ...(catalogue.data?.rules ?? []).map((r) => [r.id, r.name] as const)]}
        />
        {line.box && verdicts.data && (
          <Link
            to={address.ways(job, {
              ...(here[0] ? { kind: "MendVerdict", rule: here[0].finding.rule, of: here[0].finding.of } : {}),
              box: line.box,
              report,
              line: id,
            })}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
            aria-label={`${w.ways}: ${line.text}`}
          >
            {w.ways}
          </Link>
        )}
        <Button onClick={() => onSet({ closed: line.closed ? null : today() })}>{line.closed ? w.reopen : w.close}</Button>
      </div>
    </li>
  );
}
