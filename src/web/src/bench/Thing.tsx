import { X } from "lucide-react";
import type { BoxView, Catalogue, Schemas } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { Button, Choice } from "../parts/controls";
import { words } from "../words";
import { CableThing } from "./CableThing";
import { DeviceThing } from "./DeviceThing";
import { JointThing } from "./JointThing";
import { KnockoutSize } from "./KnockoutSize";
import { cableName, deviceName, jointName, sentence } from "../model/names";
import { cuffId } from "./scene";
import type { Sel } from "./select";
import { StrandThing } from "./StrandThing";

type Props = {
  job: string;
  view: BoxView;
  catalogue: Catalogue;
  edit: BoxEdit;
  sel: Sel;
  bunch: readonly string[];
  onBunch: (id: string) => void;
  onPick: (id: string, far: boolean) => void;
  onPull: (joint: string) => void;
  onOnward: (lead: string) => void;
  onWire: (from: Schemas["Landing"], name: string) => void;
  onBring: (entry: string) => void;
  onClose: () => void;
};

/** What is chosen, as one sentence, with everything that can be changed about it in place. */
export function Thing({ job, view, catalogue, edit, sel, bunch, onBunch, onPick, onPull, onOnward, onWire, onBring, onClose }: Props) {
  const cable = view.cables.find((c) => cuffId(c) === sel.id);
  const entry = sel.kind === "entry" ? view.box.entries?.[sel.id] : undefined;
  const title =
    sel.kind === "strand"
      ? sentence(view, sel.id)
      : sel.kind === "joint"
        ? words.bench.inJoint(jointName(view, sel.id))
        : sel.kind === "device"
          ? deviceName(view, sel.id)
          : sel.kind === "entry"
            ? words.bench.entry(words.sides[entry?.side ?? "Top"], "")
            : cable
              ? words.bench.cableCalled(cableName(view, cable))
              : "";
  return (
    <section aria-label={words.bench.chosen} className="rounded-2xl border-2 border-slate bg-card p-3">
      <div className="mb-2 flex items-center gap-2">
        <h2 className="flex-1 text-lg first-letter:uppercase" data-chosen>
          {title}
        </h2>
        <button type="button" aria-label={words.close} className="grid size-11 place-items-center rounded-lg" onClick={onClose}>
          <X size={20} aria-hidden />
        </button>
      </div>
      {sel.kind === "strand" && (
        <StrandThing
          job={job}
          view={view}
          id={sel.id}
          edit={edit}
          onPick={(far) => onPick(sel.id, far)}
          onOnward={() => onOnward(sel.id)}
          bunch={bunch.includes(sel.id)}
          onBunch={() => onBunch(sel.id)}
        />
      )}
      {sel.kind === "joint" && (
        <JointThing job={job} view={view} catalogue={catalogue} id={sel.id} edit={edit} onPull={() => onPull(sel.id)} />
      )}
      {sel.kind === "device" && <DeviceThing job={job} view={view} catalogue={catalogue} id={sel.id} edit={edit} onWire={onWire} />}
      {entry && (
        <div className="flex flex-wrap items-end gap-2">
          <Button look="main" onClick={() => onBring(sel.id)}>
            {words.bench.bringHere}
          </Button>
          <Choice
            hide
            label={words.box.entries}
            value={entry.state ?? "Closed"}
            onChange={(state) => void edit.send({ do: "setEntry", id: sel.id, state })}
            options={[
              ["Closed", words.box.closed],
              ["Plugged", words.box.plugged],
              ["Open", words.box.open],
            ]}
          />
          <KnockoutSize id={sel.id} entry={entry} edit={edit} />
        </div>
      )}
      {sel.kind === "cable" && cable && <CableThing job={job} view={view} cable={cable} edit={edit} />}
    </section>
  );
}
