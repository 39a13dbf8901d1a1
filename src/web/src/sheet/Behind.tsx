import type { Schemas } from "../api/client";
import type { Send } from "../model/edits";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import { CircuitCard } from "./CircuitCard";
import { RoomsAndWalls } from "./Rooms";
import type { Rail } from "./show";
import { Panels, Sources } from "./Supply";
import { ThrowIt } from "./ThrowIt";

const w = sheetWords.sheet;

/** What is opened over the run sheet: a circuit with its breaker, the panels, or the rooms. */
export type Over = { what: "rail"; rail: Rail } | { what: "panels" } | { what: "rooms" };

export function Behind({
  job,
  head,
  supply,
  over,
  send,
  onClose,
}: {
  job: string;
  head: Schemas["JobHead"];
  supply: Schemas["SupplyView"] | undefined;
  over: Over | null;
  send: Send;
  onClose: () => void;
}) {
  if (over === null) return null;
  const title = over.what === "rail" ? w.railSays(over.rail) : w[over.what];
  return (
    <section aria-label={title} className="mb-4 rounded-2xl border-2 border-ink p-3 sm:p-4">
      <div className="mb-3 flex items-start gap-3">
        <h2 className="flex-1 text-lg">{title}</h2>
        <button type="button" className="min-h-11 px-2 underline underline-offset-4" onClick={onClose}>
          {words.close}
        </button>
      </div>
      {over.what === "rail" && <ThrowIt rail={over.rail} send={send} />}
      {over.what === "rail" && <OfRail {...{ job, head, supply, send }} rail={over.rail} />}
      {over.what === "panels" && (
        <div className="grid gap-8 xl:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
          <Panels job={job} head={head} supply={supply} send={send} />
          <Sources head={head} send={send} />
        </div>
      )}
      {over.what === "rooms" && <RoomsAndWalls head={head} send={send} />}
    </section>
  );
}

/** The circuits of one rail, each opened. */
function OfRail({
  job,
  head,
  supply,
  send,
  rail,
}: {
  job: string;
  head: Schemas["JobHead"];
  supply: Schemas["SupplyView"] | undefined;
  send: Send;
  rail: Rail;
}) {
  const circuits = [...new Set(rail.breakers.map((b) => b.circuit))].filter((id): id is string => id != null && id in head.circuits);
  if (circuits.length === 0) return <p>{words.housePage.noCircuit}</p>;
  return (
    <ul className="flex flex-col gap-2">
      {circuits.map((id) => (
        <CircuitCard
          key={id}
          job={job}
          id={id}
          circuit={head.circuits[id]!}
          view={supply?.circuits.find((c) => c.id === id)}
          send={send}
          opened
        />
      ))}
    </ul>
  );
}
