import type { BoxView, Catalogue, Schemas } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { cableName, deviceName, jointName, leadName } from "../model/names";
import { words } from "../words";
import { cuffId } from "./scene";
import type { Sel } from "./select";

const w = words.bench;

/** What a thing's menu reaches beside edits of its own. */
export type Reach = {
  onPick: (id: string, far: boolean) => void;
  onPull: (joint: string) => void;
  onBunch: (id: string) => void;
  onBring: (entry: string) => void;
  onMore: (sel: Sel) => void;
};

/** What can be done with a thing of the picture, and what it is called. */
export function actionsOf(sel: Sel, view: BoxView, catalogue: Catalogue, edit: BoxEdit, reach: Reach) {
  const { onPick, onPull, onBunch, onBring, onMore } = reach;
  const box = view.box;
  const lead = sel.kind === "strand" ? box.leads?.[sel.id] : undefined;
  const joint = sel.kind === "joint" ? box.joints?.[sel.id] : undefined;
  const cable = view.cables.find((c) => cuffId(c) === sel.id);
  const identify = (markedAs: string | null, use: Schemas["ConductorUse"]) =>
    void edit.send({ do: "identifyLead", lead: sel.id, colour: lead!.colour, markedAs, use });
  const items: [string, () => void][] = [];
  if (lead) {
    if ((lead.form ?? "Ended") === "Ended") {
      items.push([w.pickUp, () => onPick(sel.id, false)], [w.bunch, () => onBunch(sel.id)]);
      items.push([w.places.cap, () => void edit.send({ do: "moveLead", lead: sel.id, to: { at: "Cap" } })]);
    } else items.push([w.cutHere, () => void edit.send({ do: "setLeadForm", lead: sel.id, form: "Ended" })]);
    if (/white|grey/.test(lead.colour))
      items.push(lead.markedAs ? [w.untape, () => identify(null, "Neutral")] : [w.tapeBlack, () => identify("black", "Hot")]);
  } else if (sel.kind === "strand") {
    items.push([w.pickUp, () => onPick(sel.id, true)], [w.pickOther, () => onPick(sel.id, false)]);
    items.push([words.box.takeOut, () => void edit.send({ do: "removePigtail", id: sel.id })]);
  } else if (joint) {
    items.push([w.pull, () => onPull(sel.id)]);
    for (const c of ["twist-on-medium", "twist-on-large", "lever-3", "lever-5"].filter((k) => k !== joint.connector))
      items.push([
        w.swapConnector(catalogue.connectors.find((k) => k.id === c)?.name ?? c),
        () => void edit.send({ do: "setJoint", id: sel.id, connector: c, name: joint.name ?? null, space: joint.space ?? 0 }),
      ]);
    items.push([words.box.openJoint, () => void edit.send({ do: "removeJoint", id: sel.id })]);
  } else if (sel.kind === "device") {
    items.push([w.turnOver, () => void edit.send({ do: "setDevice", id: sel.id, turned: !box.devices?.[sel.id]?.turned })]);
    items.push([words.box.takeOut, () => void edit.send({ do: "removeDevice", id: sel.id })]);
  } else if (sel.kind === "entry") {
    items.push([w.bringHere, () => onBring(sel.id)]);
    for (const [state, name] of [
      ["Plugged", words.box.plugged],
      ["Open", words.box.open],
      ["Closed", words.box.closed],
    ] as const)
      if (box.entries?.[sel.id]?.state !== state) items.push([name, () => void edit.send({ do: "setEntry", id: sel.id, state })]);
  } else if (cable) {
    for (const feeds of ["FeedsIn", "FeedsOn", "Protected"] as const)
      if (cable.feeds !== feeds)
        items.push([
          words.feeds[feeds],
          () => void edit.send({ do: "nameCable", run: cable.run, side: cable.side, says: cable.says ?? null, feeds }),
        ]);
    if (cable.entry)
      for (const holding of ["OutsideConnector", "InternalClamp"] as const)
        if (box.entries?.[cable.entry]?.holding !== holding)
          items.push([w.holdBy(words.holding[holding]), () => void edit.send({ do: "setEntry", id: cable.entry!, holding })]);
    items.push([words.box.pullOut, () => void edit.send({ do: "removeCable", run: cable.run })]);
  }
  items.push([w.more, () => onMore(sel)]);
  const name =
    sel.kind === "strand"
      ? leadName(view, sel.id)
      : sel.kind === "joint"
        ? jointName(view, sel.id)
        : sel.kind === "device"
          ? deviceName(view, sel.id)
          : cable
            ? cableName(view, cable)
            : w.entry(words.sides[box.entries?.[sel.id]?.side ?? "Top"], "");
  return { name, items };
}
