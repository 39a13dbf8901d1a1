import { memo, useCallback, useEffect, useMemo, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { newId, type BoxView, type Schemas } from "../api/client";
import { useBox, useCatalogue, useChanges, useHead, type State } from "../model/job";
import { Bench } from "../bench/Bench";
import type { Sel } from "../bench/select";
import { Steps } from "../bench/Steps";
import { StrandList } from "../bench/StrandList";
import { leadName } from "../model/names";
import { Verdicts } from "../bench/Verdicts";
import { StateSwitch } from "../change/StateSwitch";
import { Counts } from "./Counts";
import { MeasurePanel } from "../model/MeasurePanel";
import { LivePanel } from "../live/LivePanel";
import { useLive } from "../model/useLive";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { useLatest } from "../parts/useLatest";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { BoxCard } from "./BoxCard";
import { FitMore } from "./FitMore";
import { FitPanel } from "./FitPanel";
import { Follow } from "./Follow";
import { Photos } from "./Photos";
import { SaidList } from "../model/SaidList";
import { sameBox } from "../model/sameBox";
import { useBoxEdit, type BoxEdit } from "../model/useBoxEdit";
import { address } from "../parts/address";

const PHONE = "(max-width: 640px)";

/** One box: the Bench, what it adds up to, what the rules say, and everything about the box itself. */
export default function BoxPage() {
  const { job = "", box = "" } = useParams();
  const [search] = useSearchParams();
  const change = search.get("plan");
  const at = Number(search.get("at")) || null;
  const state = (["AsFound", "AsLeft"] as const).find((x) => x === search.get("state")) ?? "Planned";
  const view = useBox(job, box, change, at, state);
  const catalogue = useCatalogue();
  if (view.isPending || catalogue.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!view.data || !catalogue.data) return <Nowhere error={view.error} />;
  return <Page key={box} job={job} view={view.data} catalogue={catalogue.data} change={change} at={at} state={state} />;
}

function usePhone(): boolean {
  const [phone, setPhone] = useState(() => matchMedia(PHONE).matches);
  useEffect(() => {
    const query = matchMedia(PHONE);
    const heard = () => setPhone(query.matches);
    query.addEventListener("change", heard);
    return () => query.removeEventListener("change", heard);
  }, []);
  return phone;
}

function Page({
  job,
  view,
  catalogue,
  change,
  at,
  state,
}: {
  job: string;
  view: BoxView;
  catalogue: Schemas["Catalogue"];
  change: string | null;
  at: number | null;
  state: State;
}) {
  const [, setSearch] = useSearchParams();
  const [sel, setSel] = useState<Sel | null>(null);
  const [search] = useSearchParams();
  const [lit, setLit] = useState<readonly string[]>(() => (search.get("lit") ?? "").split(",").filter(Boolean));
  const phone = usePhone();
  const edit = useBoxEdit(job, view, change, at, state);
  const look = useLive(job, view, edit);
  const powered = look.live && <LivePanel job={job} view={view} look={look} live={look.live} />;
  const choose = useCallback((next: Sel | null) => {
    setSel(next);
    setLit([]);
  }, []);
  const light = useCallback((ids: readonly string[] | null) => {
    setLit(ids ?? []);
    setSel(null);
  }, []);
  const leads = useMemo(() => Object.keys(view.box.leads ?? {}).map((id) => [id, leadName(view, id)] as const), [view]);
  const goTo = useLatest((version: number | null) => setSearch(version === null ? {} : { at: String(version) }));
  return (
    <div className="mx-auto max-w-[110rem]">
      <Heading job={job} view={view} edit={edit} change={change} phone={phone} state={state} />
      {view.box.binned && <p className="mb-4 rounded-lg border-l-6 border-amber bg-amber-wash p-3">{words.box.inBin}</p>}
      {at !== null && (
        <div className="mb-3 flex flex-wrap items-center gap-3 rounded-lg border-l-6 border-amber bg-amber-wash p-3" role="status">
          <span className="flex-1">{words.bench.lookingBack(at)}</span>
          <Button onClick={() => setSearch({})}>{words.bench.backToNow}</Button>
        </div>
      )}
      {change && (
        <StateSwitch
          job={job}
          view={view}
          change={change}
          state={state}
          edit={edit}
          onState={(s) => setSearch(s === "Planned" ? { plan: change } : { plan: change, state: s })}
          onPoint={light}
        />
      )}
      <div className="hand-grid grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_17.5rem] 2xl:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="flex min-w-0 flex-col gap-5">
          <Bench
            job={job}
            view={view}
            catalogue={catalogue}
            edit={edit}
            past={at !== null}
            lit={lit}
            sel={sel}
            onSelect={choose}
            change={change}
            small={phone}
            look={look}
          >
            {phone && powered && <div className="mt-3">{powered}</div>}
            <div className={`when-seen mt-5 flex gap-5 ${phone ? "flex-col-reverse" : "flex-col"}`}>
              {!change && <Steps job={job} box={view.id} name={view.box.name} at={at} onAt={goTo} />}
              <StrandList view={view} catalogue={catalogue} lit={lit} sel={sel} live={look.live} onSelect={choose} />
            </div>
          </Bench>
        </div>
        <div className="hand-side flex flex-col gap-4">
          {!phone && powered}
          {[
            <Counts key="counts" view={view} />,
            <FitPanel key="fit" view={view} job={job} onLine={light} sel={sel} />,
            <Verdicts key="verdicts" job={job} view={view} edit={edit} onPoint={light} />,
            <MeasurePanel key="measure" view={view} edit={edit} catalogue={catalogue} onPoint={light} />,
            <FitMore key="more" job={job} view={view} edit={edit} />,
            <BoxCard key="card" job={job} view={view} edit={edit} catalogue={catalogue} />,
            <Follow key="follow" job={job} view={view} edit={edit} />,
            <SaidList key="said" view={view} edit={edit} />,
            <Photos key="photos" job={job} view={view} edit={edit} leadNames={leads} />,
          ].map((panel) => (
            <div key={panel.key} className="when-seen">
              {panel}
            </div>
          ))}
        </div>
      </div>
    </div>
  );
}

const Heading = memo(function Heading({
  job,
  view,
  edit,
  change,
  phone,
  state,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  change: string | null;
  phone: boolean;
  state: State;
}) {
  const head = useHead(job);
  const changes = useChanges(job);
  const navigate = useNavigate();
  const [, setSearch] = useSearchParams();
  const places = Object.entries(head.data?.places ?? {}).map(([id, p]) => [id, p.name] as const);
  const walls = Object.entries(head.data?.walls ?? {}).filter(([, x]) => !x.place || x.place === view.box.place);
  const open = (changes.data ?? []).filter((c) => c.closed == null);
  const about = (
    <>
      {places.length > 0 && (
        <div className="w-40">
          <Pick
            hide
            label={words.box.move}
            value={view.box.place ?? ""}
            onChange={(place) => void edit.send({ do: "placeBox", place: place || null })}
            options={[["", words.quickFit.noRoom] as const, ...places]}
          />
        </div>
      )}
      {walls.length > 0 && (
        <div className="w-40">
          <Pick
            hide
            label={words.box.wall}
            value={view.box.wall ?? ""}
            onChange={(wall) => void edit.send({ do: "setBoxWall", wall: wall || null })}
            options={[["", words.box.noWall] as const, ...walls.map(([id, x]) => [id, x.name] as const)]}
          />
        </div>
      )}
      <Button
        look="quiet"
        onClick={() => {
          const id = newId("b");
          void edit
            .send({ do: "copyBox", id, name: words.jobs.copyOf(view.box.name) })
            .then((ok) => ok && !change && navigate(address.box(job, id)));
        }}
      >
        {words.box.copyBox}
      </Button>
      <Button look={view.box.binned ? "main" : "quiet"} onClick={() => void edit.send({ do: view.box.binned ? "bringBackBox" : "binBox" })}>
        {view.box.binned ? words.box.bringBack : words.box.bin}
      </Button>
    </>
  );
  return (
    <>
      <p className="text-sm text-ink-2">
        <Link to={address.today(job)} className="underline underline-offset-4">
          {head.data?.name}
        </Link>{" "}
        / {view.place ?? words.quickFit.noRoom}
      </p>
      <div className="mb-3 flex flex-wrap items-end gap-2">
        <h1 className="sr-only">{view.box.name}</h1>
        <div className="-ml-3 min-w-56 flex-1 text-2xl font-bold">
          <Ask
            hide
            quiet
            wide
            label={words.box.rename}
            value={view.box.name}
            onKeep={(name) => name && edit.send({ do: "renameBox", name })}
          />
        </div>
        {open.length > 0 && (
          <div className="w-56">
            <Pick
              hide
              label={words.changePage.mode}
              value={change ?? ""}
              onChange={(c: string) => setSearch(c ? { plan: c } : {})}
              options={[["", words.changePage.record] as const, ...open.map((c) => [c.id, words.changePage.planIn(c.name)] as const)]}
            />
          </div>
        )}
        {phone ? (
          <details className="w-full">
            <summary className="min-h-9 text-ink-2">{words.box.aboutBox}</summary>
            <div className="flex flex-wrap items-end gap-2">{about}</div>
          </details>
        ) : (
          about
        )}
      </div>
      {change && state === "Planned" && (
        <p className="mb-3 rounded-lg border-l-6 border-slate bg-slate-wash p-3" role="status">
          {words.changePage.planning(open.find((c) => c.id === change)?.name ?? "?")}
        </p>
      )}
    </>
  );
}, sameBox);
