import { Trash2 } from "lucide-react";
import { newId, type BoxView } from "../api/client";
import { useSettings } from "../api/settings";
import { Ask, Button, Pick, Term } from "../parts/controls";
import { fact } from "../parts/measure";
import { words } from "../words";
import { measured } from "./BoxCard";
import { jointName, keyOf, landingOf, places, wire, type Catalogue } from "./landing";
import type { BoxEdit } from "./useBoxEdit";

const w = words.box;

/** Joints as knots with their connector and count, and the pigtails that hang from them. */
export function Joints({ view, edit, catalogue }: { view: BoxView; edit: BoxEdit; catalogue: Catalogue }) {
  const { units } = useSettings();
  const box = view.box;
  const joints = Object.entries(box.joints ?? {});
  const tails = Object.entries(box.pigtails ?? {});
  const all = places(box, catalogue);
  return (
    <section aria-label={w.joints} className="flex flex-col gap-3">
      <h2 className="text-xl">
        <Term word="joint">{w.joints}</Term>
      </h2>
      {joints.length === 0 && <p className="text-ink-2">{w.noJoints}</p>}
      <ul className="grid gap-3 md:grid-cols-2">
        {joints.map(([id, joint]) => {
          const colours = [
            ...Object.values(box.leads ?? {}).filter((l) => l.lands.joint === id),
            ...tails.flatMap(([, t]) => [t.from, t.to].filter((e) => e.joint === id).map(() => t)),
          ].map((l) => l.colour);
          return (
            <li key={id} className="rounded-2xl border-2 border-rule bg-card p-3">
              <div className="flex items-center gap-2">
                <svg width="56" height="40" viewBox="0 0 56 40" aria-hidden>
                  {colours.slice(0, 6).map((c, i) => {
                    const y = 20 + (i - (Math.min(6, colours.length) - 1) / 2) * 6;
                    return (
                      <g key={i}>
                        <path d={`M0 ${y} C14 ${y} 18 20 30 20`} fill="none" stroke="var(--w-edge)" strokeWidth="5.5" />
                        <path d={`M0 ${y} C14 ${y} 18 20 30 20`} fill="none" stroke={wire(c)} strokeWidth="3.2" />
                      </g>
                    );
                  })}
                  <path d="M26 9 L48 14 Q55 20 48 26 L26 31 Z" fill="var(--band-device)" stroke="var(--ink)" strokeWidth="2" />
                </svg>
                <div className="min-w-0 flex-1">
                  <Ask
                    hide
                    label={w.jointName}
                    hint={jointName(box, id)}
                    value={joint.name ?? ""}
                    onKeep={(name) =>
                      void edit.send({ do: "setJoint", id, connector: joint.connector, name: name || null, space: joint.space ?? 0 })
                    }
                  />
                </div>
                <Button
                  look="quiet"
                  onClick={() => void edit.send({ do: "removeJoint", id })}
                  aria-label={`${w.openJoint}: ${jointName(box, id)}`}
                >
                  {w.openJoint}
                </Button>
              </div>
              <div className="mt-2 flex flex-wrap items-center gap-2">
                <div className="min-w-44 flex-1">
                  <Pick
                    hide
                    label={`${w.connector}: ${jointName(box, id)}`}
                    value={joint.connector}
                    onChange={(connector) =>
                      void edit.send({ do: "setJoint", id, connector, name: joint.name ?? null, space: joint.space ?? 0 })
                    }
                    options={catalogue.connectors.map((c) => [c.id, c.name] as const)}
                  />
                </div>
                <span className="text-sm">{w.holds(colours.length)}</span>
                <Button
                  onClick={() =>
                    void edit.send({ do: "addPigtail", id: newId("g"), from: { at: "Joint", joint: id }, to: { at: "Loose" } })
                  }
                >
                  {w.addPigtail}
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      {tails.length > 0 && (
        <>
          <h3>
            <Term word="pigtail">{w.pigtails}</Term>
          </h3>
          <ul className="flex flex-col gap-1">
            {tails.map(([id, tail]) => (
              <li key={id} className="flex flex-wrap items-center gap-2 rounded-xl border-2 border-rule bg-card p-2">
                <span
                  className="h-3 w-8 rounded-full border-[1.5px]"
                  style={{ background: wire(tail.colour), borderColor: "var(--w-edge)" }}
                  aria-hidden
                />
                <span className="text-sm">
                  {tail.colour} <span className="figure">{tail.gauge ?? "?"}</span>
                </span>
                <div className="min-w-40 flex-1">
                  <Pick
                    hide
                    label={`${tail.colour}, 1`}
                    value={keyOf(tail.from)}
                    onChange={(to) => void edit.send({ do: "landPigtail", id, farEnd: false, to: landingOf(to) })}
                    options={all}
                  />
                </div>
                <div className="min-w-40 flex-1">
                  <Pick
                    hide
                    label={`${tail.colour}, 2`}
                    value={keyOf(tail.to)}
                    onChange={(to) => void edit.send({ do: "landPigtail", id, farEnd: true, to: landingOf(to) })}
                    options={all}
                  />
                </div>
                <div className="w-24">
                  <Ask
                    hide
                    mono
                    label={`${w.length}: ${tail.colour}`}
                    hint={w.length}
                    value={fact(tail.length, units, "")}
                    onKeep={(t) =>
                      void edit.send({
                        do: "setPigtail",
                        id,
                        gauge: tail.gauge ?? null,
                        colour: tail.colour,
                        length: measured(t),
                        use: tail.use ?? "Unknown",
                        stranded: tail.stranded ?? false,
                      })
                    }
                  />
                </div>
                <button
                  type="button"
                  aria-label={`${w.takeOut}: ${tail.colour}`}
                  className="grid size-11 place-items-center"
                  onClick={() => void edit.send({ do: "removePigtail", id })}
                >
                  <Trash2 size={18} aria-hidden />
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
