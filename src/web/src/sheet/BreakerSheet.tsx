import { useState, type ReactNode } from "react";
import type { Schemas } from "../api/client";
import { Ask, Button, Choice } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { Sheet } from "../parts/Sheet";
import { words } from "../words";
import type { Chosen } from "../parts/breaker";

const w = words.housePage;
type Breaker = Schemas["Breaker"];

/** One breaker: what its handle says, what it feeds, how it lies, and "I did this". */
export function BreakerSheet({
  at,
  breaker,
  head,
  facts,
  onClose,
  onPut,
  onSwitch,
}: {
  /** The slot, or its half; null while the sheet is shut. */
  at: Chosen | null;
  breaker: Breaker | undefined;
  head: Schemas["JobHead"];
  /** What somebody saw of it. */
  facts: ReactNode;
  onClose: () => void;
  onPut: (b: Breaker | null) => void;
  onSwitch: (on: boolean | null) => void;
}) {
  const [now, setNow] = useState<Breaker>(
    breaker ?? { slot: at?.slot ?? 1, poles: 1, amperes: 15, kind: at?.lower ? "Tandem" : "Standard", lower: at?.lower ?? false },
  );
  const set = (change: Partial<Breaker>) => setNow({ ...now, ...change });
  return (
    <Sheet title={at?.lower ? w.lowerOf(at.slot) : `${w.slot} ${at?.slot ?? ""}`} open={at !== null} onClose={onClose}>
      <div className="flex flex-col gap-4">
        <Choice
          label={w.amperes}
          value={String(now.amperes ?? "")}
          onChange={(a) => set({ amperes: Number(a) })}
          options={["15", "20", "30", "40", "50", "60"].map((a) => [a, a] as const)}
        />
        {!at?.lower && (
          <>
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
          </>
        )}
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
