import { DoNow } from "./DoNow";
import { useQuery } from "@tanstack/react-query";
import { ChevronDown, ChevronUp, CircleAlert, CircleCheck, OctagonAlert, Ruler, Sparkles } from "lucide-react";
import { Link } from "react-router";
import { useState } from "react";
import { api, must, newId, type Schemas } from "../api/client";
import { useCatalogue } from "./job";
import { useSettings } from "../api/settings";
import type { Edit } from "./edits";
import type { BoxEdit } from "./useBoxEdit";
import { address } from "../parts/address";
import { Ask, Button } from "../parts/controls";
import { words } from "../words";
import { cutsInGauges } from "./TapeSheet";
import { keys } from "./keys";

export type Finding = Schemas["ToldFinding"];
const w = words.verdictPanel;

export const looks = {
  Stop: { icon: OctagonAlert, box: "border-barn bg-barn-wash", text: "text-barn" },
  Fix: { icon: CircleAlert, box: "border-barn bg-card", text: "text-barn" },
  Measure: { icon: Ruler, box: "border-slate bg-slate-wash", text: "text-slate" },
  Better: { icon: Sparkles, box: "border-amber bg-amber-wash", text: "text-amber" },
  Fine: { icon: CircleCheck, box: "border-rule bg-card", text: "text-moss" },
} as const;

/** The mark of a verdict: its shape, its colour and its word. */
export function Mark({ verdict, children }: { verdict: Schemas["Verdict"]; children?: React.ReactNode }) {
  const look = looks[verdict];
  const Icon = look.icon;
  return (
    <span className={`inline-flex items-center gap-1.5 text-sm font-bold ${look.text}`}>
      <Icon size={16} aria-hidden className="shrink-0" /> {words.verdict[verdict]}
      {children}
    </span>
  );
}

/** One verdict: what is wrong and where; opened, why, the sum, and what would settle it. */
export function VerdictCard({
  job,
  box,
  finding,
  edit,
  version,
  onPoint,
}: {
  job: string;
  box: string;
  finding: Finding;
  edit: BoxEdit;
  version: number;
  onPoint: (ids: readonly string[]) => void;
}) {
  const [open, setOpen] = useState(false);
  const catalogue = useCatalogue();
  const rule = catalogue.data?.rules.find((r) => r.id === finding.rule);
  const look = looks[finding.verdict];
  return (
    <div className={`rounded-xl border-2 border-l-8 ${look.box}`}>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => {
          onPoint(finding.ids);
          setOpen(!open);
        }}
        className="w-full p-2.5 text-left"
      >
        <span className="flex items-center justify-between gap-2">
          <Mark verdict={finding.verdict} />
          {open ? <ChevronUp size={18} aria-hidden /> : <ChevronDown size={18} aria-hidden />}
        </span>
        <span className="block">
          {finding.says} <span className="text-sm text-ink-2">{finding.article}</span>
        </span>
      </button>
      {finding.now.length > 0 && (
        <div className="px-2.5 pb-2.5">
          <DoNow steps={finding.now} />
        </div>
      )}
      {open && (
        <div className="flex flex-col gap-2 border-t border-rule px-2.5 py-2 text-sm">
          {rule && <p>{rule.why}</p>}
          {finding.sum && <p className="figure">{finding.sum}</p>}
          <Remedies job={job} box={box} finding={finding} edit={edit} version={version} />
          {finding.verdict !== "Stop" && <RulingForm of={box} finding={finding} onKeep={(e) => edit.ready(e)} />}
        </div>
      )}
    </div>
  );
}

function Remedies({ job, box, finding, edit, version }: { job: string; box: string; finding: Finding; edit: BoxEdit; version: number }) {
  const { gauges } = useSettings();
  const remedies = useQuery({
    queryKey: keys.of(job, "remedies", box, finding.rule, finding.of, version, edit.of),
    queryFn: () =>
      must(
        api.GET("/api/jobs/{job}/boxes/{box}/remedies", {
          params: { path: { job, box }, query: { rule: finding.rule, of: finding.of, ...edit.of } },
        }),
      ),
  });
  if (remedies.isPending) return <p className="text-ink-2">{words.loading}</p>;
  const found = remedies.data?.remedies ?? [];
  if (found.length === 0)
    return remedies.data?.whyNone ? (
      <p>
        <b>{w.noRemedy}.</b> {remedies.data.whyNone}
      </p>
    ) : null;
  return (
    <section aria-label={w.remedies}>
      <h3 className="text-sm">{w.remedies}</h3>
      <ul>
        {found.map((r, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2 border-t border-rule py-1.5 first:border-t-0">
            <span className="min-w-40 flex-1">
              {r.says}
              {cutsInGauges(r.lengths, gauges) && <span className="block text-ink-2">{cutsInGauges(r.lengths, gauges)}</span>}
              {r.lookAgain && <span className="block text-ink-2">{w.waits}</span>}
              {r.new.length > 0 && (
                <span className="block text-barn">
                  {w.brings}: {r.new.map((n) => n.says).join(" ")}
                </span>
              )}
            </span>
            <Button aria-label={`${r.lookAgain ? w.done : w.do}: ${r.says}`} onClick={() => void edit.ready(r.edit)}>
              {r.lookAgain ? w.done : w.do}
            </Button>
          </li>
        ))}
      </ul>
      {!edit.of.change && (
        <Link
          to={address.ways(job, { kind: "MendVerdict", box, rule: finding.rule, of: finding.of })}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {w.compare}
        </Link>
      )}
    </section>
  );
}

/** What the office said of a verdict of a box, a circuit or a panel. */
export function RulingForm({ of, finding, onKeep }: { of: string; finding: Finding; onKeep: (edit: Edit) => void }) {
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState("");
  const [by, setBy] = useState("");
  if (!open)
    return (
      <Button look="quiet" className="self-start" onClick={() => setOpen(true)}>
        {w.ruling}
      </Button>
    );
  return (
    <div className="flex flex-col gap-2">
      <Ask label={w.asked} value={asked} onKeep={setAsked} />
      <Ask label={w.accepted} value={by} onKeep={setBy} />
      <Button
        disabled={!asked || !by}
        onClick={() =>
          onKeep({
            do: "recordRuling",
            id: newId("u"),
            ruling: {
              box: of,
              rule: finding.rule,
              of: finding.of,
              about: finding.says,
              case: finding.case,
              details: finding.details,
              asked,
              acceptedBy: by,
              when: new Date().toISOString().slice(0, 10),
            },
          })
        }
      >
        {w.keepRuling}
      </Button>
    </div>
  );
}
