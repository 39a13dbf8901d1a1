import { memo, useState } from "react";
import type { BoxView, Schemas } from "../api/client";
import { newId } from "../api/client";
import { useSettings } from "../api/settings";
import { Ask, Button, Choice, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { Term } from "../parts/Term";
import { KindPicker } from "../parts/KindPicker";
import { fact, volume } from "../parts/measure";
import { boxChoices } from "../model/kinds";
import { words } from "../words";
import { answered, marked, measured, seen } from "../model/facts";
import { sameBox } from "../model/sameBox";
import { useWouldBe } from "../model/useWouldBe";
import type { BoxEdit } from "../model/useBoxEdit";

const w = words.box;

/** The box itself: kind, mark, sizes, clamps, parts on it. */
export default memo(function BoxCard({
  job,
  view,
  edit,
  catalogue,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  catalogue: Schemas["Catalogue"];
}) {
  const { units } = useSettings();
  const [kinds, setKinds] = useState(false);
  const [parts, setParts] = useState(false);
  const box = view.box;
  const asKind = useWouldBe(
    job,
    view,
    edit,
    kinds,
    catalogue.boxes.map((b) => [b.id, { do: "setBoxKind", kind: b.id }] as const),
  );
  const partKinds = catalogue.parts.filter((p) => p.fits === box.shape || p.role === "Plate" || box.shape === "Other");
  const withPart = useWouldBe(
    job,
    view,
    edit,
    parts,
    partKinds.map((p) => [p.id, { do: "addPart", id: "would-be", kind: p.id }] as const),
  );
  const markText = (mark: Schemas["FactOfVolume"]) => (mark.value == null ? "" : String(mark.value));
  return (
    <section aria-label={w.kind} className="by-itself flex flex-col gap-4 rounded-2xl border-2 border-ink bg-card p-4">
      <div className="flex items-center justify-between gap-2">
        <b>{view.kindName}</b>
        <Button onClick={() => setKinds(true)}>{w.change}</Button>
      </div>
      <div className="grid grid-cols-2 gap-3">
        <Ask
          mono
          label={`${w.mark}, in³`}
          hint={w.noMark}
          value={markText(box.mark)}
          onKeep={(text) =>
            edit.send({
              do: "setBoxMark",
              mark: marked(text),
            })
          }
        />
        <Ask
          mono
          label={w.depth}
          hint={w.lengthHint}
          value={fact(box.depth, units, "")}
          onKeep={(t) => edit.send({ do: "setBoxSize", depth: measured(t) })}
        />
        <Ask
          mono
          label={w.height}
          hint={w.lengthHint}
          value={fact(box.height, units, "")}
          onKeep={(t) => edit.send({ do: "setBoxSize", height: measured(t) })}
        />
        <Ask
          mono
          label={w.width}
          hint={w.lengthHint}
          value={fact(box.width, units, "")}
          onKeep={(t) => edit.send({ do: "setBoxSize", width: measured(t) })}
        />
      </div>
      <Choice
        label={w.clamps}
        value={box.clamps.value ?? null}
        onChange={(value) => void edit.send({ do: "setClamps", clamps: seen(value) })}
        options={Object.entries(words.clamps) as [Schemas["ClampStyle"], string][]}
      />
      <Pick
        label={w.front}
        value={view.box.noted?.box?.facts["in-front"]?.value ?? ""}
        onChange={(value: string) => void edit.send({ do: "noteFact", of: "box", key: "in-front", fact: value ? answered(value) : null })}
        options={w.fronts}
      />
      <Choice
        label={w.contents}
        value={box.contents ?? "NotOpened"}
        onChange={(contents) => void edit.send({ do: "setContents", contents })}
        options={Object.entries(words.contents) as [Schemas["Contents"], string][]}
      />
      <div>
        <h3 className="mb-1">
          <Term word="ring">{w.parts}</Term>
        </h3>
        <ul>
          {Object.entries(box.parts ?? {})
            .sort((a, b) => (a[1].order ?? 0) - (b[1].order ?? 0))
            .map(([id, part]) => {
              const name = catalogue.parts.find((p) => p.id === part.kind)?.name ?? part.kind;
              return (
                <li key={id} className="flex items-end gap-2 border-t border-rule py-2">
                  <span className="flex-1 self-center">{name}</span>
                  <div className="w-20">
                    <Ask
                      hide
                      mono
                      label={`${w.mark}, ${name}`}
                      hint="in³"
                      value={markText(part.mark)}
                      onKeep={(text) =>
                        edit.send({
                          do: "setPart",
                          id,
                          mark: marked(text),
                        })
                      }
                    />
                  </div>
                  <TakeOut name={name} onClick={() => void edit.send({ do: "removePart", id })} />
                </li>
              );
            })}
          {Object.entries(box.partitions ?? {}).map(([id, p]) => (
            <li key={id} className="flex items-center gap-2 border-t border-rule py-1">
              <span className="flex-1">
                <Term word="partition">{w.partition}</Term>, {w.gang(p.afterGang ?? 1)} | {w.gang((p.afterGang ?? 1) + 1)}
              </span>
              <TakeOut name={w.partition} onClick={() => void edit.send({ do: "removePartition", id })} />
            </li>
          ))}
        </ul>
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setParts(true)}>{w.addPart}</Button>
          {view.openGangs > 1 && Object.keys(box.partitions ?? {}).length < view.openGangs - 1 && (
            <Button
              onClick={() => {
                const taken = Object.values(box.partitions ?? {}).map((p) => p.afterGang);
                const afterGang = Array.from({ length: view.openGangs - 1 }, (_, i) => i + 1).find((g) => !taken.includes(g)) ?? 1;
                void edit.send({
                  do: "addPartition",
                  id: newId("w"),
                  afterGang,
                  material: box.material === "Metal" ? "Metal" : "Nonmetallic",
                });
              }}
            >
              {w.addPartition}
            </Button>
          )}
        </div>
      </div>
      <details>
        <summary className="min-h-8">{w.fittings}</summary>
        <div className="mt-2 grid grid-cols-2 gap-3">
          {(["studs", "hickeys"] as const).map((what) => (
            <Pick
              key={what}
              label={w[what]}
              value={String(box[what] ?? 0)}
              onChange={(n) => void edit.send({ do: "setFittings", studs: box.studs ?? 0, hickeys: box.hickeys ?? 0, [what]: Number(n) })}
              options={["0", "1", "2"].map((n) => [n, n] as const)}
            />
          ))}
          {box.material !== "Nonmetallic" && (
            <>
              <Pick
                label={w.holes}
                value={String(1 + (box.moreGroundHoles ?? 0))}
                onChange={(n) => void edit.send({ do: "setGroundingPlaces", holes: Number(n), clips: box.groundClips ?? 0 })}
                options={["1", "2", "3", "4"].map((n) => [n, n] as const)}
              />
              <Pick
                label={w.clips}
                value={String(box.groundClips ?? 0)}
                onChange={(n) => void edit.send({ do: "setGroundingPlaces", holes: 1 + (box.moreGroundHoles ?? 0), clips: Number(n) })}
                options={["0", "1", "2", "3", "4"].map((n) => [n, n] as const)}
              />
            </>
          )}
        </div>
        <ul>
          {Object.entries(box.blocks ?? {}).map(([id, block]) => (
            <li key={id} className="flex items-center gap-2 border-t border-rule py-1">
              <span className="flex-1">
                {block.name}, {block.gauge} AWG
              </span>
              <TakeOut name={block.name} onClick={() => void edit.send({ do: "removeBlock", id })} />
            </li>
          ))}
        </ul>
        <Button
          className="mt-2"
          onClick={() => void edit.send({ do: "addBlock", id: newId("t"), name: w.block.toLowerCase(), gauge: "12" })}
        >
          {w.addBlock}
        </Button>
        <div className="mt-3">
          <Ask
            mono
            label={w.printed}
            hint={w.printedHint}
            value={Object.entries(box.printedCounts ?? {})
              .map(([g, n]) => `${g}: ${n}`)
              .join(", ")}
            onKeep={(text) => {
              const counts = Object.fromEntries([...text.matchAll(/(\d+) *: *(\d+)/g)].map((m) => [m[1]!, Number(m[2])]));
              void edit.send({ do: "setPrintedCounts", counts });
            }}
          />
        </div>
      </details>
      <Ask label={w.note} hint={w.noteHint} value={box.note ?? ""} onKeep={(note) => edit.send({ do: "noteBox", note: note || null })} />
      <KindPicker
        title={w.kind}
        open={kinds}
        onClose={() => setKinds(false)}
        kinds={boxChoices(catalogue, (b) => (b.volume == null ? "" : volume(b.volume, units))).map((k) => ({ ...k, then: asKind(k.id) }))}
        onPick={(kind) => void edit.send({ do: "setBoxKind", kind })}
      />
      <KindPicker
        title={w.addPart}
        open={parts}
        onClose={() => setParts(false)}
        kinds={partKinds.map((p) => ({ id: p.id, name: p.name, right: p.volume ? volume(p.volume, units) : "", then: withPart(p.id) }))}
        onPick={(kind) => void edit.send({ do: "addPart", id: newId("p"), kind })}
      />
    </section>
  );
}, sameBox);
