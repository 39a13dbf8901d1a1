import { Check } from "lucide-react";
import { useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { newId, type BoxView, type Schemas, type Catalogue } from "../api/client";
import { useBox, useCatalogue } from "../model/job";
import { SaidList } from "../model/SaidList";
import type { OfBox } from "../model/edits";
import { useBoxEdit, type BoxEdit } from "../model/useBoxEdit";
import { MeasurePanel } from "../model/MeasurePanel";
import { SmallPicture } from "../model/SmallPicture";
import { ProofPanel } from "../model/ProofPanel";
import { Button, Choice, TakeOut } from "../parts/controls";
import { CablePicker } from "../parts/CablePicker";
import { KindPicker } from "../parts/KindPicker";
import { Nowhere } from "../parts/Nowhere";
import { boxChoices, deviceChoices } from "../model/kinds";
import { words } from "../words";
import { LeadByLead } from "./LeadByLead";
import { Marks } from "./Marks";
import { pointing } from "../parts/pointing";
import { useSurvey } from "./useSurvey";
import { address } from "../parts/address";

const w = words.survey;
const steps = ["proof", "cables", "leads", "marks", "measure"] as const;
type Step = (typeof steps)[number];
const DEVICES = ["receptacle", "protective", "switch", "switch-3way", "dimmer", "luminaire", "lampholder", "receptacle-two-slot"];

/** The plate comes off: what is in the box, written down before anything moves, one question to a screen. */
export default function Survey() {
  const { job = "", box = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const view = useBox(job, box);
  const catalogue = useCatalogue();
  if (view.isPending || catalogue.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!view.data || !catalogue.data) return <Nowhere error={view.error} />;
  const step = steps.find((s) => s === search.get("step")) ?? "proof";
  return <Page job={job} view={view.data} catalogue={catalogue.data} step={step} onStep={(s) => setSearch({ step: s })} />;
}

function Page({
  job,
  view,
  catalogue,
  step,
  onStep,
}: {
  job: string;
  view: BoxView;
  catalogue: Catalogue;
  step: Step;
  onStep: (step: Step) => void;
}) {
  const edit = useBoxEdit(job, view, null, null);
  const at = steps.indexOf(step);
  const next = steps[at + 1];
  const survey = useSurvey(job, view).data;
  const parts = survey?.done ?? [];
  const [pointed, setPointed] = useState<readonly string[] | null>(null);
  const asked = step === "leads" ? survey?.nextLead : step === "measure" ? view.questions[0]?.of : null;
  const go = (to: Step) => {
    setPointed(null);
    onStep(to);
  };
  const lit = pointed ?? (asked ? [asked] : []);
  const done = (s: Step) => parts.some((p) => p.toLowerCase() === s);
  return (
    <div className="mx-auto max-w-2xl pb-24">
      <p className="text-sm text-ink-2">
        <Link to={address.box(job, view.id)} className="underline underline-offset-4">
          {view.box.name}
        </Link>
        {view.place && `, ${view.place}`} · {view.kindName}
      </p>
      <h1 className="mb-2 text-2xl">{w.title}</h1>
      <nav aria-label={w.title} className="mb-4 flex gap-1 overflow-x-auto pt-1">
        {steps.map((s) => (
          <button
            key={s}
            type="button"
            aria-current={s === step ? "step" : undefined}
            onClick={() => go(s)}
            className={`relative min-h-11 shrink-0 rounded-lg border-2 px-2.5 text-sm font-semibold
              ${s === step ? "border-ink bg-ink text-on-ink" : done(s) ? "border-moss bg-card" : "border-rule bg-card"}`}
          >
            {done(s) && <Check size={14} aria-label={w.recorded} className="absolute -top-1 right-0 rounded-full bg-moss-wash text-moss" />}
            {w.steps[s]}
          </button>
        ))}
      </nav>
      {step !== "proof" && view.cables.length > 0 && (
        <div className="sticky top-0 z-10 mb-3 bg-lime">
          <SmallPicture view={view} lit={lit} />
        </div>
      )}
      {step === "proof" && (
        <div className="flex flex-col gap-4">
          <Link
            to={address.breaker(job, view.id)}
            className="inline-flex min-h-12 items-center justify-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
          >
            {words.whichBreaker}
          </Link>
          <ProofPanel job={job} view={view} />
          <p className="text-sm text-ink-2">{w.plateOff}</p>
          <p className="text-sm text-ink-2">{w.skipProof}</p>
          <SaidList view={view} edit={edit} />
        </div>
      )}
      {step === "cables" && <Cables job={job} view={view} edit={edit} catalogue={catalogue} onPoint={setPointed} />}
      {step === "leads" && <LeadByLead job={job} view={view} edit={edit} onPoint={setPointed} />}
      {step === "marks" && <Marks view={view} edit={edit} catalogue={catalogue} onPoint={setPointed} />}
      {step === "measure" && <MeasurePanel view={view} edit={edit} catalogue={catalogue} onPoint={setPointed} all />}
      <div className="fixed inset-x-0 bottom-(--bar) z-20 flex gap-2 border-t-2 border-ink bg-card p-3">
        {at > 0 && <Button onClick={() => go(steps[at - 1]!)}>{w.back}</Button>}
        {next ? (
          <Button look="main" className="flex-1" onClick={() => go(next)}>
            {w.next}: {w.steps[next].toLowerCase()}
          </Button>
        ) : (
          <Link
            to={address.box(job, view.id)}
            className="inline-flex min-h-11 flex-1 items-center justify-center rounded-xl border-2 border-ink bg-ink px-4
              font-semibold text-on-ink"
          >
            {w.done}
          </Link>
        )}
        {view.box.contents !== "Complete" && step !== "proof" && (
          <Button onClick={() => void edit.send({ do: "setContents", contents: "Complete" })}>{w.complete}</Button>
        )}
      </div>
    </div>
  );
}

function Cables({
  job,
  view,
  edit,
  catalogue,
  onPoint,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  catalogue: Catalogue;
  onPoint: (ids: readonly string[]) => void;
}) {
  const marks = useSurvey(job, view).data?.marks ?? [];
  const [side, setSide] = useState<Schemas["EntrySide"]>("Top");
  const [kinds, setKinds] = useState(false);
  const [devices, setDevices] = useState(false);
  const newest = view.cables.at(-1);
  const lastSide = view.box.entries?.[newest?.entry ?? ""]?.side ?? side;
  const bring = (cable: Schemas["CableSpec"], at = side) => {
    const edits: OfBox[] = [
      ...(view.box.contents === "NotOpened" ? [{ do: "setContents" as const, contents: "Partial" as const }] : []),
      {
        do: "addCable" as const,
        run: newId("r"),
        entry: newId("k"),
        cable,
        side: at,
      },
    ];
    void edit.batch(words.box.addCable, edits);
  };
  const hangs = view.openGangs === 0;
  const put = (kind: string) => void edit.send({ do: "addDevice", id: newId("d"), kind });
  const fits = DEVICES.filter((id) => hangs !== (catalogue.devices.find((d) => d.id === id)?.yoke ?? true));
  return (
    <div className="flex flex-col gap-5">
      <section aria-label={w.kindOf}>
        <h2 className="mb-1 text-lg">{w.kindOf}</h2>
        <Button onClick={() => setKinds(true)}>{view.kindName}</Button>
      </section>
      <section aria-label={words.box.cables}>
        <h2 className="mb-1 text-lg">{w.cables}</h2>
        <Choice
          label={words.box.comesIn}
          value={side}
          onChange={setSide}
          options={Object.entries(words.sides) as [Schemas["EntrySide"], string][]}
        />
        {newest && newest.like.conductors > 0 && (
          <Button className="mt-2 w-full" onClick={() => bring(newest.like, lastSide)}>
            {w.same(newest.type === "OldTwoWire" ? words.cable.OldTwoWire : newest.size)}
          </Button>
        )}
        <div className="mt-2">
          <CablePicker sorts={catalogue.cables}>
            {({ sort, spec }) => (
              <button
                key={sort.id}
                type="button"
                className="figure min-h-14 rounded-xl border-2 border-ink bg-card text-lg font-bold"
                onClick={() => bring(spec)}
              >
                {sort.size}
              </button>
            )}
          </CablePicker>
        </div>
      </section>
      {view.cables.length > 0 && (
        <section aria-label={w.feeds}>
          <h2 className="mb-1 text-lg">{w.feeds}</h2>
          <ul className="flex flex-col gap-2">
            {view.cables.map((c) => (
              <li
                key={`${c.run}${c.side}`}
                className="rounded-xl border-2 border-rule bg-card p-2"
                {...pointing(onPoint, `${c.run}.${c.side.toLowerCase()}`)}
              >
                <div className="flex items-center gap-2">
                  <b className="flex-1">
                    {c.size}, {words.sides[view.box.entries?.[c.entry ?? ""]?.side ?? "Top"].toLowerCase()}
                    {c.says && `, ${c.says}`}
                  </b>
                  <TakeOut name={c.size} onClick={() => void edit.send({ do: "removeCable", run: c.run })} />
                </div>
                <Choice
                  hide
                  label={`${words.box.feedsLabel}: ${c.size}`}
                  value={c.feeds === "CannotTell" ? null : c.feeds}
                  onChange={(feeds) => void edit.send({ do: "nameCable", run: c.run, side: c.side, says: c.says ?? null, feeds })}
                  options={(["FeedsIn", "FeedsOn", "Protected"] as const).map((f) => [f, words.feeds[f]] as const)}
                />
                <div className="mt-1 flex flex-wrap items-center gap-1" role="group" aria-label={`${w.marked}: ${c.size}`}>
                  <span className="text-sm text-ink-2">{w.marked}</span>
                  {marks
                    .filter((m) => m.run === c.run && m.side === c.side)
                    .map((m) => (
                      <button
                        key={m.name}
                        type="button"
                        aria-pressed={m.on}
                        className="min-h-11 rounded-lg border-2 border-rule bg-card px-2.5 text-sm aria-pressed:border-ink
                          aria-pressed:bg-ink aria-pressed:text-on-ink"
                        onClick={() => void edit.ready(m.edit)}
                      >
                        {m.name}
                      </button>
                    ))}
                </div>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label={w.device}>
        <h2 className="mb-1 text-lg">{w.device}</h2>
        <div className="flex flex-wrap gap-2">
          {fits.map((id) => (
            <button
              key={id}
              type="button"
              className="min-h-11 rounded-lg border-2 border-rule bg-card px-3 text-sm font-semibold"
              onClick={() => put(id)}
            >
              {catalogue.devices.find((d) => d.id === id)?.name}
            </button>
          ))}
          <Button onClick={() => setDevices(true)}>{words.more}</Button>
        </div>
        <ul>
          {Object.entries(view.box.devices ?? {}).map(([id, d]) => {
            const name = d.name ?? catalogue.devices.find((k) => k.id === d.kind)?.name ?? d.kind;
            return (
              <li key={id} className="flex items-center gap-2 border-t border-rule">
                <b className="flex-1">{name}</b>
                <TakeOut name={name} onClick={() => void edit.send({ do: "removeDevice", id })} />
              </li>
            );
          })}
        </ul>
      </section>
      <KindPicker
        title={w.kindOf}
        open={kinds}
        onClose={() => setKinds(false)}
        kinds={boxChoices(catalogue)}
        onPick={(kind) => void edit.send({ do: "setBoxKind", kind })}
      />
      <KindPicker title={w.device} open={devices} onClose={() => setDevices(false)} kinds={deviceChoices(catalogue)} onPick={put} />
    </div>
  );
}
