import { ShieldCheck } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useCatalogue } from "../model/job";
import { answered } from "../model/facts";
import { Ask } from "../parts/controls";
import { words } from "../words";
import { FactRow } from "../model/FactRow";
import type { Send } from "../model/edits";
import { address } from "../parts/address";

const w = words.supply;
type View = Schemas["CircuitView"];

/** What takes current from a circuit: its outlets, and what is fixed at the end of its cables. */
export function Outlets({ job, view, send }: { job: string; view: View; send: Send }) {
  const facts = useCatalogue().data?.facts ?? [];
  return (
    <section>
      <h3 className="mb-1">{w.outlets}</h3>
      {view.outlets.length + view.loads.length === 0 && <p className="text-sm text-ink-2">{w.noOutlets}</p>}
      <ul>
        {view.outlets.map((o) => (
          <li key={`${o.box}/${o.device}`} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule py-1 text-sm">
            <span className="min-w-44 flex-1">
              <Link className="font-semibold underline underline-offset-4" to={address.box(job, o.box, [o.device])}>
                {o.boxName}
              </Link>
              <span className="block">
                {o.name}
                {o.place && <span className="text-ink-2">, {o.place}</span>}
              </span>
              {o.receptacle && (
                <span className={`inline-flex items-center gap-1 ${o.guard ? "text-moss" : "text-ink-2"}`}>
                  {o.guard && <ShieldCheck size={15} aria-hidden />} {o.guard ? w.protectedBy(o.guard) : w.unprotected}
                </span>
              )}
            </span>
            <span className="figure text-right">
              {o.drop != null && <span className="block">{w.lost(o.drop)}</span>}
              {o.faultAmperes != null && <span className="block">{w.amperes(o.faultAmperes)}</span>}
            </span>
            <div className="w-20">
              <Ask
                mono
                hide
                label={w.watts(`${o.name}, ${o.boxName}`)}
                hint={w.wattsHint}
                value={o.watts == null ? "" : String(o.watts)}
                onKeep={(t) => send({ do: "noteFact", box: o.box, of: o.device, key: "load", fact: t ? answered(t) : null })}
              />
            </div>
            {(o.watts ?? 0) > 0 && (
              <details className="basis-full">
                <summary className="min-h-8 text-ink-2 underline underline-offset-4">{w.howItHangs}</summary>
                {facts
                  .filter((k) => k.key === "load-long" || (k.key === "load-how" && o.receptacle))
                  .map((k) => (
                    <FactRow
                      key={k.key}
                      kind={k}
                      value={k.key === "load-how" ? o.how : o.lasting}
                      onNote={(fact) => send({ do: "noteFact", box: o.box, of: o.device, key: k.key, fact })}
                    />
                  ))}
              </details>
            )}
          </li>
        ))}
        {view.loads.map((l) => (
          <LoadAtEnd key={`${l.box}/${l.end}`} job={job} load={l} send={send} />
        ))}
      </ul>
    </section>
  );
}

/** Something fixed at the end of a cable. */
function LoadAtEnd({ job, load: l, send }: { job: string; load: View["loads"][number]; send: Send }) {
  const long = useCatalogue().data?.facts.find((k) => k.key === "far-load-long");
  const note = (key: string, fact: Schemas["Observation"] | null) => send({ do: "noteFact", box: l.box, of: l.end, key, fact });
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule py-1 text-sm">
      <Link className="min-w-44 flex-1 font-semibold underline underline-offset-4 first-letter:uppercase" to={address.box(job, l.box)}>
        {l.name}
      </Link>
      <div className="w-20">
        <Ask
          mono
          hide
          label={w.watts(l.name)}
          hint={w.wattsHint}
          value={l.watts == null ? "" : String(l.watts)}
          onKeep={(t) => note("far-load", t ? answered(t) : null)}
        />
      </div>
      {(l.watts ?? 0) > 0 && long && (
        <div className="basis-full">
          <FactRow kind={long} value={l.lasting ?? null} onNote={(fact) => note(long.key, fact)} />
        </div>
      )}
    </li>
  );
}

/** What hangs on the circuit with no box on the way: a range, a water heater. */
export function Direct({ id, circuit, send }: { id: string; circuit: Schemas["Circuit"]; send: Send }) {
  const kinds = useCatalogue().data?.facts.filter((k) => k.key.startsWith("direct-load")) ?? [];
  return (
    <details open={circuit.facts?.["direct-load"] !== undefined}>
      <summary className="min-h-8 text-sm underline underline-offset-4">{w.direct}</summary>
      {kinds.map((k) => (
        <FactRow
          key={k.key}
          kind={k}
          value={circuit.facts?.[k.key]?.value ?? null}
          onNote={(fact) => send({ do: "noteCircuit", circuit: id, key: k.key, fact })}
        />
      ))}
    </details>
  );
}
