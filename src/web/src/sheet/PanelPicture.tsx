import { useState } from "react";
import type { Schemas } from "../api/client";
import { settings } from "../api/settings";
import { Ask, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { BreakerSheet } from "./BreakerSheet";
import { keyOf, type Chosen } from "../parts/breaker";
import type { Send } from "../model/edits";
import { BreakerFacts } from "./PanelVerdicts";

const w = words.housePage;
type Head = Schemas["JobHead"];
type Panel = Schemas["Panel"];
type Breaker = Schemas["Breaker"];

/** A panel as it hangs: slots in two columns, each breaker across the slots it takes. */
export function PanelPicture({
  id,
  panel,
  head,
  legs,
  send,
}: {
  id: string;
  panel: Panel;
  head: Head;
  /** Legs of each breaker, by its key. */
  legs: Readonly<Record<string, string>>;
  send: Send;
}) {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const put = (change: Partial<Panel>) => send({ do: "putPanel", id, panel: { ...panel, ...change } });
  const breakers = panel.breakers ?? [];
  const covered = (n: number) =>
    breakers.find((b) => !b.lower && (n === b.slot || (n > b.slot && n <= b.slot + 2 * (b.poles - 1) && (n - b.slot) % 2 === 0)));
  const rows = Math.ceil(panel.slots / 2);
  const cell = (n: number) => {
    if (n > panel.slots) return null;
    const upper = covered(n);
    const lower = breakers.find((b) => b.slot === n && b.lower);
    const part = (breaker: Breaker | undefined, isLower: boolean) => (
      <button
        key={isLower ? "lower" : "upper"}
        type="button"
        data-slot={isLower ? `${n}b` : n}
        onClick={() => setChosen({ slot: breaker?.slot ?? n, lower: isLower })}
        className={`flex min-h-11 shrink-0 grow flex-wrap items-center gap-x-2 border-2 px-2 text-left
          ${breaker ? "border-ink bg-card" : "border-dashed border-rule"} ${isLower ? "-mt-0.5" : ""}`}
      >
        <span className="figure w-6 text-sm text-ink-2">
          <span className="sr-only">{w.slot} </span>
          {isLower ? <span className="sr-only">{w.lowerOf(n)}</span> : n}
        </span>
        {breaker && breaker.slot === n && <InSlot breaker={breaker} head={head} leg={legs[keyOf(breaker)] ?? ""} />}
        {breaker && breaker.slot !== n && <span className="text-sm text-ink-2">{w.samePole(breaker.slot)}</span>}
        {!breaker && <span className="text-sm text-ink-2">{isLower ? w.lowerEmpty : w.emptySlot}</span>}
      </button>
    );
    return (
      <div key={n} className="flex flex-col">
        {part(upper, false)}
        {(lower || (upper?.kind === "Tandem" && upper.slot === n)) && part(lower, true)}
      </div>
    );
  };
  const isIt = (b: Breaker) => b.slot === chosen?.slot && (b.lower ?? false) === chosen.lower;
  const there = breakers.find(isIt);
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
        key={chosen ? keyOf(chosen) : ""}
        at={chosen}
        breaker={there}
        head={head}
        facts={there && <BreakerFacts panel={panel} id={id} breaker={there} send={send} />}
        onClose={() => setChosen(null)}
        onSwitch={(on) => {
          send({ do: "switchBreaker", panel: id, ...chosen!, by: settings().who, at: new Date().toISOString(), on });
          setChosen(null);
        }}
        onPut={(b) => {
          // Another kind in the slot leaves no lower half.
          const rest = breakers.filter((x) => !isIt(x) && !(x.lower && x.slot === chosen?.slot && b?.kind !== "Tandem"));
          put({
            breakers: [...rest, ...(b ? [b] : [])].sort((x, y) => x.slot - y.slot || Number(x.lower ?? false) - Number(y.lower ?? false)),
          });
          setChosen(null);
        }}
      />
    </section>
  );
}

/** What stands in a slot, or in half of one. */
function InSlot({ breaker, head, leg }: { breaker: Breaker; head: Head; leg: string }) {
  const circuit = breaker.circuit ? head.circuits[breaker.circuit]?.name : undefined;
  return (
    <>
      <span className="figure w-9 rounded bg-ink px-1 text-center text-on-ink">{breaker.amperes ?? "?"}</span>
      <span className="min-w-20 flex-1 text-sm [overflow-wrap:anywhere]">
        {circuit ?? breaker.says ?? w.noCircuit}
        {breaker.kind && breaker.kind !== "Standard" && breaker.kind !== "Unknown" && (
          <span className="text-ink-2">, {words.breaker[breaker.kind]}</span>
        )}
      </span>
      <span className="text-sm text-ink-2">
        {leg} {breaker.on == null ? "" : breaker.on ? w.on : w.off}
        {(breaker.heldBy ?? []).length > 0 && `, ${words.hold.heldBy(breaker.heldBy ?? [])}`}
      </span>
    </>
  );
}
