import { ChevronDown } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useCatalogue } from "../model/job";
import { DoNow } from "../model/DoNow";
import { RulingForm } from "../model/Settle";
import { looks, Mark, type Finding } from "../model/Verdict";
import { words } from "../words";
import { FactRow } from "../model/FactRow";
import type { Send } from "../model/edits";
import { address } from "../parts/address";

export type Asked = Schemas["ToldAsk"];

/** A verdict on a circuit or a panel: why, the sum, what to do now, and the questions that would decide it. */
export function SupplyVerdict({
  job,
  id,
  finding,
  send,
  nameOf,
  onNote,
}: {
  job: string;
  /** The circuit or panel. */
  id: string;
  send: Send;
  finding: Finding;
  /** What a question is about, where it is not the circuit or panel itself. */
  nameOf: (ask: Asked) => string | undefined;
  onNote: (ask: Asked, fact: Schemas["Observation"] | null) => unknown;
}) {
  const catalogue = useCatalogue();
  const rule = catalogue.data?.rules.find((r) => r.id === finding.rule);
  return (
    <details className={`group rounded-xl border-2 border-l-8 ${looks[finding.verdict].box}`} open={finding.verdict === "Stop"}>
      <summary className="block p-2.5">
        <span className="flex items-center justify-between gap-2">
          <Mark verdict={finding.verdict} />
          <ChevronDown size={18} aria-hidden className="group-open:rotate-180" />
        </span>
        <span className="block">
          {finding.says} <span className="text-sm text-ink-2">{finding.article}</span>
        </span>
      </summary>
      <div className="flex flex-col gap-1.5 border-t border-rule px-2.5 py-2 text-sm">
        {finding.now.length > 0 && <DoNow steps={finding.now} />}
        {rule && <p>{rule.why}</p>}
        {finding.sum && <p className="figure">{finding.sum}</p>}
        {finding.asks.map((ask) => {
          const kind = catalogue.data?.facts.find((k) => k.key === ask.key);
          return kind && <FactRow key={`${ask.box}|${ask.of}|${ask.key}`} kind={kind} about={nameOf(ask)} onNote={(f) => onNote(ask, f)} />;
        })}
        {finding.mend && (
          <p>
            <b>{words.verdictPanel.remedies}:</b> {finding.mend}
          </p>
        )}
        {(finding.verdict === "Fix" || finding.verdict === "Better") && <RulingForm of={id} finding={finding} onKeep={send} />}
        {finding.box && (
          <Link className="self-start underline underline-offset-4" to={address.box(job, finding.box)}>
            {words.supply.seeIt}
          </Link>
        )}
      </div>
    </details>
  );
}
