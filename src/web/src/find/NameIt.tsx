import type { Schemas } from "../api/client";
import { keyOf } from "../parts/breaker";
import { Ask } from "../parts/controls";
import { whichWords } from "../words/which";

/** What is written at the breaker that was found: the card as it should be, NEC 408.4. */
export function NameIt({
  breaker,
  head,
  onPut,
}: {
  breaker: Schemas["ToldBreaker"];
  head: Schemas["JobHead"];
  onPut: (panel: Schemas["Panel"], id: string) => void;
}) {
  const [id, key] = breaker.key.split("/") as [string, string];
  const panel = head.panels[id];
  if (!panel) return null;
  const says = panel.breakers?.find((b) => keyOf(b) === key)?.says ?? "";
  return (
    <Ask
      label={whichWords.which.write(breaker.where)}
      value={says}
      onKeep={(text) =>
        onPut({ ...panel, breakers: (panel.breakers ?? []).map((b) => (keyOf(b) === key ? { ...b, says: text || null } : b)) }, id)
      }
    />
  );
}
