import type { Send } from "../model/edits";
import { Ask, Button } from "../parts/controls";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import type { Stop } from "./show";

const w = sheetWords.sheet;

/** The end of a cable that is in no box: to something fixed, with its name, or not followed. */
export function EndOf({ stop, send }: { stop: Stop; send: Send }) {
  if (!stop.by || (stop.at !== "Somewhere" && stop.at !== "Load")) return null;
  const end = { run: stop.by, end: stop.side } as const;
  const fixed = stop.at === "Load";
  return (
    <div className="mb-2 flex flex-wrap items-end gap-2">
      <div className="w-64">
        <Ask
          key={stop.key}
          label={fixed ? words.supply.fixedName : w.fixedAt}
          hint={w.fixedHint}
          value={fixed ? stop.name : ""}
          onKeep={(says) => says && send({ do: "endAtLoad", ...end, says })}
        />
      </div>
      {fixed && <Button onClick={() => send({ do: "loseEnd", ...end })}>{words.supply.notThere}</Button>}
    </div>
  );
}
