import { newId, type Schemas } from "../api/client";
import { Ask, TakeOut } from "../parts/controls";
import { Link } from "react-router";
import { address } from "../parts/address";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import { CircuitCard } from "./CircuitCard";
import type { Send } from "../model/edits";
import { NewOne } from "./NewOne";
import { PanelPicture } from "./PanelPicture";
import { PanelRoom } from "./PanelRoom";
import { PanelVerdicts } from "./PanelVerdicts";

const w = words.housePage;
type Head = Schemas["JobHead"];

/** What can make a conductor live. */
export function Sources({ head, send }: { head: Head; send: Send }) {
  return (
    <section>
      <h2 className="mb-2 text-xl">{w.sources}</h2>
      <p className="mb-2 text-sm text-ink-2">{w.sourcesHow}</p>
      <ul>
        {Object.entries(head.sources).map(([id, source]) => {
          const put = (change: Partial<Schemas["Source"]>) => send({ do: "putSource", id, source: { ...source, ...change } });
          return (
            <li key={id} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
              <div className="min-w-36 flex-1">
                <Ask hide quiet label={`${w.source}: ${source.name}`} value={source.name} onKeep={(name) => name && put({ name })} />
              </div>
              <div className="w-40">
                <Pick
                  hide
                  quiet
                  label={`${w.kind}, ${source.name}`}
                  value={source.kind}
                  onChange={(kind) => put({ kind })}
                  options={Object.entries(words.source) as [Schemas["SourceKind"], string][]}
                />
              </div>
              <div className="w-52">
                <Pick
                  hide
                  quiet
                  label={`${w.system}, ${source.name}`}
                  value={source.system ?? "SplitPhase"}
                  onChange={(system) => put({ system })}
                  options={Object.entries(words.system) as [Schemas["SupplySystem"], string][]}
                />
              </div>
              <TakeOut verb={words.remove} name={source.name} onClick={() => send({ do: "removeSource", id })} />
            </li>
          );
        })}
      </ul>
      <NewOne label={w.newSource} onName={(name) => send({ do: "putSource", id: newId("s"), source: { name, kind: "Service" } })} />
    </section>
  );
}

/** Panels with their breakers in their slots, what is wrong at them, and every circuit by its name. */
export function Panels({ job, head, supply, send }: { job: string; head: Head; supply: Schemas["SupplyView"] | undefined; send: Send }) {
  const viewOf = (id: string) => supply?.panels.find((p) => p.id === id);
  return (
    <div className="flex flex-col gap-8">
      {Object.entries(head.panels).map(([id, panel]) => (
        <div key={id}>
          <Link to={address.directory(job, id)} className="inline-flex min-h-11 items-center underline underline-offset-4">
            {sheetWords.directory.link}
          </Link>
          <PanelPicture id={id} panel={panel} head={head} legs={viewOf(id)?.legs ?? {}} send={send} />
          {viewOf(id) && <PanelRoom room={viewOf(id)!.room} main={panel.mainAmperes ?? null} />}
          <PanelVerdicts job={job} panel={panel} view={viewOf(id)} send={send} />
        </div>
      ))}
      <NewOne
        label={w.newPanel}
        onName={(name) => send({ do: "putPanel", id: newId("l"), panel: { name, system: "SplitPhase", slots: 20, breakers: [] } })}
      />
      <section>
        <h2 className="mb-2 text-xl">{w.circuits}</h2>
        <ul className="flex flex-col gap-2">
          {Object.entries(head.circuits).map(([id, circuit]) => (
            <CircuitCard key={id} job={job} id={id} circuit={circuit} view={supply?.circuits.find((c) => c.id === id)} send={send} />
          ))}
        </ul>
        <NewOne label={w.newCircuit} onName={(name) => send({ do: "putCircuit", id: newId("c"), circuit: { name } })} />
      </section>
    </div>
  );
}
