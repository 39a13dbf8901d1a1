import { useState } from "react";
import { newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import type { Edit } from "../model/edits";
import { measured } from "../model/facts";
import { Ask, Button, Choice } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { fact } from "../parts/measure";
import { words } from "../words";
import { wallWords as w } from "../words/wall";
import { Held } from "./Held";
import type { Wall } from "./useWall";

type Thing = Schemas["WallThing"];
type Kind = Schemas["WallThingKind"];
const unknown: Schemas["FactOfLength"] = { how: "Unknown" };
const blank = (kind: Kind): Thing => ({
  kind,
  how: "Seen",
  width: unknown,
  height: unknown,
  leftFar: unknown,
  rightFar: unknown,
  across: { from: "LeftCorner", to: kind === "Stud" || kind === "ThinHole" ? "Middle" : "Low", edge: "Middle", way: unknown },
  up: kind === "Stud" || kind === "Pipe" || kind === "Cable" ? null : { from: "FinishedFloor", to: "Low", edge: "Middle", way: unknown },
});

/** Something in the wall or on it, by what a tape says; what was there is changed. */
export function AddThing({
  wall,
  was,
  send,
  onDone,
}: {
  wall: Wall;
  was: Schemas["ToldOnWall"] | null;
  send: (edit: Edit) => Promise<boolean>;
  onDone: () => void;
}) {
  const [thing, setThing] = useState<Thing>((was && wall.wall.things?.[was.id]) ?? blank("Stud"));
  const { units } = useSettings();
  const put = (change: Partial<Thing>) => setThing({ ...thing, ...change });
  const opening = thing.kind === "Door" || thing.kind === "Window";
  const onFace = ["Cabinet", "Counter", "Trim", "Looked"].includes(thing.kind);
  const either = thing.kind === "Pipe" || thing.kind === "Duct";
  const cables = [
    ["", w.whichNone] as const,
    ...wall.inferred.map((c) => [c.run, c.name] as const),
    ...(thing.run && !wall.inferred.some((c) => c.run === thing.run) ? [[thing.run, was?.cable ?? thing.run] as const] : []),
  ];
  const joist = wall.wall.kind !== "Wall" && thing.kind === "Stud" ? w.joist : null;
  const keep = async () => {
    const side = onFace ? (thing.side ?? "Near") : either ? (thing.side ?? null) : null;
    if (await send({ do: "putOnWall", wall: wall.id, id: was?.id ?? newId("t"), thing: { ...thing, side } })) onDone();
  };
  const ask = (label: string, key: "width" | "height" | "leftFar" | "rightFar", hint: string) => (
    <Ask mono label={label} hint={hint} value={fact(thing[key], units, "")} onKeep={(t) => put({ [key]: measured(t) })} />
  );
  return (
    <section aria-label={w.add} className="flex flex-col gap-3 rounded-xl border-2 border-rule p-3">
      <div className="grid grid-cols-2 gap-2">
        <Pick
          label={w.thing}
          value={thing.kind}
          onChange={(kind) => setThing({ ...blank(kind), name: thing.name ?? null })}
          options={(Object.entries(w.thingKinds) as [Kind, string][]).map(
            ([k, name]) => [k, k === "Stud" ? (joist ?? name) : name] as const,
          )}
        />
        <Pick
          label={w.how}
          value={thing.how ?? "Seen"}
          onChange={(how) => put({ how })}
          options={Object.entries(w.hows) as [Schemas["FoundHow"], string][]}
        />
      </div>
      <Held label={w.across} wall={wall} skip={was?.id} tape={thing.across ?? null} up={false} onPut={(across) => put({ across })} />
      <Held label={w.up} wall={wall} skip={was?.id} tape={thing.up ?? null} up onPut={(up) => put({ up })} />
      <div className="grid grid-cols-2 items-end gap-2">
        {ask(w.width, "width", "1 1/2")}
        {thing.up && ask(w.height, "height", "80")}
        {opening && ask(w.leftWider, "leftFar", "5/8")}
        {opening && ask(w.rightWider, "rightFar", "5/8")}
        <Ask label={w.name} value={thing.name ?? ""} onKeep={(name) => put({ name: name || null })} />
      </div>
      {thing.kind === "Cable" && (
        <Pick label={w.which} value={thing.run ?? ""} onChange={(run) => put({ run: run || null })} options={cables} />
      )}
      {(onFace || either) && (
        <Choice
          label={w.side}
          value={thing.side ?? (either ? "" : "Near")}
          onChange={(side) => put({ side: side || null })}
          options={[...(either ? [["", w.inside] as const] : []), ["Near", wall.from] as const, ["Far", wall.fromBehind] as const]}
        />
      )}
      <div className="flex gap-2">
        <Button look="main" onClick={() => void keep()}>
          {w.place}
        </Button>
        <Button look="quiet" onClick={onDone}>
          {words.close}
        </Button>
      </div>
    </section>
  );
}
