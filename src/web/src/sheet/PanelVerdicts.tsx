import type { Schemas } from "../api/client";
import { useCatalogue } from "../model/job";
import { words } from "../words";
import type { Send } from "../model/edits";
import { FactRow } from "../model/FactRow";
import { SupplyVerdict } from "./SupplyVerdict";
import { fromKey, keyOf } from "../parts/breaker";

const w = words.supply;

/** A breaker's key as people say it. */
function whereOf(key: string) {
  const { slot, lower } = fromKey(key);
  return lower ? words.housePage.lower(slot) : String(slot);
}

/** What is wrong or open at a panel. */
export function PanelVerdicts({
  job,
  panel,
  view,
  send,
}: {
  job: string;
  panel: Schemas["Panel"];
  view: Schemas["PanelView"] | undefined;
  send: Send;
}) {
  if (!view) return null;
  return (
    <section aria-label={w.panelVerdicts(panel.name)} className="mt-2 flex flex-col gap-1.5">
      {view.findings.map((f) => (
        <SupplyVerdict
          key={`${f.rule}|${f.of}`}
          job={job}
          id={view.id}
          send={send}
          finding={f}
          nameOf={(ask) => (ask.of === "panel" ? undefined : `${words.housePage.slot} ${whereOf(ask.of)}`)}
          onNote={(ask, fact) => send({ do: "notePanel", panel: view.id, of: ask.of, key: ask.key, fact })}
        />
      ))}
      <details>
        <summary className="min-h-8 text-sm text-ink-2">
          {w.holds(view.holds)}; <span className="underline underline-offset-4">{w.facts}</span>
        </summary>
        <Facts of="Panel" subject="panel" id={view.id} panel={panel} send={send} />
      </details>
    </section>
  );
}

/** Questions of a panel or one of its breakers, each with the answer there is, to give or take back. */
function Facts({
  of,
  subject,
  id,
  panel,
  send,
  without,
}: {
  of: Schemas["FactKind"]["of"];
  subject: string;
  id: string;
  panel: Schemas["Panel"];
  send: Send;
  /** A question that does not arise here. */
  without?: string | undefined;
}) {
  const kinds = useCatalogue().data?.facts.filter((k) => k.of === of && k.key !== without) ?? [];
  return kinds.map((k) => (
    <FactRow
      key={k.key}
      kind={k}
      value={panel.noted?.[subject]?.facts?.[k.key]?.value ?? null}
      onNote={(fact) => send({ do: "notePanel", panel: id, of: subject, key: k.key, fact })}
    />
  ));
}

/** What somebody saw of one breaker: what its directory says, whether it held on a short, its test button. */
export function BreakerFacts({
  panel,
  id,
  breaker,
  send,
}: {
  panel: Schemas["Panel"];
  id: string;
  breaker: Schemas["Breaker"];
  send: Send;
}) {
  const watches = breaker.kind === "Gfci" || breaker.kind === "Afci" || breaker.kind === "DualFunction";
  return (
    <fieldset className="rounded-xl border-2 border-rule p-3">
      <legend className="px-1 font-semibold">{w.facts}</legend>
      <Facts of="Breaker" subject={keyOf(breaker)} id={id} panel={panel} send={send} without={watches ? undefined : "button-opens"} />
    </fieldset>
  );
}
