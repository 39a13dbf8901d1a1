import type { BoxView, Schemas } from "../api/client";
import { useCatalogue, useHead } from "../model/job";
import type { BoxEdit } from "../model/useBoxEdit";
import { FactRow } from "../model/FactRow";
import { answered } from "../model/facts";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";

const w = words.supply;
const FIXED = "fixed:";

type Of = { job: string; view: BoxView; cable: Schemas["CableView"]; edit: BoxEdit };

/** Where a cable's other end is when it is in no box: at a panel, at something fixed, or nobody has looked. */
export function FarEnd({ job, view, cable: c, edit }: Of) {
  const head = useHead(job);
  const end = { run: c.run, end: c.side === "A" ? "B" : "A" } as const;
  if (c.farAt === "Load") return <Fixed job={job} view={view} cable={c} edit={edit} />;
  if (c.farAt === "Panel") {
    return (
      <>
        <span>{c.far}</span>
        <Button look="quiet" onClick={() => void edit.ready({ do: "loseEnd", ...end })}>
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
          void edit.ready(at === FIXED ? { do: "endAtLoad", ...end, says: w.somethingFixed } : { do: "endAtPanel", ...end, panel: at })
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
  const end = { run: c.run, end: c.side === "A" ? "B" : "A" } as const;
  const long = kinds?.find((k) => k.key === "far-load-long");
  const note = (key: string, fact: Schemas["Observation"] | null) => edit.send({ do: "noteFact", of, key, fact });
  return (
    <div className="flex basis-full flex-wrap items-end gap-2">
      <div className="min-w-40 flex-1">
        <Ask label={w.fixedName} value={c.far ?? ""} onKeep={(says) => says && edit.ready({ do: "endAtLoad", ...end, says })} />
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
      <Button look="quiet" onClick={() => void edit.ready({ do: "loseEnd", ...end })}>
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
