import { useState } from "react";
import { newId, type BoxView } from "../api/client";
import { useSettings } from "../api/settings";
import { Button, Pick } from "../parts/controls";
import { KindPicker } from "../parts/KindPicker";
import { words } from "../words";
import { deviceName, wire, type Catalogue } from "./landing";
import { length } from "../parts/measure";
import type { BoxEdit } from "./useBoxEdit";

const w = words.box;

/** Devices as they stand in the opening, with what lands on each terminal. */
export function Devices({ view, edit, catalogue }: { view: BoxView; edit: BoxEdit; catalogue: Catalogue }) {
  const { units } = useSettings();
  const [adding, setAdding] = useState(false);
  const [swapping, setSwapping] = useState<string | null>(null);
  const box = view.box;
  const devices = Object.entries(box.devices ?? {}).sort((a, b) => (a[1].gang ?? 0) - (b[1].gang ?? 0));
  const wide = (kind: string) => catalogue.devices.find((d) => d.id === kind)?.gangsWide ?? 1;
  const free = () => {
    const taken = devices.flatMap(([, d]) => Array.from({ length: Math.max(1, wide(d.kind)) }, (_, i) => (d.gang ?? 0) + i));
    return Array.from({ length: Math.max(1, view.openGangs) }, (_, i) => i + 1).find((g) => !taken.includes(g)) ?? 1;
  };
  const kinds = catalogue.devices.map((d) => ({ id: d.id, name: d.name, right: d.yoke ? length(d.depth, units) : "" }));
  const landed = (device: string, terminal: string) =>
    [
      ...Object.values(box.leads ?? {}).map((l) => ({ colour: l.colour, on: [l.lands] })),
      ...Object.values(box.pigtails ?? {}).map((t) => ({ colour: t.colour, on: [t.from, t.to] })),
    ].filter((l) => l.on.some((p) => p.device === device && p.place?.split("/")[0] === terminal));
  return (
    <section aria-label={w.devices} className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-xl">{w.devices}</h2>
        <Button onClick={() => setAdding(true)}>{w.addDevice}</Button>
      </div>
      {devices.length === 0 && <p className="text-ink-2">{w.noDevices}</p>}
      <ul className="grid gap-3 md:grid-cols-2">
        {devices.map(([id, device]) => {
          const kind = catalogue.devices.find((d) => d.id === device.kind);
          const tabs = [...new Set((kind?.terminals ?? []).filter((t) => t.half).map((t) => t.id.replace(/-(upper|lower)$/, "")))];
          return (
            <li key={id} className="rounded-2xl border-2 border-ink bg-card p-3">
              <div className="flex flex-wrap items-center gap-2">
                <b className="flex-1">{deviceName(box, catalogue, id)}</b>
                {(device.gang ?? 0) > 0 && view.openGangs > 1 ? (
                  <div className="w-28">
                    <Pick
                      hide
                      label={deviceName(box, catalogue, id)}
                      value={String(device.gang)}
                      onChange={(g) => void edit.send({ do: "moveDevice", id, gang: Number(g) })}
                      options={Array.from({ length: view.openGangs }, (_, i) => [String(i + 1), w.gang(i + 1)] as const)}
                    />
                  </div>
                ) : (
                  <span className="text-sm text-ink-2">{(device.gang ?? 0) > 0 ? "" : w.onCanopy}</span>
                )}
              </div>
              <ul className="my-2">
                {(kind?.terminals ?? []).map((t) => {
                  const here = landed(id, t.id);
                  const brass = /Hot|Common|Switched|Traveler/.test(t.role);
                  return (
                    <li key={t.id} className="flex min-h-8 items-center gap-2 text-sm">
                      <span
                        className="size-4 rounded-full border-2 border-ink"
                        style={{ background: t.role === "Ground" ? "#4e9a48" : brass ? "#d8b25a" : "#d5d8da" }}
                        aria-hidden
                      />
                      <span>{t.name}</span>
                      <span className="ml-auto flex items-center gap-1">
                        {here.map((l, i) => (
                          <span key={i} className="inline-flex items-center gap-1">
                            <span
                              className="h-2.5 w-5 rounded-full border"
                              style={{ background: wire(l.colour), borderColor: "var(--w-edge)" }}
                              aria-hidden
                            />
                            {l.colour}
                          </span>
                        ))}
                        {here.length === 0 && <span className="text-ink-2">{w.notLanded}</span>}
                      </span>
                    </li>
                  );
                })}
              </ul>
              <div className="flex flex-wrap gap-2">
                {tabs.map((t) => {
                  const broken = device.brokenTabs?.includes(t) ?? false;
                  return (
                    <Button
                      key={t}
                      aria-pressed={broken}
                      onClick={() =>
                        void edit.send({
                          do: "setDevice",
                          id,
                          brokenTabs: broken ? (device.brokenTabs ?? []).filter((x) => x !== t) : [...(device.brokenTabs ?? []), t],
                        })
                      }
                    >
                      {w.tab(t)}: {broken ? w.broken : w.whole}
                    </Button>
                  );
                })}
                <Button onClick={() => setSwapping(id)} aria-label={`${w.swap}: ${deviceName(box, catalogue, id)}`}>
                  {w.swap}
                </Button>
                <Button
                  look="quiet"
                  onClick={() => void edit.send({ do: "removeDevice", id })}
                  aria-label={`${w.takeOut}: ${deviceName(box, catalogue, id)}`}
                >
                  {w.takeOut}
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      <KindPicker
        title={w.addDevice}
        open={adding}
        onClose={() => setAdding(false)}
        kinds={kinds}
        onPick={(kind) => void edit.send({ do: "addDevice", id: newId("d"), kind, gang: wide(kind) === 0 ? 0 : free() })}
      />
      <KindPicker
        title={w.swap}
        open={swapping !== null}
        onClose={() => setSwapping(null)}
        kinds={kinds}
        onPick={(kind) => void edit.send({ do: "swapDevice", id: swapping, kind })}
      />
    </section>
  );
}
