import { DoNow } from "./DoNow";
import { ChevronDown, ChevronUp, CircleAlert, CircleCheck, OctagonAlert, Ruler, Sparkles } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import type { Schemas } from "../api/client";
import { useCatalogue } from "./job";
import type { BoxEdit } from "./useBoxEdit";
import { words } from "../words";

/** What settles a verdict comes with the first that is opened. */
const Settle = lazy(() => import("./Settle"));

export type Finding = Schemas["ToldFinding"];

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
          <Suspense fallback={<p className="text-ink-2">{words.loading}</p>}>
            <Settle job={job} box={box} finding={finding} edit={edit} version={version} />
          </Suspense>
        </div>
      )}
    </div>
  );
}
