import { useState } from "react";
import { Button } from "../parts/controls";
import { troubleWords as w } from "../words/trouble";
import type { Schemas } from "../api/client";

type Look = Schemas["ToldLook"];
export type Seen = { shows: Schemas["SeenCase"]; value?: number | null };

/** What a look showed: a key for each thing it can show, or a figure. */
export function Answers({ look, onSeen }: { look: Look; onSeen: (seen: Seen) => void }) {
  const [volts, setVolts] = useState("");
  const value = Number(volts.replace(",", "."));
  const good = volts.trim() !== "" && Number.isFinite(value) && value >= 0;
  return (
    <div className="flex flex-wrap items-center gap-2">
      {look.figure && (
        <form
          className="flex items-center gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            if (good) onSeen({ shows: "Figure", value });
            setVolts("");
          }}
        >
          <input
            aria-label={w.figure}
            placeholder="V"
            inputMode="decimal"
            className="figure min-h-12 w-24 rounded-xl border-2 border-rule bg-card px-3 text-xl"
            value={volts}
            onChange={(e) => setVolts(e.target.value)}
          />
          {volts.trim() !== "" && (
            <Button type="submit" disabled={!good}>
              {w.keep}
            </Button>
          )}
        </form>
      )}
      {look.answers.map((a) => (
        <Button key={a.case} className="min-h-12" onClick={() => onSeen({ shows: a.case })}>
          {a.says}
        </Button>
      ))}
    </div>
  );
}
