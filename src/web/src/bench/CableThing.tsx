import { Link } from "react-router";
import type { BoxView, Schemas } from "../api/client";
import { useHead } from "../model/job";
import { useSettings } from "../api/settings";
import { measured } from "../model/facts";
import { cableName } from "../model/names";
import type { BoxEdit } from "../model/useBoxEdit";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { run } from "../parts/measure";
import { words } from "../words";
import { AlongCable } from "./AlongCable";
import { FarEnd } from "./FarEnd";
import { KnockoutSize } from "./KnockoutSize";
import { address } from "../parts/address";

const w = words.box;

/** A cable chosen: what it is called, what it does here, how it is held, where it goes on. */
export function CableThing({ job, view, cable: c, edit }: { job: string; view: BoxView; cable: Schemas["CableView"]; edit: BoxEdit }) {
  const box = view.box;
  return (
    <>
      <div className="flex flex-wrap items-end gap-2">
        <div className="min-w-40 flex-1">
          <Ask
            label={w.from}
            hint={w.fromHint}
            value={c.says ?? ""}
            onKeep={(says) => edit.send({ do: "nameCable", run: c.run, side: c.side, says, feeds: c.feeds })}
          />
        </div>
        <span className="figure min-h-11 content-center font-bold">{c.size}</span>
        <div className="w-40">
          <Pick
            label={w.feedsLabel}
            value={c.feeds}
            onChange={(feeds) => void edit.send({ do: "nameCable", run: c.run, side: c.side, says: c.says ?? null, feeds })}
            options={Object.entries(words.feeds) as [Schemas["Feeds"], string][]}
          />
        </div>
        {c.entry && box.entries?.[c.entry] && <EntryOf id={c.entry} entry={box.entries[c.entry]!} edit={edit} />}
      </div>
      <div className="my-2 flex flex-wrap items-center gap-x-3 text-sm text-ink-2">
        <span>{w.otherEnd}:</span>
        {c.farBox ? (
          <Link className="underline underline-offset-4" to={address.box(job, c.farBox)}>
            {c.far}
          </Link>
        ) : (
          <FarEnd job={job} view={view} cable={c} edit={edit} />
        )}
      </div>
      <About job={job} cable={c} edit={edit} />
      <AlongCable job={job} view={view} cable={c} edit={edit} />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {view.cables.length > 1 && <Through view={view} edit={edit} cable={c} />}
        <Button
          look="quiet"
          onClick={() => void edit.send({ do: "removeCable", run: c.run })}
          aria-label={`${w.pullOut}: ${cableName(view, c)}`}
        >
          {w.pullOut}
        </Button>
      </div>
    </>
  );
}

/** A ground that is no lead in the box. */
const leadless = (ground: Schemas["GroundKind"]) => ground !== "Bare" && ground !== "Insulated";

/** What is known of the cable itself: kind, length of the run, sheath, circuit. */
function About({ job, cable: c, edit }: { job: string; cable: Schemas["CableView"]; edit: BoxEdit }) {
  const head = useHead(job);
  const { units } = useSettings();
  return (
    <div className="grid grid-cols-2 gap-2 text-sm sm:grid-cols-[repeat(auto-fit,minmax(9rem,1fr))]">
      <Pick
        label={w.cableKind}
        value={c.type}
        onChange={(type) => void edit.ready({ do: "setRun", run: c.run, type })}
        options={Object.entries(words.cable) as [Schemas["CableType"], string][]}
      />
      <Pick
        label={w.circuit}
        value={c.circuit ?? null}
        empty={w.dunno}
        onChange={(circuit) => void edit.ready({ do: "setRun", run: c.run, circuit })}
        options={[
          ...(c.circuit ? [["", w.dunno] as const] : []),
          ...Object.entries(head.data?.circuits ?? {}).map(([id, circuit]) => [id, circuit.name] as const),
        ]}
      />
      <Ask
        mono
        label={w.cableLength}
        hint="12' 6"
        value={run(c.length, units)}
        onKeep={(t) => edit.ready({ do: "setRun", run: c.run, length: measured(t) })}
      />
      <Pick
        label={w.metal}
        value={c.like.metal ?? "Copper"}
        onChange={(metal) => void edit.ready({ do: "setRun", run: c.run, metal })}
        options={Object.entries(w.metals) as [Schemas["Metal"], string][]}
      />
      {leadless(c.like.ground) && (
        <Pick
          label={w.groundOf}
          value={c.like.ground}
          onChange={(ground) => void edit.ready({ do: "setRun", run: c.run, ground })}
          options={(Object.entries(w.grounds) as [Schemas["GroundKind"], string][]).filter(([g]) => leadless(g))}
        />
      )}
      <Ask label={w.sheath} value={c.sheath ?? ""} onKeep={(sheath) => edit.ready({ do: "setRun", run: c.run, sheath })} />
    </div>
  );
}

function EntryOf({ id, entry, edit }: { id: string; entry: Schemas["Entry"]; edit: BoxEdit }) {
  return (
    <>
      <div className="w-28">
        <Pick
          label={w.comesIn}
          value={entry.side}
          onChange={(side) => void edit.send({ do: "setEntry", id, side })}
          options={Object.entries(words.sides) as [Schemas["EntrySide"], string][]}
        />
      </div>
      <div className="w-40">
        <Pick
          label={w.heldBy}
          value={entry.holding ?? "Unknown"}
          onChange={(holding) => void edit.send({ do: "setEntry", id, holding })}
          options={Object.entries(words.holding) as [Schemas["Holding"], string][]}
        />
      </div>
      <KnockoutSize id={id} entry={entry} edit={edit} />
    </>
  );
}

function Through({ view, edit, cable: c }: { view: BoxView; edit: BoxEdit; cable: Schemas["CableView"] }) {
  const others = view.cables.filter((o) => o.run !== c.run);
  return (
    <div className="w-40">
      <Pick
        hide
        quiet
        label={`${w.passThrough} ${cableName(view, c)}`}
        value={null}
        empty={w.passThrough}
        onChange={(key) => {
          const [form, leavesBy] = key.split("|");
          void edit.send({ do: "passThrough", run: c.run, leavesBy: leavesBy!, form: form as Schemas["LeadForm"] });
        }}
        options={others.flatMap((o): [string, string][] => [
          [`PassingThrough|${o.run}`, `${words.form.PassingThrough}: ${cableName(view, o)}`],
          [`Loop|${o.run}`, `${words.form.Loop}: ${cableName(view, o)}`],
        ])}
      />
    </div>
  );
}
