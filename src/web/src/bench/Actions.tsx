import { useEffect, useRef } from "react";
import type { BoxView, Schemas, Catalogue } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { words } from "../words";
import { cableName, deviceName, jointName, leadName } from "../model/names";
import { cuffId } from "./scene";
import type { Sel } from "./select";

const w = words.bench;
export type Menu = { sel: Sel; x: number; y: number };

type Props = {
  menu: Menu;
  view: BoxView;
  catalogue: Catalogue;
  edit: BoxEdit;
  onClose: () => void;
  onPick: (id: string, far: boolean) => void;
  onPull: (joint: string) => void;
  onBunch: (id: string) => void;
  onBring: (entry: string) => void;
  onMore: (sel: Sel) => void;
};

/** What can be done with a thing, where it was pressed: by right-click, long press, or the m key. */
export function Actions({ menu, view, catalogue, edit, onClose, onPick, onPull, onBunch, onBring, onMore }: Props) {
  const root = useRef<HTMLDivElement>(null);
  const { sel } = menu;
  const box = view.box;
  useEffect(() => {
    root.current?.querySelector("button")?.focus();
    const away = (e: PointerEvent) => !root.current?.contains(e.target as Node) && onClose();
    window.addEventListener("pointerdown", away);
    return () => window.removeEventListener("pointerdown", away);
  }, [onClose]);
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
  const step = (by: number) => {
    const all = [...(root.current?.querySelectorAll("button") ?? [])];
    all[(all.indexOf(document.activeElement as HTMLButtonElement) + by + all.length) % all.length]?.focus();
  };
  return (
    <div
      ref={root}
      role="menu"
      tabIndex={-1}
      aria-label={name}
      className="fixed z-50 max-h-[80dvh] w-72 overflow-auto rounded-xl border-2 border-ink bg-card p-1 shadow-xl"
      style={{
        left: Math.max(8, Math.min(menu.x, window.innerWidth - 300)),
        top: Math.max(8, Math.min(menu.y, window.innerHeight - 60 - items.length * 46)),
      }}
      onKeyDown={(e) => {
        if (e.key === "Escape") onClose();
        else if (e.key === "ArrowDown" || e.key === "ArrowUp") {
          e.preventDefault();
          e.stopPropagation();
          step(e.key === "ArrowDown" ? 1 : -1);
        }
      }}
    >
      <div className="px-3 py-1 text-sm font-bold first-letter:uppercase">{name}</div>
      {items.map(([text, run]) => (
        <button
          key={text}
          type="button"
          role="menuitem"
          className="flex min-h-11 w-full items-center rounded-lg px-3 text-left hover:bg-slate-wash focus:bg-slate-wash"
          onClick={() => {
            onClose();
            run();
          }}
        >
          {text}
        </button>
      ))}
    </div>
  );
}
