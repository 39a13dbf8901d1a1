import { useState } from "react";
import { useSearchParams } from "react-router";
import { newId, type Edit, type Schemas } from "../api/client";
import { useEdit, useReports } from "../model/job";
import { Ask, Button } from "../parts/controls";
import { say } from "../parts/Notices";
import { wayWords } from "../words/ways";

const w = wayWords.message;
const today = () => new Date().toISOString().slice(0, 10);

/** What is sent about a line of somebody's list before the work, and what they answered. */
export function Message({ job, way, message }: { job: string; way: Schemas["ToldWay"]; message: string }) {
  const [search] = useSearchParams();
  const [who, setWho] = useState("");
  const reports = useReports(job);
  const edit = useEdit(job);
  const [report, line, box] = [search.get("report") ?? "", search.get("line") ?? "", search.get("box")];
  const of = reports.data?.[report]?.lines?.[line];
  const copy = () =>
    navigator.clipboard.writeText(message).then(
      () => say(w.copied, "fine"),
      () => undefined,
    );
  const keep = async (off: boolean) => {
    if (!of) return;
    const answer = w.answer(way.title, off, who, today());
    const edits: object[] = [{ do: "setReportLine", report, line, box: of.box, rule: of.rule, answer, closed: of.closed }];
    // Nothing is settled before the work: what was accepted is the case that is left when it is mended this way, and no other.
    const left = way.measure.find((m) => m.box === box && m.rule === search.get("rule") && m.of === search.get("of"));
    if (off && box && left)
      edits.push({
        do: "recordRuling",
        id: newId("u"),
        ruling: {
          box,
          rule: left.rule,
          of: left.of,
          about: left.says,
          case: left.case,
          details: left.details,
          asked: message.slice(0, 200),
          acceptedBy: who,
          when: today(),
        },
      });
    await edit.mutateAsync({ edit: { do: "batch", edits } as Edit }).then(
      () => say(w.kept, "fine"),
      () => undefined,
    );
  };
  return (
    <details className="mt-1">
      <summary className="min-h-11 content-center font-semibold underline underline-offset-4">{w.title}</summary>
      <p className="text-sm text-ink-2">{w.how}</p>
      <pre className="my-2 rounded-lg border-2 border-rule p-2 font-sans text-sm whitespace-pre-wrap">{message}</pre>
      <div className="flex flex-wrap items-end gap-2">
        <Button onClick={() => void copy()}>{w.copy}</Button>
        <span className="min-w-40 flex-1">
          <Ask label={w.who} value={who} onKeep={setWho} />
        </span>
        <Button disabled={!who} onClick={() => void keep(true)}>
          {w.comesOff}
        </Button>
        <Button disabled={!who} onClick={() => void keep(false)}>
          {w.stays}
        </Button>
      </div>
    </details>
  );
}
