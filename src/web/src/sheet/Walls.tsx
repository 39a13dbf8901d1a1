import { newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import type { Send } from "../model/edits";
import { measured } from "../model/facts";
import { Link } from "react-router";
import { address } from "../parts/address";
import { Ask, Button, Choice, TakeOut } from "../parts/controls";
import { fact } from "../parts/measure";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { NewOne } from "./NewOne";

const w = words.housePage;
type Wall = Schemas["Wall"];
type Layer = Schemas["WallLayer"];

const unknown: Schemas["FactOfLength"] = { how: "Unknown" };
const blank: Omit<Wall, "name"> = {
  kind: "Wall",
  layers: [],
  behindLayers: [],
  things: {},
  floorBuildUp: unknown,
  wide: unknown,
  high: unknown,
  studDepth: unknown,
  spacing: unknown,
  farFloor: unknown,
  floorDrop: unknown,
  leftFar: unknown,
  rightFar: unknown,
};

/** The walls, ceilings and floors of the house, with the layers of both their faces. */
export function Walls({ head, send }: { head: Schemas["JobHead"]; send: Send }) {
  return (
    <section>
      <h2 className="mb-2 text-xl">{w.walls}</h2>
      <ul className="flex flex-col gap-4">
        {Object.entries(head.walls).map(([id, wall]) => (
          <OneWall key={id} id={id} wall={wall} head={head} send={send} />
        ))}
      </ul>
      <NewOne label={w.newWall} onName={(name) => send({ do: "putWall", id: newId("w"), wall: { ...blank, name } })} />
    </section>
  );
}

function OneWall({ id, wall, head, send }: { id: string; wall: Wall; head: Schemas["JobHead"]; send: Send }) {
  const { units } = useSettings();
  const put = (change: Partial<Wall>) => send({ do: "putWall", id, wall: { ...wall, ...change } });
  const rooms = [["", words.quickFit.noRoom] as const, ...Object.entries(head.places).map(([p, x]) => [p, x.name] as const)];
  return (
    <li aria-label={wall.name} className="rounded-xl border-2 border-rule p-3">
      <div className="flex flex-wrap items-center gap-2">
        <div className="min-w-36 flex-1">
          <Ask hide quiet label={`${w.wall}: ${wall.name}`} value={wall.name} onKeep={(name) => name && put({ name })} />
        </div>
        <Link to={address.wall(head.id, id)} className="min-h-11 content-center underline underline-offset-4">
          {w.layOut}
        </Link>
        <TakeOut verb={words.remove} name={wall.name} onClick={() => send({ do: "removeWall", id })} />
      </div>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        <Pick
          label={w.what}
          value={wall.kind ?? "Wall"}
          onChange={(kind) => put({ kind })}
          options={Object.entries(w.faceKinds) as [Schemas["FaceKind"], string][]}
        />
        <Pick label={w.room} value={wall.place ?? ""} onChange={(p) => put({ place: p || null })} options={rooms} />
        <Pick label={w.behind} value={wall.behind ?? ""} onChange={(p) => put({ behind: p || null })} options={rooms} />
      </div>
      <Layers label={w.layers} of={wall.name} layers={wall.layers ?? []} onPut={(layers) => put({ layers })} />
      <Layers label={w.layersBehind} of={wall.name} layers={wall.behindLayers ?? []} onPut={(behindLayers) => put({ behindLayers })} />
      <div className="mt-2 flex flex-wrap items-end gap-3">
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
            onKeep={(t) => put({ floorBuildUp: measured(t) })}
          />
        </div>
      </div>
    </li>
  );
}

/** The layers of one face, from its room inward. */
function Layers({
  label,
  of,
  layers,
  onPut,
}: {
  label: string;
  of: string;
  layers: readonly Layer[];
  onPut: (layers: Layer[]) => unknown;
}) {
  const { units } = useSettings();
  const layer = (i: number, change: Partial<Layer>) => onPut(layers.map((l, n) => (n === i ? { ...l, ...change } : l)));
  return (
    <div className="mt-2">
      <p className="text-sm text-ink-2">{label}</p>
      <ol aria-label={`${label}, ${of}`}>
        {layers.map((l, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
            <div className="min-w-28 flex-1">
              <Ask
                hide
                quiet
                label={`${w.layer} ${i + 1}`}
                value={l.what}
                onKeep={(what) => (what ? layer(i, { what }) : onPut(layers.filter((_, n) => n !== i)))}
              />
            </div>
            <div className="w-32">
              <Pick
                hide
                label={`${w.layerKind} ${i + 1}`}
                value={l.kind ?? "Other"}
                onChange={(kind) => layer(i, { kind })}
                options={Object.entries(w.layerKinds) as [Schemas["LayerKind"], string][]}
              />
            </div>
            <div className="w-20">
              <Ask
                hide
                mono
                label={`${w.thick} ${i + 1}`}
                hint="1/2"
                value={fact(l.thickness, units, "")}
                onKeep={(t) => layer(i, { thickness: measured(t) })}
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
            <Choice
              hide
              label={`${w.isOn} ${i + 1}`}
              value={l.toCome ? "come" : "on"}
              onChange={(v) => layer(i, { toCome: v === "come" })}
              options={[
                ["on", w.isThere],
                ["come", w.toCome],
              ]}
            />
          </li>
        ))}
      </ol>
      <Button
        onClick={() =>
          onPut([...layers, { what: w.board, thickness: { how: "Unknown" }, combustible: false, toCome: false, kind: "Board" }])
        }
      >
        {w.addLayer}
      </Button>
    </div>
  );
}
