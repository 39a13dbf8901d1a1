import { newId, type Schemas } from "../api/client";
import type { Send } from "../model/edits";
import { Link } from "react-router";
import { address } from "../parts/address";
import { Ask, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { NewOne } from "./NewOne";
import { Walls } from "./Walls";

const w = words.housePage;

/** The rooms of the house, and its walls with their layers. */
export function RoomsAndWalls({ head, send }: { head: Schemas["JobHead"]; send: Send }) {
  return (
    <div className="flex min-w-0 flex-col gap-8">
      <Rooms head={head} send={send} />
      <Walls head={head} send={send} />
    </div>
  );
}

function Rooms({ head, send }: { head: Schemas["JobHead"]; send: Send }) {
  return (
    <section>
      <h2 className="mb-2 text-xl">{w.rooms}</h2>
      <ul>
        {Object.entries(head.places).map(([id, place]) => {
          const put = (change: Partial<Schemas["Place"]>) => send({ do: "putPlace", id, place: { ...place, ...change } });
          return (
            <li key={id} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
              <div className="min-w-36 flex-1">
                <Ask hide quiet label={`${w.room}: ${place.name}`} value={place.name} onKeep={(name) => name && put({ name })} />
              </div>
              <div className="w-28">
                <Pick
                  hide
                  quiet
                  label={`${w.wetness}, ${place.name}`}
                  value={place.wetness ?? "Unknown"}
                  onChange={(wetness) => put({ wetness })}
                  options={Object.entries(words.wetness) as [Schemas["Wetness"], string][]}
                />
              </div>
              <div className="w-32">
                <Ask
                  hide
                  quiet
                  label={`${w.use}, ${place.name}`}
                  hint={w.use}
                  value={place.use ?? ""}
                  onKeep={(use) => put({ use: use || null })}
                />
              </div>
              <Link
                to={address.ways(head.id, { kind: "MoreOutlets", place: id })}
                className="min-h-11 content-center underline underline-offset-4"
                aria-label={`${w.oneMore}, ${place.name}`}
              >
                {w.oneMore}
              </Link>
              <TakeOut verb={words.remove} name={place.name} onClick={() => send({ do: "removePlace", id })} />
            </li>
          );
        })}
      </ul>
      <NewOne label={w.newRoom} onName={(name) => send({ do: "putPlace", id: newId("p"), place: { name } })} />
    </section>
  );
}
