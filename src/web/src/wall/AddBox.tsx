import { useState } from "react";
import { Link } from "react-router";
import { newId, type Schemas } from "../api/client";
import type { Edit } from "../model/edits";
import { measured } from "../model/facts";
import { useBoxes, useCatalogue } from "../model/job";
import { boxChoices } from "../model/kinds";
import { address } from "../parts/address";
import { Ask, Button, Choice } from "../parts/controls";
import { KindPicker } from "../parts/KindPicker";
import { Pick } from "../parts/Pick";
import { unitsText } from "../parts/measure";
import { words } from "../words";
import { wallWords as w } from "../words/wall";
import { size } from "./geometry";
import type { Wall } from "./useWall";

/** Puts a box on the wall: one that is recorded, or one that is still to come. It stands in the middle until it is moved. */
export function AddBox({
  job,
  wall,
  send,
  onDone,
}: {
  job: string;
  wall: Wall;
  send: (edit: Edit) => Promise<boolean>;
  onDone: (box: string | null) => void;
}) {
  const boxes = useBoxes(job);
  const catalogue = useCatalogue();
  const [which, setWhich] = useState("");
  const [name, setName] = useState("");
  const [kind, setKind] = useState("ow-1g-18");
  const [kinds, setKinds] = useState(false);
  const [x, setX] = useState("");
  const [y, setY] = useState("");
  const [side, setSide] = useState<"Near" | "Far">("Near");
  const here = (boxes.data ?? []).filter(
    (b) => !b.binned && !wall.boxes.some((on) => on.id === b.id && on.at) && [wall.wall.place, wall.wall.behind].includes(b.placeId ?? ""),
  );
  const usual = wall.heights.find((h) => h.for === "Receptacle")!;
  const room = side === "Near" ? wall.wall.place : wall.wall.behind;
  const place = async () => {
    const middle: Schemas["FactOfLength"] = x
      ? measured(x)
      : { how: "Estimated", value: unitsText(Math.round(size(wall).wide / 2 / 508) * 508) };
    const spot: Schemas["WallSpot"] = {
      side,
      across: { from: "LeftCorner", to: "Middle", edge: "Middle", way: middle },
      up: { from: "FinishedFloor", to: usual.to, edge: "Middle", way: measured(y || usual.height) },
    };
    const id = which || newId("b");
    const put: Edit = { do: "setBoxWall", box: id, wall: wall.id, spot };
    const edit: Edit = which ? put : { do: "batch", edits: [{ do: "addBox", id, name, kind, place: room ?? null }, put] };
    if (await send(edit)) onDone(id);
  };
  return (
    <section aria-label={w.addBox} className="flex flex-col gap-3 rounded-xl border-2 border-rule p-3">
      <Pick
        label={w.addBox}
        value={which}
        onChange={setWhich}
        options={[["", w.newBox] as const, ...here.map((b) => [b.id, b.name] as const)]}
      />
      {which === "" && (
        <>
          <Ask label={w.boxName} value={name} onKeep={setName} />
          <Button onClick={() => setKinds(true)}>{catalogue.data?.boxes.find((b) => b.id === kind)?.name ?? kind}</Button>
        </>
      )}
      <Choice
        label={w.side}
        value={side}
        onChange={setSide}
        options={[
          ["Near", wall.from],
          ["Far", wall.fromBehind],
        ]}
      />
      <div className="grid grid-cols-2 items-end gap-2">
        <Ask mono label={w.middleAt} hint="60" value={x} onKeep={setX} />
        <Ask mono label={w.bottomAt} hint="12" value={y || usual.height.replace(" in", "")} onKeep={setY} />
      </div>
      {which === "" && x !== "" && (
        <Link
          className="min-h-11 content-center underline underline-offset-4"
          to={address.ways(job, {
            kind: "MoreOutlets",
            wall: wall.id,
            side,
            x,
            y: y || usual.height,
            ...(room ? { place: room } : {}),
          })}
        >
          {w.waysThere}
        </Link>
      )}
      <div className="flex gap-2">
        <Button look="main" disabled={which === "" && name === ""} onClick={() => void place()}>
          {w.place}
        </Button>
        <Button look="quiet" onClick={() => onDone(null)}>
          {words.close}
        </Button>
      </div>
      <KindPicker
        title={words.box.kind}
        open={kinds}
        onClose={() => setKinds(false)}
        kinds={catalogue.data ? boxChoices(catalogue.data) : []}
        onPick={setKind}
      />
    </section>
  );
}
