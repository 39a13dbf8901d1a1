import { useCatalogue } from "../model/job";
import type { BoxView } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { FactRow } from "../model/FactRow";
import { words } from "../words";

/** What is seen of a wire where it was stripped: hurt or whole, its hook, its bare copper. */
export function WireFacts({ view, id, edit }: { view: BoxView; id: string; edit: BoxEdit }) {
  const lead = view.box.leads?.[id];
  const tail = view.box.pigtails?.[id];
  const onScrew = [lead?.lands, tail?.from, tail?.to].some((l) => l?.at === "Terminal" || l?.at === "BondingScrew");
  // A hook is looked at where there is a screw, and the copper past it where the rest is insulated.
  const seen = ["damage", ...(onScrew ? ["hook"] : []), ...(onScrew && (lead ?? tail)?.colour !== "bare" ? ["bare"] : [])];
  const kinds = useCatalogue().data?.facts.filter((k) => k.of === "Wire" && seen.includes(k.key)) ?? [];
  const facts = view.box.noted?.[id]?.facts;
  return (
    <details className="mt-2" open={kinds.some((k) => facts?.[k.key])}>
      <summary className="min-h-8 text-sm underline underline-offset-4">{words.box.wireEnd}</summary>
      {kinds.map((k) => (
        <FactRow
          key={k.key}
          kind={k}
          value={facts?.[k.key]?.value ?? null}
          onNote={(fact) => edit.send({ do: "noteFact", of: id, key: k.key, fact })}
        />
      ))}
    </details>
  );
}
