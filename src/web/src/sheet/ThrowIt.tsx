import type { Schemas } from "../api/client";
import { settings } from "../api/settings";
import type { Send } from "../model/edits";
import { fromKey } from "../parts/breaker";
import { Button } from "../parts/controls";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import type { Rail } from "./show";

const w = sheetWords.sheet;
type Breaker = Schemas["SheetBreaker"];

/** The breakers of a rail, to be thrown where one stands: what is expected to go dead with each, and what nobody can tell. */
export function ThrowIt({ rail, send }: { rail: Rail; send: Send }) {
  return rail.breakers.map((b) => <One key={b.key} breaker={b} rail={rail} send={send} />);
}

function One({ breaker: b, rail, send }: { breaker: Breaker; rail: Rail; send: Send }) {
  const [panel, key] = b.key.split("/") as [string, string];
  const act = (on: boolean | null) =>
    send({ do: "switchBreaker", panel, ...fromKey(key), by: settings().who, at: new Date().toISOString(), on });
  const live = rail.stops.filter((s) => s.seen && s.expected === "Live").map((s) => s.name);
  const open = rail.stops.filter((s) => !s.seen).length;
  return (
    <fieldset className="mb-3 rounded-xl border-2 border-rule p-3">
      <legend className="px-1 font-semibold">{w.throwIt(b.slot)}</legend>
      <p className="mb-2 text-sm text-ink-2">
        {b.on === false ? w.isOff(b.heldBy) : w.goesDead(live, open)} {words.hold.didHow}
      </p>
      <div className="flex flex-wrap gap-2">
        {b.on !== false && <Button onClick={() => act(false)}>{words.hold.off}</Button>}
        {b.heldBy.length > 0 && <Button onClick={() => act(null)}>{words.hold.letGo}</Button>}
        {b.on !== true && <Button onClick={() => act(true)}>{words.hold.on}</Button>}
      </div>
    </fieldset>
  );
}
