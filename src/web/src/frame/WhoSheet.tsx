import { useState } from "react";
import { useAsking } from "../api/who";
import { Button } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { words } from "../words";

const w = words.who;

/** Asks once who works at this screen: the log, holds and proofs of dead are of a person. */
export default function WhoSheet() {
  const asking = useAsking();
  const [name, setName] = useState("");
  const said = name.trim();
  return (
    <Sheet title={w.title} open={asking !== null} onClose={() => asking?.nobody()}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (said) asking?.known(said);
        }}
      >
        <p>{w.why}</p>
        <label className="flex flex-col gap-1 text-sm text-ink-2">
          <span>{w.name}</span>
          <input
            autoFocus
            autoComplete="name"
            maxLength={80}
            value={name}
            onChange={(e) => setName(e.target.value)}
            className="min-h-11 rounded-lg border-2 border-rule bg-card px-3 text-base text-ink"
          />
        </label>
        <Button look="main" type="submit">
          {w.thatIsMe}
        </Button>
      </form>
    </Sheet>
  );
}
