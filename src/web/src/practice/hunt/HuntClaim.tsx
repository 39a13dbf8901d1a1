import { useState } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../parts/controls";
import { Pick } from "../../parts/Pick";
import { huntWords as w } from "../../words/hunt";

/** What somebody says it is: a box, and one of the faults that can be there. */
export function HuntClaim({ told, busy, onClaim }: { told: Schemas["ToldHunt"]; busy: boolean; onClaim: (fault: string) => void }) {
  const [box, setBox] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const here = told.faults.filter((f) => box !== null && f.at.includes(box));
  return (
    <section aria-label={w.sayIt} className="flex flex-col gap-2 rounded-2xl border-2 border-ink bg-card p-3">
      <h2 className="text-lg">{w.sayIt}</h2>
      <Pick
        label={w.where}
        value={box}
        empty={w.choose}
        options={told.boxes.map((b) => [b.id, b.name] as const)}
        onChange={(to: string) => {
          setBox(to);
          setFault(null);
        }}
      />
      {box !== null && (
        <Pick
          label={w.what}
          value={fault}
          empty={w.choose}
          options={here.map((f) => [f.key, f.says] as const)}
          onChange={(to: string) => setFault(to)}
        />
      )}
      <Button look="main" disabled={busy || fault === null} onClick={() => fault !== null && onClaim(fault)}>
        {w.thatIsIt}
      </Button>
    </section>
  );
}
