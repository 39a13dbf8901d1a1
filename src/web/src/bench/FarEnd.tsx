import type { BoxView, Schemas } from "../api/client";
import { useCatalogue, useHead } from "../api/job";
import type { BoxEdit } from "../box/useBoxEdit";
import { FactRow } from "../house/FactRow";
import { answered } from "../inspect/MeasurePanel";
import { Ask, Button, Pick } from "../parts/controls";
import { words } from "../words";

const w = words.supply;
const FIXED = "fixed:";

type Of = { job: string; view: BoxView; cable: Schemas["CableView"]; edit: BoxEdit };

/** Where a cable's other end is when it is in no box: at a panel, at something fixed, or nobody has looked. */
export function FarEnd({ job, view, cable: c, edit }: Of) {
  const head = useHead(job);
  const end = { box: undefined, run: c.run, end: c.side === "A" ? "B" : "A" };
  if (c.farAt === "Load") return <Fixed job={job} view={view} cable={c} edit={edit} />;
  if (c.farAt === "Panel") {
    return (
      <>
        <span>{c.far}</span>
        <Button look="quiet" onClick={() => void edit.send({ do: "loseEnd", ...end })}>
          {w.notThere}
        </Button>
      </>
    );
  }
  return (
    <div className="w-56">
      <Pick
        hide
        label={w.comesFrom}
        value={null}
        empty={words.box.unknownEnd}
        onChange={(at) =>
          void edit.send(at === FIXED ? { do: "endAtLoad", ...end, says: w.somethingFixed } : { do: "endAtPanel", ...end, panel: at })
        }
        options={[
          ...Object.entries(head.data?.panels ?? {}).map(([id, p]) => [id, w.atPanel(p.name)] as const),
          [FIXED, w.atFixed] as const,
        ]}
      />
    </div>
  );
}

/** Something fixed at the end: its name, what it takes and for how long. */
function Fixed({ view, cable: c, edit }: Of) {
  const kinds = useCatalogue().data?.facts;
  const of = `${c.run}.${c.side.toLowerCase()}`;
  const facts = view.box.noted?.[of]?.facts;
  const end = { box: undefined, run: c.run, end: c.side === "A" ? "B" : "A" };
  const long = kinds?.find((k) => k.key === "far-load-long");
  const note = (key: string, fact: object | null) => void edit.send({ do: "noteFact", of, key, fact });
  return (
    <div className="flex basis-full flex-wrap items-end gap-2">
      <div className="min-w-40 flex-1">
        <Ask label={w.fixedName} value={c.far ?? ""} onKeep={(says) => says && void edit.send({ do: "endAtLoad", ...end, says })} />
      </div>
      <div className="w-24">
        <Ask
          mono
          label={w.takes}
          hint={w.wattsHint}
          value={facts?.["far-load"]?.value ?? ""}
          onKeep={(t) => note("far-load", t ? answered(t) : null)}
        />
      </div>
      <Button look="quiet" onClick={() => void edit.send({ do: "loseEnd", ...end })}>
        {w.notThere}
      </Button>
      {long && facts?.["far-load"]?.value && (
        <div className="basis-full">
          <FactRow kind={long} value={facts["far-load-long"]?.value ?? null} onNote={(fact) => note("far-load-long", fact)} />
        </div>
      )}
    </div>
  );
}
