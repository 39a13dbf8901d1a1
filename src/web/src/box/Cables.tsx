import { useState } from "react";
import { Link } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { api, must, newId, type BoxView, type Schemas } from "../api/client";
import { useHead } from "../api/job";
import { useSettings } from "../api/settings";
import { Ask, Button, Choice, Pick, Sheet } from "../parts/controls";
import { fact } from "../parts/measure";
import { cable } from "../quick/question";
import { words } from "../words";
import { measured } from "./BoxCard";
import { cableName, places, type Catalogue } from "./landing";
import { Strand } from "./Strand";
import type { BoxEdit } from "./useBoxEdit";

const w = words.box;
const sizes = ["14-2", "14-3", "12-2", "12-3", "10-2", "10-3", "14-2/none", "12-2/none"];

/** Cables as they come in, each with its leads; ticked leads can be joined. */
export function Cables({
  job,
  view,
  edit,
  catalogue,
  lit,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  catalogue: Catalogue;
  lit: readonly string[] | null;
}) {
  const [adding, setAdding] = useState(false);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const box = view.box;
  const all = places(box, catalogue);
  const good = ticked.filter((id) => box.leads?.[id]);
  const own = Object.entries(box.leads ?? {}).filter(([, l]) => l.device);
  const strand = (id: string, name: string) => {
    const lead = box.leads?.[id];
    return lead ? (
      <Strand
        key={id}
        id={id}
        lead={lead}
        name={name}
        places={all}
        edit={edit}
        lit={lit?.includes(id) ?? false}
        ticked={good.includes(id)}
        onTick={(on) => setTicked(on ? [...good, id] : good.filter((t) => t !== id))}
      />
    ) : null;
  };
  return (
    <section aria-label={w.cables} className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-xl">{w.cables}</h2>
        <Button look="main" onClick={() => setAdding(true)}>
          {w.addCable}
        </Button>
      </div>
      {view.cables.map((c) => (
        <article key={c.run + c.side} className="rounded-2xl border-2 border-rule bg-card p-3">
          <div className="flex flex-wrap items-end gap-2">
            <div className="min-w-40 flex-1">
              <Ask
                hide
                quiet
                label={w.from}
                hint={w.fromHint}
                value={c.says ?? ""}
                onKeep={(says) => void edit.send({ do: "nameCable", run: c.run, side: c.side, says, feeds: c.feeds })}
              />
            </div>
            <span className="figure min-h-11 content-center font-bold">{c.size}</span>
            <div className="w-36">
              <Pick
                hide
                quiet
                label={`${cableName(c, box)}: ${words.feeds[c.feeds]}`}
                value={c.feeds}
                onChange={(feeds) => void edit.send({ do: "nameCable", run: c.run, side: c.side, says: c.says ?? null, feeds })}
                options={Object.entries(words.feeds) as [Schemas["Feeds"], string][]}
              />
            </div>
          </div>
          <p className="px-3 text-sm text-ink-2">
            {w.otherEnd}:{" "}
            {c.farBox ? (
              <Link className="underline underline-offset-4" to={`/jobs/${job}/boxes/${c.farBox}`}>
                {c.far}
              </Link>
            ) : (
              (c.far ?? w.unknownEnd)
            )}
          </p>
          <ul className="mt-1">{c.leads.map((id) => strand(id, `${box.leads?.[id]?.colour}, ${cableName(c, box)}`))}</ul>
          <About job={job} cable={c} edit={edit} name={cableName(c, box)} />
          <div className="mt-1 flex flex-wrap items-center gap-x-1 text-sm">
            {c.entry && box.entries?.[c.entry] && (
              <EntryOf id={c.entry} entry={box.entries[c.entry]!} edit={edit} name={cableName(c, box)} />
            )}
            <span className="ml-auto flex gap-1">
              {view.cables.length > 1 && <Through view={view} edit={edit} cable={c} />}
              <Button
                look="quiet"
                onClick={() => void edit.send({ do: "removeCable", run: c.run })}
                aria-label={`${w.pullOut}: ${cableName(c, box)}`}
              >
                {w.pullOut}
              </Button>
            </span>
          </div>
        </article>
      ))}
      {own.length > 0 && (
        <article className="rounded-2xl border-2 border-dashed border-rule bg-card p-3">
          <ul>{own.map(([id, l]) => strand(id, `${l.colour}, ${w.own}`))}</ul>
        </article>
      )}
      {good.length > 1 && (
        <div className="sticky bottom-3 z-10 self-center">
          <Button
            look="main"
            className="shadow-lg"
            onClick={() => {
              const leads = good.map((id) => box.leads![id]!);
              const colour = leads[0]?.colour;
              const name = leads.every((l) => l.colour === colour)
                ? { black: "hots", white: "neutrals", bare: "grounds", red: "reds" }[colour ?? ""]
                : undefined;
              void edit.send({
                do: "joinLeads",
                joint: newId("n"),
                connector: good.length > 3 ? "twist-on-large" : "twist-on-medium",
                leads: good,
                name: name ?? null,
              });
              setTicked([]);
            }}
          >
            {w.join(good.length)}
          </Button>
        </div>
      )}
      {adding && <AddCable job={job} view={view} edit={edit} onClose={() => setAdding(false)} />}
    </section>
  );
}

/** What is known of the cable itself: kind, length of the run, sheath, circuit. */
function About({ job, cable: c, edit, name }: { job: string; cable: Schemas["CableView"]; edit: BoxEdit; name: string }) {
  const head = useHead(job);
  const { units } = useSettings();
  return (
    <details className="px-3 text-sm">
      <summary className="min-h-6 text-ink-2">
        {words.cable[c.type]}
        {c.circuit && `, ${head.data?.circuits[c.circuit]?.name ?? c.circuit}`}
        <span className="sr-only">
          , {w.about}: {name}
        </span>
      </summary>
      <div className="grid grid-cols-2 gap-2 py-2">
        <Pick
          label={w.cableKind}
          value={c.type}
          onChange={(type) => void edit.send({ do: "setRun", box: undefined, run: c.run, type })}
          options={Object.entries(words.cable) as [Schemas["CableType"], string][]}
        />
        <Pick
          label={w.circuit}
          value={c.circuit ?? null}
          empty={w.dunno}
          onChange={(circuit) => void edit.send({ do: "setRun", box: undefined, run: c.run, circuit })}
          options={Object.entries(head.data?.circuits ?? {}).map(([id, circuit]) => [id, circuit.name] as const)}
        />
        <Ask
          mono
          label={w.cableLength}
          hint="12' 6"
          value={fact(c.length, units, "")}
          onKeep={(t) => void edit.send({ do: "setRun", box: undefined, run: c.run, length: measured(t) })}
        />
        <Ask
          label={w.sheath}
          value={c.sheath ?? ""}
          onKeep={(sheath) => void edit.send({ do: "setRun", box: undefined, run: c.run, sheath })}
        />
      </div>
    </details>
  );
}

function EntryOf({ id, entry, edit, name }: { id: string; entry: Schemas["Entry"]; edit: BoxEdit; name: string }) {
  return (
    <>
      <div className="w-24">
        <Pick
          hide
          quiet
          label={`${w.comesIn}: ${name}`}
          value={entry.side}
          onChange={(side) => void edit.send({ do: "setEntry", id, side })}
          options={Object.entries(words.sides) as [Schemas["EntrySide"], string][]}
        />
      </div>
      <div className="w-40">
        <Pick
          hide
          quiet
          label={`${w.heldBy}: ${name}`}
          value={entry.holding ?? "Unknown"}
          onChange={(holding) => void edit.send({ do: "setEntry", id, holding })}
          options={Object.entries(words.holding) as [Schemas["Holding"], string][]}
        />
      </div>
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
        label={`${w.passThrough} ${cableName(c, view.box)}`}
        value={null}
        empty={w.passThrough}
        onChange={(key) => {
          const [form, leavesBy] = key.split("|");
          void edit.send({ do: "passThrough", run: c.run, leavesBy, form });
        }}
        options={others.flatMap((o): [string, string][] => [
          [`PassingThrough|${o.run}`, `${words.form.PassingThrough}: ${cableName(o, view.box)}`],
          [`Loop|${o.run}`, `${words.form.Loop}: ${cableName(o, view.box)}`],
        ])}
      />
    </div>
  );
}

function AddCable({ job, view, edit, onClose }: { job: string; view: BoxView; edit: BoxEdit; onClose: () => void }) {
  const [size, setSize] = useState("14-2");
  const [side, setSide] = useState<Schemas["EntrySide"]>("Top");
  const [feeds, setFeeds] = useState<Schemas["Feeds"]>("CannotTell");
  const [says, setSays] = useState("");
  const spec = cable(size);
  const body = {
    do: "addCable",
    box: view.id,
    run: "preview",
    entry: "preview",
    cable: {
      type: spec.grounds ? "NmB" : "OldTwoWire",
      gauge: spec.gauge,
      conductors: spec.conductors,
      ground: spec.grounds ? "Bare" : "None",
    },
    side,
    says: says || null,
    feeds,
  };
  const preview = useQuery({
    queryKey: ["job", job, "preview", view.version, size],
    queryFn: () =>
      must(api.POST("/api/jobs/{job}/preview", { params: { path: { job } }, body: { edits: [body as unknown as Schemas["Edit"]] } })),
  });
  const after = preview.data?.[0]?.boxes.find((b) => b.id === view.id)?.report.fill;
  return (
    <Sheet title={w.addCable} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void edit.send({ ...body, do: "addCable", run: newId("r"), entry: newId("k") }).then((ok) => ok && onClose());
        }}
      >
        <Choice
          label={w.cables}
          hide
          value={size}
          onChange={setSize}
          options={sizes.map((s) => [s, s.replace("/none", " no ground")] as const)}
        />
        {after && (
          <p className={`figure rounded-lg p-3 ${after.fit === "Over" ? "bg-barn-wash text-barn" : "bg-slate-wash"}`} aria-live="polite">
            {words.fitColumn.neededSays(String(after.needed.low), String(after.available.low))}, <b>{words.fit[after.fit].toLowerCase()}</b>
          </p>
        )}
        <Choice
          label={w.comesIn}
          value={side}
          onChange={setSide}
          options={Object.entries(words.sides) as [Schemas["EntrySide"], string][]}
        />
        <Choice
          label={w.feedsLabel}
          value={feeds}
          onChange={setFeeds}
          options={Object.entries(words.feeds) as [Schemas["Feeds"], string][]}
        />
        <Ask label={w.from} hint={w.fromHint} value={says} onKeep={setSays} />
        <Button look="main" type="submit">
          {w.addThis}
        </Button>
      </form>
    </Sheet>
  );
}
