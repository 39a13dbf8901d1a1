import { useState, type ReactNode } from "react";
import { newId, type Schemas } from "../api/client";
import { useSupply } from "../api/job";
import { settings } from "../api/settings";
import { Ask, Button, Choice, Pick, Sheet, TakeOut } from "../parts/controls";
import { words } from "../words";
import { CircuitCard } from "./CircuitCard";
import { NewOne, type Send } from "./House";
import { BreakerFacts, PanelVerdicts } from "./PanelVerdicts";

const w = words.housePage;
type Head = Schemas["JobHead"];
type Panel = Schemas["Panel"];
type Breaker = Schemas["Breaker"];

/** Sources, panels with their breakers in their slots, and circuits. */
export function Supply({ job, head, send }: { job: string; head: Head; send: Send }) {
  const supply = useSupply(job).data;
  return (
    <div className="flex flex-col gap-8">
      <section>
        <h2 className="mb-2 text-xl">{w.sources}</h2>
        <p className="mb-2 text-sm text-ink-2">{w.sourcesHow}</p>
        <ul>
          {Object.entries(head.sources).map(([id, source]) => {
            const put = (change: Partial<Schemas["Source"]>) => send({ do: "putSource", id, source: { ...source, ...change } });
            return (
              <li key={id} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
                <div className="min-w-36 flex-1">
                  <Ask hide quiet label={`${w.source}: ${source.name}`} value={source.name} onKeep={(name) => name && put({ name })} />
                </div>
                <div className="w-40">
                  <Pick
                    hide
                    quiet
                    label={`${w.kind}, ${source.name}`}
                    value={source.kind}
                    onChange={(kind) => put({ kind })}
                    options={Object.entries(words.source) as [Schemas["SourceKind"], string][]}
                  />
                </div>
                <div className="w-52">
                  <Pick
                    hide
                    quiet
                    label={`${w.system}, ${source.name}`}
                    value={source.system ?? "SplitPhase"}
                    onChange={(system) => put({ system })}
                    options={Object.entries(words.system) as [Schemas["SupplySystem"], string][]}
                  />
                </div>
                <TakeOut verb={words.remove} name={source.name} onClick={() => send({ do: "removeSource", id })} />
              </li>
            );
          })}
        </ul>
        <NewOne label={w.newSource} onName={(name) => send({ do: "putSource", id: newId("s"), source: { name, kind: "Service" } })} />
      </section>
      {Object.entries(head.panels).map(([id, panel]) => (
        <div key={id}>
          <PanelPicture id={id} panel={panel} head={head} legs={supply?.panels.find((p) => p.id === id)?.legs ?? {}} send={send} />
          <PanelVerdicts job={job} panel={panel} view={supply?.panels.find((p) => p.id === id)} send={send} />
        </div>
      ))}
      <NewOne
        label={w.newPanel}
        onName={(name) => send({ do: "putPanel", id: newId("l"), panel: { name, system: "SplitPhase", slots: 20, breakers: [] } })}
      />
      <section>
        <h2 className="mb-2 text-xl">{w.circuits}</h2>
        <ul className="flex flex-col gap-2">
          {Object.entries(head.circuits).map(([id, circuit]) => (
            <CircuitCard key={id} job={job} id={id} circuit={circuit} view={supply?.circuits.find((c) => c.id === id)} send={send} />
          ))}
        </ul>
        <NewOne label={w.newCircuit} onName={(name) => send({ do: "putCircuit", id: newId("c"), circuit: { name } })} />
      </section>
    </div>
  );
}

/** A panel as it hangs: slots in two columns, each breaker across the slots it takes. */
function PanelPicture({
  id,
  panel,
  head,
  legs,
  send,
}: {
  id: string;
  panel: Panel;
  head: Head;
  /** Legs of each breaker, by its slot. */
  legs: Readonly<Record<string, string>>;
  send: Send;
}) {
  const [slot, setSlot] = useState<number | null>(null);
  const put = (change: Partial<Panel>) => send({ do: "putPanel", id, panel: { ...panel, ...change } });
  const breakers = panel.breakers ?? [];
  const covered = (n: number) =>
    breakers.find((b) => n === b.slot || (n > b.slot && n <= b.slot + 2 * (b.poles - 1) && (n - b.slot) % 2 === 0));
  const rows = Math.ceil(panel.slots / 2);
  const cell = (n: number) => {
    if (n > panel.slots) return null;
    const breaker = covered(n);
    const first = breaker?.slot === n;
    const circuit = breaker?.circuit ? head.circuits[breaker.circuit]?.name : undefined;
    const says = breaker ? (circuit ?? breaker.says ?? w.noCircuit) : w.emptySlot;
    return (
      <button
        key={n}
        type="button"
        data-slot={n}
        onClick={() => setSlot(breaker?.slot ?? n)}
        className={`flex min-h-11 flex-wrap items-center gap-x-2 border-2 px-2 text-left ${breaker ? "border-ink bg-card" : "border-dashed border-rule"}`}
      >
        <span className="figure w-6 text-sm text-ink-2">
          <span className="sr-only">{w.slot} </span>
          {n}
        </span>
        {breaker && first && (
          <>
            <span className="figure w-9 rounded bg-ink px-1 text-center text-on-ink">{breaker.amperes ?? "?"}</span>
            <span className="min-w-20 flex-1 text-sm [overflow-wrap:anywhere]">
              {says}
              {breaker.kind && breaker.kind !== "Standard" && breaker.kind !== "Unknown" && (
                <span className="text-ink-2">, {words.breaker[breaker.kind]}</span>
              )}
            </span>
            <span className="text-sm text-ink-2">
              {legs[String(breaker.slot)]} {breaker.on == null ? "" : breaker.on ? w.on : w.off}
              {(breaker.heldBy ?? []).length > 0 && `, ${words.hold.heldBy(breaker.heldBy ?? [])}`}
            </span>
          </>
        )}
        {breaker && !first && <span className="text-sm text-ink-2">{w.samePole(breaker.slot)}</span>}
        {!breaker && <span className="text-sm text-ink-2">{w.emptySlot}</span>}
      </button>
    );
  };
  return (
    <section aria-label={panel.name}>
      <div className="mb-2 flex flex-wrap items-end gap-3">
        <div className="min-w-48 flex-1 text-xl font-bold">
          <Ask hide quiet label={`${w.panel}: ${panel.name}`} value={panel.name} onKeep={(name) => name && put({ name })} />
        </div>
        <div className="w-24">
          <Ask
            mono
            label={w.main}
            value={panel.mainAmperes == null ? "" : String(panel.mainAmperes)}
            onKeep={(t) => put({ mainAmperes: t === "" || Number.isNaN(Number(t)) ? null : Number(t) })}
          />
        </div>
        <div className="w-20">
          <Ask mono label={w.slots} value={String(panel.slots)} onKeep={(t) => Number(t) > 0 && put({ slots: Math.trunc(Number(t)) })} />
        </div>
        <div className="w-52">
          <Pick
            label={w.system}
            value={panel.system}
            onChange={(system) => put({ system })}
            options={Object.entries(words.system) as [Schemas["SupplySystem"], string][]}
          />
        </div>
        <div className="w-36">
          <Pick
            label={w.fedFrom}
            value={panel.source ?? ""}
            onChange={(source) => put({ source: source || null })}
            options={[["", words.box.dunno] as const, ...Object.entries(head.sources).map(([s, x]) => [s, x.name] as const)]}
          />
        </div>
      </div>
      <div className="grid auto-cols-[minmax(0,1fr)] grid-flow-col gap-x-3 gap-y-1" style={{ gridTemplateRows: `repeat(${rows}, auto)` }}>
        {Array.from({ length: rows }, (_, i) => cell(2 * i + 1))}
        {Array.from({ length: rows }, (_, i) => cell(2 * i + 2))}
      </div>
      <TakeOut verb={words.remove} name={panel.name} onClick={() => send({ do: "removePanel", id })} />
      <BreakerSheet
        key={slot ?? 0}
        slot={slot}
        breaker={breakers.find((b) => b.slot === slot)}
        head={head}
        facts={slot !== null && breakers.some((b) => b.slot === slot) && <BreakerFacts panel={panel} id={id} slot={slot} send={send} />}
        onClose={() => setSlot(null)}
        onSwitch={(on) => {
          send({ do: "switchBreaker", panel: id, slot, by: settings().who, at: new Date().toISOString(), on });
          setSlot(null);
        }}
        onPut={(b) => {
          put({ breakers: [...breakers.filter((x) => x.slot !== slot), ...(b ? [b] : [])].sort((x, y) => x.slot - y.slot) });
          setSlot(null);
        }}
      />
    </section>
  );
}

function BreakerSheet({
  slot,
  breaker,
  head,
  facts,
  onClose,
  onPut,
  onSwitch,
}: {
  slot: number | null;
  breaker: Breaker | undefined;
  head: Head;
  /** What somebody saw of it. */
  facts: ReactNode;
  onClose: () => void;
  onPut: (b: Breaker | null) => void;
  onSwitch: (on: boolean | null) => void;
}) {
  const [now, setNow] = useState<Breaker>(breaker ?? { slot: slot ?? 1, poles: 1, amperes: 15, kind: "Standard" });
  const set = (change: Partial<Breaker>) => setNow({ ...now, ...change });
  return (
    <Sheet title={`${w.slot} ${slot ?? ""}`} open={slot !== null} onClose={onClose}>
      <div className="flex flex-col gap-4">
        <Choice
          label={w.amperes}
          value={String(now.amperes ?? "")}
          onChange={(a) => set({ amperes: Number(a) })}
          options={["15", "20", "30", "40", "50", "60"].map((a) => [a, a] as const)}
        />
        <Choice
          label={w.poles}
          value={String(now.poles)}
          onChange={(p) => set({ poles: Number(p) })}
          options={["1", "2"].map((p) => [p, p] as const)}
        />
        <Choice
          label={w.kind}
          value={now.kind ?? "Unknown"}
          onChange={(kind) => set({ kind })}
          options={Object.entries(words.breaker) as [Schemas["BreakerKind"], string][]}
        />
        <Pick
          label={w.circuit}
          value={now.circuit ?? ""}
          onChange={(circuit) => set({ circuit: circuit || null })}
          options={[["", w.noCircuit] as const, ...Object.entries(head.circuits).map(([c, x]) => [c, x.name] as const)]}
        />
        <Ask label={w.written} value={now.says ?? ""} onKeep={(says) => set({ says: says || null })} />
        <Choice
          label={w.handle}
          value={now.on == null ? "unknown" : now.on ? "on" : "off"}
          onChange={(v) => set({ on: v === "unknown" ? null : v === "on" })}
          options={[
            ["unknown", w.notLooked],
            ["on", w.on],
            ["off", w.off],
          ]}
        />
        <div className="flex flex-wrap gap-3">
          <Button look="main" onClick={() => onPut(now)}>
            {words.keep}
          </Button>
          {breaker && <Button onClick={() => onPut(null)}>{w.takeBreaker}</Button>}
        </div>
        {breaker && (
          <fieldset className="rounded-xl border-2 border-rule p-3">
            <legend className="px-1 font-semibold">{words.hold.did}</legend>
            <p className="mb-2 text-sm text-ink-2">
              {words.hold.didHow} {(breaker.heldBy ?? []).length > 0 && words.hold.heldBy(breaker.heldBy ?? [])}
            </p>
            <div className="flex flex-wrap gap-2">
              <Button onClick={() => onSwitch(false)}>{words.hold.off}</Button>
              <Button onClick={() => onSwitch(null)}>{words.hold.letGo}</Button>
              <Button onClick={() => onSwitch(true)}>{words.hold.on}</Button>
            </div>
          </fieldset>
        )}
        {facts}
        <p className="text-sm text-ink-2">{w.licensed}</p>
      </div>
    </Sheet>
  );
}
