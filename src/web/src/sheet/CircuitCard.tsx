import { ChevronDown } from "lucide-react";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { useCatalogue } from "../model/job";
import { useSettings } from "../api/settings";
import { measured } from "../model/facts";
import { answered } from "../model/facts";
import { Mark } from "../model/Verdict";
import { Ask, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { run } from "../parts/measure";
import { words } from "../words";
import { Direct, Outlets } from "./CircuitDraws";
import type { Send } from "../model/edits";
import { SupplyVerdict, type Asked } from "./SupplyVerdict";
import { address } from "../parts/address";

const w = words.supply;
type View = Schemas["CircuitView"];

/** A circuit: its breaker, what is known of its load, drop and fault current, what hangs on it, and its verdicts. */
export function CircuitCard({
  job,
  id,
  circuit,
  view,
  send,
  opened,
}: {
  job: string;
  id: string;
  circuit: Schemas["Circuit"];
  view: View | undefined;
  send: Send;
  /** Opened from the start: nothing else stands beside it. */
  opened?: boolean;
}) {
  const [search] = useSearchParams();
  const here = search.get("open") === id;
  const [chosen, setChosen] = useState<boolean | null>(null);
  const open = chosen ?? (opened || here);
  const put = (change: Partial<Schemas["Circuit"]>) => send({ do: "putCircuit", id, circuit: { ...circuit, ...change } });
  return (
    <li id={id} className="scroll-mt-24 rounded-xl border-2 border-ink bg-card">
      <div className="flex flex-wrap items-center gap-x-2 px-2 py-1">
        <div className="min-w-40 flex-1 font-semibold sm:order-first">
          <Ask
            hide
            quiet
            label={`${words.housePage.circuit}: ${circuit.name}`}
            value={circuit.name}
            onKeep={(name) => name && put({ name })}
          />
        </div>
        <button
          type="button"
          aria-expanded={open}
          aria-label={w.open(circuit.name)}
          onClick={() => setChosen(!open)}
          className="grid size-11 place-items-center rounded-lg sm:order-last"
        >
          <ChevronDown size={20} aria-hidden className={open ? "rotate-180" : ""} />
        </button>
        <span className="order-last flex basis-full flex-wrap items-center gap-x-3 px-3 pb-1.5 sm:order-none sm:basis-auto sm:p-0">
          <span className="figure text-sm">{w.breaker(view?.slots ?? [], view?.amperes)}</span>
          <span className="flex gap-2">
            {(["Stop", "Fix", "Measure", "Better"] as const)
              .map((v) => [v, (view?.findings ?? []).filter((f) => f.verdict === v).length] as const)
              .filter(([, n]) => n > 0)
              .map(([v, n]) => (
                <Mark key={v} verdict={v}>
                  <span className="figure">{n}</span>
                </Mark>
              ))}
          </span>
        </span>
      </div>
      {open && (
        <div className="flex flex-col gap-3 border-t-2 border-rule p-3">
          {view && <Figures view={view} />}
          {view && <Verdicts job={job} id={id} view={view} send={send} />}
          {view && <Outlets job={job} view={view} send={send} />}
          {view && view.cables.length > 0 && <Cables job={job} view={view} send={send} />}
          <Direct id={id} circuit={circuit} send={send} />
          <div className="flex flex-wrap items-end gap-3">
            <div className="min-w-56 flex-1">
              <Purpose id={id} circuit={circuit} send={send} />
            </div>
            <div className="min-w-40 flex-1">
              <Ask
                label={words.housePage.note}
                hint={words.housePage.feedsWhat}
                value={circuit.note ?? ""}
                onKeep={(note) => put({ note: note || null })}
              />
            </div>
            <TakeOut verb={words.remove} name={circuit.name} onClick={() => send({ do: "removeCircuit", id })} />
          </div>
        </div>
      )}
    </li>
  );
}

function Figures({ view }: { view: View }) {
  const farthest = Math.max(...view.outlets.map((o) => o.drop ?? -1));
  const weakest = view.outlets.filter((o) => o.faultAmperes != null).sort((a, b) => a.faultAmperes! - b.faultAmperes!)[0];
  const figures: [string, string, string?][] = [
    [w.load, w.ofRating(view.knownLoad, view.amperes)],
    ...(farthest >= 0 ? ([[w.farthest, `${farthest.toFixed(1)} %`]] as [string, string][]) : []),
    ...(weakest
      ? ([[w.fault, `${weakest.faultAmperes} A`, weakest.atOnce ? w.atOnce[weakest.atOnce] : undefined]] as [string, string, string?][])
      : []),
  ];
  return (
    <div>
      <dl className="flex flex-wrap gap-x-8 gap-y-1">
        {figures.map(([what, figure, more]) => (
          <div key={what}>
            <dt className="text-sm text-ink-2">{what}</dt>
            <dd className="figure text-lg font-bold">
              {figure}
              {more && <span className="ml-2 font-sans text-sm font-normal">{more}</span>}
            </dd>
          </div>
        ))}
      </dl>
      {!view.measured && view.outlets.length > 0 && <p className="text-sm text-ink-2">{w.assumed}</p>}
    </div>
  );
}

function Verdicts({ job, id, view, send }: { job: string; id: string; view: View; send: Send }) {
  const nameOf = (ask: Asked) => {
    const outlet = view.outlets.find((o) => o.box === ask.box && o.device === ask.of);
    return outlet ? `${outlet.name}, ${outlet.boxName}` : ask.box ? view.outlets.find((o) => o.box === ask.box)?.boxName : undefined;
  };
  const note = (ask: Asked, fact: Schemas["Observation"] | null) =>
    send(
      ask.box ? { do: "noteFact", box: ask.box, of: ask.of, key: ask.key, fact } : { do: "noteCircuit", circuit: id, key: ask.key, fact },
    );
  return (
    <div className="flex flex-col gap-1.5">
      {view.findings.map((f) => (
        <SupplyVerdict key={`${f.rule}|${f.of}`} job={job} id={id} finding={f} send={send} nameOf={nameOf} onNote={note} />
      ))}
      <p className="text-sm text-ink-2">{w.holds(view.holds)}</p>
    </div>
  );
}

/** The cables of the circuit, each with its length: what drop and fault current are worked out from. */
function Cables({ job, view, send }: { job: string; view: View; send: Send }) {
  const { units } = useSettings();
  return (
    <details>
      <summary className="min-h-8 font-bold">{w.cables}</summary>
      <ul>
        {view.cables.map((c) => (
          <li key={c.run} className="flex flex-wrap items-center gap-x-3 border-t border-rule py-1 text-sm">
            <span className="min-w-44 flex-1 first-letter:uppercase">
              {c.box ? (
                <Link className="underline underline-offset-4" to={address.box(job, c.box)}>
                  {c.name}
                </Link>
              ) : (
                c.name
              )}
            </span>
            <span className="figure">{c.size}</span>
            <div className="w-24">
              <Ask
                mono
                hide
                label={w.lengthOf(c.name)}
                hint="34'"
                value={run(c.length, units)}
                onKeep={(t) => send({ do: "setRun", run: c.run, length: measured(t) })}
              />
            </div>
          </li>
        ))}
      </ul>
    </details>
  );
}

function Purpose({ id, circuit, send }: { id: string; circuit: Schemas["Circuit"]; send: Send }) {
  const kind = useCatalogue().data?.facts.find((k) => k.key === "purpose");
  return (
    <Pick
      label={w.purpose}
      value={circuit.facts?.purpose?.value ?? ""}
      onChange={(v) => send({ do: "noteCircuit", circuit: id, key: "purpose", fact: v ? answered(v) : null })}
      options={[["", w.notSaid] as const, ...(kind?.choices ?? []).map((c) => [c.value, c.name] as const)]}
    />
  );
}
