import { newId, type Schemas } from "../api/client";
import type { Send } from "../model/edits";
import { Link } from "react-router";
import { address } from "../parts/address";
import { Ask, Button, Choice, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { fact } from "../parts/measure";
import { useSettings } from "../api/settings";
import { measured } from "../model/facts";
import { words } from "../words";
import { NewOne } from "./NewOne";

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

function Walls({ head, send }: { head: Schemas["JobHead"]; send: Send }) {
  const { units } = useSettings();
  return (
    <section>
      <h2 className="mb-2 text-xl">{w.walls}</h2>
      <ul className="flex flex-col gap-4">
        {Object.entries(head.walls).map(([id, wall]) => {
          const put = (change: Partial<Schemas["Wall"]>) => send({ do: "putWall", id, wall: { ...wall, ...change } });
          const layers = wall.layers ?? [];
          const layer = (i: number, change: Partial<Schemas["WallLayer"]>) =>
            put({ layers: layers.map((l, n) => (n === i ? { ...l, ...change } : l)) });
          return (
            <li key={id} className="rounded-xl border-2 border-rule p-3">
              <div className="flex flex-wrap items-center gap-2">
                <div className="min-w-36 flex-1">
                  <Ask hide quiet label={`${w.wall}: ${wall.name}`} value={wall.name} onKeep={(name) => name && put({ name })} />
                </div>
                <div className="w-36">
                  <Pick
                    hide
                    quiet
                    label={`${w.room}, ${wall.name}`}
                    value={wall.place ?? ""}
                    onChange={(place) => put({ place: place || null })}
                    options={[["", words.quickFit.noRoom] as const, ...Object.entries(head.places).map(([p, x]) => [p, x.name] as const)]}
                  />
                </div>
                <TakeOut verb={words.remove} name={wall.name} onClick={() => send({ do: "removeWall", id })} />
              </div>
              <ol aria-label={`${w.layers}, ${wall.name}`}>
                {layers.map((l, i) => (
                  <li key={i} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
                    <div className="min-w-28 flex-1">
                      <Ask
                        hide
                        quiet
                        label={`${w.layer} ${i + 1}`}
                        value={l.what}
                        onKeep={(what) => (what ? layer(i, { what }) : put({ layers: layers.filter((_, n) => n !== i) }))}
                      />
                    </div>
                    <div className="w-20">
                      <Ask
                        hide
                        mono
                        label={`${w.thick} ${i + 1}`}
                        hint="1/2"
                        value={fact(l.thickness, units, "")}
                        onKeep={(t) => layer(i, { thickness: measured(t) as Schemas["FactOfLength"] })}
                      />
                    </div>
                    <Choice
                      hide
                      label={`${w.burns} ${i + 1}`}
                      value={l.combustible ? "yes" : "no"}
                      onChange={(v) => layer(i, { combustible: v === "yes" })}
                      options={[
                        ["no", w.doesNotBurn],
                        ["yes", w.burns],
                      ]}
                    />
                  </li>
                ))}
              </ol>
              <div className="mt-2 flex flex-wrap items-end gap-3">
                <Button onClick={() => put({ layers: [...layers, { what: w.board, thickness: { how: "Unknown" }, combustible: false }] })}>
                  {w.addLayer}
                </Button>
                <div className="w-28">
                  <Ask
                    mono
                    label={w.rating}
                    value={wall.fireRating == null ? "" : String(wall.fireRating)}
                    onKeep={(t) => put({ fireRating: t === "" || Number.isNaN(Number(t)) ? null : Number(t) })}
                  />
                </div>
                <div className="w-32">
                  <Ask
                    mono
                    label={w.buildUp}
                    hint="3/4"
                    value={fact(wall.floorBuildUp, units, "")}
                    onKeep={(t) => put({ floorBuildUp: measured(t) as Schemas["FactOfLength"] })}
                  />
                </div>
              </div>
            </li>
          );
        })}
      </ul>
      <NewOne label={w.newWall} onName={(name) => send({ do: "putWall", id: newId("w"), wall: { name } })} />
    </section>
  );
}
