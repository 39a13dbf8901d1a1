import { useCatalogue } from "../model/job";
import type { BoxView } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { FactRow } from "../model/FactRow";
import { leadName } from "../model/names";
import { words } from "../words";

/** What is seen of a wire where it was stripped: hurt or whole, its hook, its bare copper. */
export function WireFacts({ view, id, edit }: { view: BoxView; id: string; edit: BoxEdit }) {
  const tail = view.box.pigtails?.[id];
  const ends = tail ? [tail.from, tail.to] : [view.box.leads?.[id]?.lands];
  const onScrew = ends.some((l) => l?.at === "Terminal" || l?.at === "BondingScrew");
  // A hook and the copper past a screw are looked at where there is a screw.
  const kinds = useCatalogue().data?.facts.filter((k) => k.of === "Wire" && (onScrew || k.key === "damage")) ?? [];
  const facts = view.box.noted?.[id]?.facts;
  return (
    <details className="mt-2" open={kinds.some((k) => facts?.[k.key])}>
      <summary className="min-h-8 text-sm underline underline-offset-4">{words.box.wireEnd}</summary>
      {kinds.map((k) => (
        <FactRow
          key={k.key}
          kind={k}
          about={leadName(view, id)}
          value={facts?.[k.key]?.value ?? null}
          onNote={(fact) => edit.send({ do: "noteFact", of: id, key: k.key, fact })}
        />
      ))}
    </details>
  );
}
