import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, must, type Schemas } from "../api/client";
import { boxChoices } from "../model/kinds";
import { useCatalogue } from "../model/job";
import { address } from "../parts/address";
import { Ask, Choice } from "../parts/controls";
import { KindPicker } from "../parts/KindPicker";
import { words } from "../words";
import { markWords as w } from "../words/mark";
import { Answer } from "./Answer";
import { Faces } from "./Faces";
import { Section } from "./Section";
import { useAsked } from "./useAsked";

type To = Schemas["HeightTo"];

/** One hole from four numbers, with no job open and one thumb. The whole question is in the address. */
export default function QuickMark() {
  const { text, put } = useAsked();
  const [kinds, setKinds] = useState(false);
  const catalogue = useCatalogue();
  const [inside, height, kind] = [text("inside"), text("height"), text("kind") || w.kinds[0][0]];
  const to = (text("to") || "Bottom") as To;
  const [wider, toCome] = [text("wider"), text("toCome")];
  const ask = { inside, height, kind, to, ...(wider && { wider }), ...(toCome && { toCome }) };
  const job = text("job");
  const answer = useQuery({
    queryKey: ["mark", ask, job],
    queryFn: () => must(api.POST("/api/mark", { params: { query: job ? { job } : {} }, body: ask })),
    enabled: inside !== "" && height !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });
  const told = inside && height ? answer.data : undefined;
  const named = catalogue.data?.boxes.find((b) => b.id === kind)?.name ?? kind;
  return (
    <div className="mx-auto grid max-w-6xl gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,26rem)_1fr]">
      <div className="flex flex-col gap-3">
        <div className="flex items-center justify-between">
          <h1 className="text-2xl">{words.mark}</h1>
          <Link to={address.trench(job)} className="inline-flex min-h-11 items-center text-sm underline underline-offset-4">
            {words.trench}
          </Link>
        </div>
        <p className="text-sm text-ink-2">{w.how}</p>
        <div className="grid grid-cols-2 items-end gap-3">
          <Ask mono label={w.inside} hint={w.hint} value={inside} onKeep={(v) => put({ inside: v })} />
          <Ask mono label={w.wider} hint="5/8" value={text("wider")} onKeep={(v) => put({ wider: v })} />
          <Ask mono label={w.height} hint="12" value={height} onKeep={(v) => put({ height: v })} />
          <Ask mono label={w.toCome} hint="3/4" value={text("toCome")} onKeep={(v) => put({ toCome: v })} />
        </div>
        <div role="group" aria-label={w.usual} className="flex flex-wrap gap-1.5">
          {w.heightsOf.map(([at, where, name]) => (
            <Chip key={name} on={at === height && where === to} name={name} onClick={() => put({ height: at, to: where })} />
          ))}
        </div>
        <Choice label={w.to} value={to} onChange={(v) => put({ to: v })} options={Object.entries(w.heights) as [To, string][]} />
        <div role="group" aria-label={w.box} className="flex flex-wrap gap-1.5">
          {w.kinds.map(([id, name]) => (
            <Chip key={id} on={id === kind} name={name} onClick={() => put({ kind: id })} />
          ))}
          <Chip on={!w.kinds.some(([id]) => id === kind)} name={w.other} onClick={() => setKinds(true)} />
        </div>
        <p className="text-sm text-ink-2">{named}</p>
      </div>
      <Answer error={answer.error}>
        {told && (
          <>
            <section className="rounded-2xl border-2 border-ink bg-card p-4">
              <p className="text-ink-2">{w.outside}</p>
              <p className="figure text-4xl text-barn">{told.marked.outside}</p>
              <p className="text-ink-2">{w.fromEdge}</p>
              <p className="mt-2 font-semibold">{w.hole(told.marked.width, told.marked.height)}</p>
              <Faces marked={told.marked} toCome={toCome} />
            </section>
            <Section title={w.marks} lines={[...told.across, ...told.up, told.off]} />
            <Section title={w.plates} lines={told.plates.map((p) => p.says)} />
            <Section title={w.before} lines={told.before} />
          </>
        )}
      </Answer>
      <KindPicker
        title={words.box.kind}
        open={kinds}
        onClose={() => setKinds(false)}
        kinds={catalogue.data ? boxChoices(catalogue.data) : []}
        onPick={(id) => put({ kind: id })}
      />
    </div>
  );
}

function Chip({ on, name, onClick }: { on: boolean; name: string; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`min-h-11 rounded-full border-2 px-3.5 font-semibold ${on ? "border-ink bg-ink text-on-ink" : "border-rule bg-card"}`}
      onClick={onClick}
    >
      {name}
    </button>
  );
}
