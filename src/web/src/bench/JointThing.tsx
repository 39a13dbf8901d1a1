import { type BoxView, type Catalogue } from "../api/client";
import { jointName } from "../model/names";
import type { EditOf } from "../model/edits";
import type { BoxEdit } from "../model/useBoxEdit";
import { Gestures } from "./Gestures";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";

const w = words.box;

/** A joint chosen: its name, its connector, a pigtail from it, or opening it. */
export function JointThing({
  job,
  view,
  catalogue,
  id,
  edit,
  onPull,
}: {
  job: string;
  view: BoxView;
  catalogue: Catalogue;
  id: string;
  edit: BoxEdit;
  onPull: () => void;
}) {
  const box = view.box;
  const joint = box.joints?.[id];
  if (!joint) return null;
  const set = (change: Partial<EditOf<"setJoint">>) =>
    void edit.send({ do: "setJoint", id, connector: joint.connector, name: joint.name ?? null, space: joint.space ?? 0, ...change });
  const spaces = Object.keys(box.partitions ?? {}).length + 1;
  return (
    <div className="flex flex-wrap items-end gap-2">
      <Button look="main" onClick={onPull}>
        {words.bench.pull}
      </Button>
      <div className="min-w-40 flex-1">
        <Ask label={w.jointName} hint={jointName(view, id)} value={joint.name ?? ""} onKeep={(name) => set({ name: name || null })} />
      </div>
      <div className="min-w-52 flex-1">
        <Pick
          label={w.connector}
          value={joint.connector}
          onChange={(connector) => set({ connector })}
          options={catalogue.connectors.map((c) => [c.id, c.name] as const)}
        />
      </div>
      {spaces > 1 && (
        <div className="w-28">
          <Pick
            label={words.bench.space}
            value={String(joint.space ?? 0)}
            onChange={(s) => set({ space: Number(s) })}
            options={Array.from({ length: spaces }, (_, i) => [String(i), String(i + 1)] as const)}
          />
        </div>
      )}
      <Gestures job={job} view={view} edit={edit} joint={id} />
      <Button look="quiet" onClick={() => void edit.send({ do: "removeJoint", id })} aria-label={`${w.openJoint}: ${jointName(view, id)}`}>
        {w.openJoint}
      </Button>
    </div>
  );
}
