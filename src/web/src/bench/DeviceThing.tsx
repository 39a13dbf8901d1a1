import { useState } from "react";
import { newId, type BoxView, type Catalogue, type Schemas } from "../api/client";
import { useSettings, type Units } from "../api/settings";
import { measured } from "../model/facts";
import { deviceName } from "../model/names";
import type { BoxEdit } from "../model/useBoxEdit";
import { useWouldBe } from "../model/useWouldBe";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { KindPicker } from "../parts/KindPicker";
import { fact, length } from "../parts/measure";
import { deviceChoices } from "../model/kinds";
import { groundPlaceName, groundPlaces } from "../model/ground";
import { words } from "../words";

const w = words.box;

/** Kinds of devices to pick one from, with their depth behind the yoke. */
const kindsOf = (catalogue: Catalogue, units: Units) => deviceChoices(catalogue, (d) => (d.yoke ? length(d.depth, units) : ""));

/** A device chosen: its gang, tabs, size, turning it over, swapping it, taking it out. */
export function DeviceThing({
  job,
  view,
  catalogue,
  id,
  edit,
  onWire,
}: {
  job: string;
  view: BoxView;
  catalogue: Catalogue;
  id: string;
  edit: BoxEdit;
  /** A piece of wire is to begin here. */
  onWire: (from: Schemas["Landing"], name: string) => void;
}) {
  const { units } = useSettings();
  const [swapping, setSwapping] = useState(false);
  const device = view.box.devices?.[id];
  const kind = catalogue.devices.find((d) => d.id === device?.kind);
  const name = deviceName(view, id);
  const asKind = useWouldBe(
    job,
    view,
    edit,
    swapping,
    catalogue.devices.map((d) => [d.id, { do: "swapDevice", id, kind: d.id }] as const),
  );
  const tabs = [...new Set((kind?.terminals ?? []).filter((t) => t.half).map((t) => t.id.replace(/-(upper|lower)$/, "")))];
  if (!device) return null;
  return (
    <>
      <div className="mb-3 flex flex-wrap gap-2">
        <Button look="main" onClick={() => setSwapping(true)} aria-label={`${w.swap}: ${name}`}>
          {w.swap}
        </Button>
        {kind?.yoke && (
          <Button aria-pressed={device.turned ?? false} onClick={() => void edit.send({ do: "setDevice", id, turned: !device.turned })}>
            {words.bench.turnOver}
          </Button>
        )}
        {tabs.map((t) => {
          const broken = device.brokenTabs?.includes(t) ?? false;
          const rest = (device.brokenTabs ?? []).filter((x) => x !== t);
          return (
            <Button
              key={t}
              aria-pressed={broken}
              onClick={() => void edit.send({ do: "setDevice", id, brokenTabs: broken ? rest : [...rest, t] })}
            >
              {w.tab(t)}: {broken ? w.broken : w.whole}
            </Button>
          );
        })}
        <Button look="quiet" onClick={() => void edit.send({ do: "removeDevice", id })} aria-label={`${w.takeOut}: ${name}`}>
          {w.takeOut}
        </Button>
      </div>
      <div className="grid grid-cols-2 gap-2 text-sm sm:grid-cols-[repeat(auto-fit,minmax(8rem,1fr))]">
        <Ask
          label={w.jointName}
          hint={kind?.name ?? ""}
          value={device.name ?? ""}
          onKeep={(n) => edit.send({ do: "setDevice", id, name: n })}
        />
        {(device.gang ?? 0) > 0 && view.openGangs > 1 && (
          <Pick
            label={words.bench.stands}
            value={String(device.gang)}
            onChange={(g) => void edit.send({ do: "moveDevice", id, gang: Number(g) })}
            options={Array.from({ length: view.openGangs }, (_, i) => [String(i + 1), w.gang(i + 1)] as const)}
          />
        )}
        <Ask
          mono
          label={words.bench.behind}
          hint="1 1/8"
          value={fact(device.depth, units, "")}
          onKeep={(t) => edit.send({ do: "setDevice", id, depth: measured(t) })}
        />
        <Ask
          mono
          label={w.width}
          hint="1 3/8"
          value={fact(device.width, units, "")}
          onKeep={(t) => edit.send({ do: "setDevice", id, width: measured(t) })}
        />
      </div>
      <details className="mt-2">
        <summary className="min-h-8 text-sm underline underline-offset-4">{words.bench.wireHere}</summary>
        <div className="flex flex-wrap gap-1.5 pt-1">
          {(kind?.terminals ?? []).map((t) => (
            <Button
              key={t.id}
              onClick={() => onWire({ at: "Terminal", joint: null, device: id, place: t.landings[0]!.id }, `${t.name}, ${name}`)}
            >
              {t.name}
            </Button>
          ))}
          {view.box.material !== "Nonmetallic" &&
            groundPlaces(view.box).map((place) => (
              <Button key={place} onClick={() => onWire({ at: "BondingScrew", joint: null, device: null, place }, groundPlaceName(place))}>
                {groundPlaceName(place)}
              </Button>
            ))}
        </div>
      </details>
      <KindPicker
        title={w.swap}
        open={swapping}
        onClose={() => setSwapping(false)}
        kinds={kindsOf(catalogue, units).map((k) => ({ ...k, then: asKind(k.id) }))}
        onPick={(k) => void edit.send({ do: "swapDevice", id, kind: k })}
      />
    </>
  );
}

/** A device put into the first gang that is free. */
export function AddDevice({ catalogue, edit, open, onClose }: { catalogue: Catalogue; edit: BoxEdit; open: boolean; onClose: () => void }) {
  const { units } = useSettings();
  return (
    <KindPicker
      title={w.addDevice}
      open={open}
      onClose={onClose}
      kinds={kindsOf(catalogue, units)}
      onPick={(kind) => void edit.send({ do: "addDevice", id: newId("d"), kind })}
    />
  );
}
