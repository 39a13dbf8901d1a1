import { groundPlaceName, groundPlaces } from "../model/ground";
import { memo } from "react";
import type { BoxView, Catalogue } from "../api/client";
import { useSettings } from "../api/settings";
import { wire } from "../model/wire";
import { Mark } from "../model/Badge";
import type { BoxLive } from "../model/useLive";
import { fact } from "../parts/measure";
import { words } from "../words";
import { deviceName, jointName, leadName, sentence } from "../model/names";
import type { Sel } from "./select";

const w = words.bench;
type Line = { id: string; text: string };
type Group = { key: string; title: string; note: string; sel: Sel | null; lines: Line[] };

/** Every connection once, grouped by the joint or device it lies in: the picture as words. */
export function groupsOf(view: BoxView, catalogue: Catalogue): Group[] {
  const box = view.box;
  const groups: Group[] = [];
  const ends = [
    ...Object.entries(box.leads ?? {}).map(([id, l]) => ({ id, at: l.lands, through: (l.form ?? "Ended") !== "Ended" })),
    ...Object.entries(box.pigtails ?? {}).flatMap(([id, t]) => [
      // What goes on lies where it begins as the lead it is part of.
      ...(t.of ? [] : [{ id, at: t.from, through: false }]),
      { id, at: t.to, through: false },
    ]),
  ];
  for (const id of Object.keys(box.joints ?? {})) {
    const lines = ends.filter((e) => !e.through && e.at.joint === id).map((e) => ({ id: e.id, text: leadName(view, e.id) }));
    const connector = catalogue.connectors.find((c) => c.id === box.joints![id]!.connector)?.name ?? "?";
    groups.push({
      key: id,
      title: w.inJoint(jointName(view, id)),
      note: `${connector}, ${words.box.holds(lines.length)}`,
      sel: { kind: "joint", id },
      lines,
    });
  }
  for (const [id, device] of Object.entries(box.devices ?? {})) {
    const kind = catalogue.devices.find((k) => k.id === device.kind);
    const terminals = (kind?.terminals ?? []).flatMap((t) =>
      ends
        .filter((e) => !e.through && e.at.device === id && e.at.at === "Terminal" && e.at.place?.split("/")[0] === t.id)
        .map((e) => ({ id: e.id, text: `${t.name}: ${leadName(view, e.id)}` })),
    );
    const dead = view.cutOffWithout[id] ?? [];
    groups.push({
      key: id,
      title: deviceName(view, id),
      note:
        dead.length > 0 ? `${w.cutOffWithout} ${dead.map((run) => view.cables.find((c) => c.run === run)?.says ?? run).join(", ")}` : "",
      sel: { kind: "device", id },
      lines: terminals,
    });
  }
  const rest = (key: string, title: string, test: (e: (typeof ends)[number]) => boolean) => {
    const lines = ends.filter(test).map((e) => ({ id: e.id, text: e.through ? sentence(view, e.id) : leadName(view, e.id) }));
    if (lines.length > 0) groups.push({ key, title, note: "", sel: null, lines });
  };
  for (const place of groundPlaces(view.box))
    rest(
      place ?? "screw",
      place === null ? w.bondingScrew : groundPlaceName(place),
      (e) => !e.through && e.at.at === "BondingScrew" && (e.at.place ?? null) === place,
    );
  rest("through", w.unbroken, (e) => e.through);
  rest("cap", words.landing.Cap, (e) => !e.through && e.at.at === "Cap");
  rest("loose", words.landing.Loose, (e) => !e.through && e.at.at === "Loose");
  rest("unknown", words.landing.Unknown, (e) => !e.through && e.at.at === "Unknown");
  return groups;
}

/** The colour of a strand with its band of tape. */
const banded = (colour: string, tape: string | null | undefined) =>
  tape ? `linear-gradient(90deg, ${colour} 55%, ${tape} 55% 80%, ${colour} 80%)` : colour;

/** The box as a list of strands, grouped by joint and terminal. */
export const StrandList = memo(function StrandList({
  view,
  catalogue,
  lit,
  sel,
  live,
  onSelect,
}: {
  view: BoxView;
  catalogue: Catalogue;
  lit: readonly string[];
  sel: Sel | null;
  /** What is expected of it with the power on; null while nobody looks. */
  live: BoxLive | null;
  onSelect: (sel: Sel) => void;
}) {
  const { units } = useSettings();
  const groups = groupsOf(view, catalogue);
  return (
    <section aria-label={words.box.cables} className="by-itself">
      <h2 className="mb-1 text-lg">{words.box.cables}</h2>
      {groups.length === 0 && <p className="text-ink-2">{view.box.contents === "NotOpened" ? w.notOpened : w.noCables}</p>}
      <div className="columns-1 gap-6 md:max-lg:columns-2">
        {groups.map((g) => (
          <div key={g.key} className="mb-4 break-inside-avoid">
            <button
              type="button"
              disabled={!g.sel}
              onClick={() => g.sel && onSelect(g.sel)}
              aria-pressed={sel !== null && sel.id === g.key}
              className={`flex min-h-11 w-full flex-wrap items-center gap-x-3 rounded-lg border-b-2 border-ink px-2 text-left
                ${sel?.id === g.key ? "bg-slate-wash" : ""}`}
            >
              <b className="first-letter:uppercase">{g.title}</b>
              <span className="text-sm text-ink-2">{g.note}</span>
              <Mark point={live?.joints[g.key]} />
            </button>
            <ul>
              {g.lines.map((l, i) => {
                const strand = view.box.leads?.[l.id] ?? view.box.pigtails?.[l.id];
                const taped = view.box.leads?.[l.id]?.markedAs;
                const on = lit.includes(l.id) || sel?.id === l.id;
                return (
                  <li key={`${l.id}${i}`}>
                    <button
                      type="button"
                      data-line={l.id}
                      data-says={sentence(view, l.id)}
                      aria-pressed={on}
                      onClick={() => onSelect({ kind: "strand", id: l.id })}
                      className={`flex min-h-11 w-full items-center gap-2 rounded-lg border-b border-rule px-2 text-left
                        ${on ? "bg-slate-wash outline-2 -outline-offset-2 outline-slate" : ""}`}
                    >
                      <span
                        className="h-2.5 w-9 shrink-0 rounded-full border-[1.5px]"
                        style={{ background: banded(wire(strand?.colour ?? ""), taped && wire(taped)), borderColor: "var(--w-edge)" }}
                        aria-hidden
                      />
                      <span className="flex flex-1 flex-col py-0.5">
                        <span>
                          {l.text}
                          {taped && <span className="text-sm text-ink-2">, {w.taped(taped)}</span>}
                        </span>
                        <Mark point={live?.strands[l.id]} />
                      </span>
                      <span className="figure text-sm text-ink-2">
                        {strand?.gauge ?? "?"} AWG, {fact(strand?.length, units, "? in")}
                      </span>
                    </button>
                  </li>
                );
              })}
              {g.lines.length === 0 && <li className="px-2 py-2 text-sm text-ink-2">{words.box.notLanded}</li>}
            </ul>
          </div>
        ))}
      </div>
    </section>
  );
});
