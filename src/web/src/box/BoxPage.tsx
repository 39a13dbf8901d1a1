import { memo, useCallback, useMemo, useState, type ReactNode, lazy, Suspense } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { newId, type BoxView, type Schemas } from "../api/client";
import { useBox, useCatalogue, useChanges, useHead, type State } from "../model/job";
import { Bench } from "../bench/Bench";
import { Gestures } from "../bench/Gestures";
import { PictureFiles } from "../bench/PictureFiles";
import type { Sel } from "../bench/select";
import { Steps } from "../bench/Steps";
import { StrandList } from "../bench/StrandList";
import { Verdicts } from "../bench/Verdicts";
import { StateSwitch } from "../change/StateSwitch";
import { MeasurePanel } from "../model/MeasurePanel";
import { LivePanel } from "../live/LivePanel";
import { useLive } from "../model/useLive";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { useLatest } from "../parts/useLatest";
import { usePhone } from "../parts/usePhone";
import { useWhole } from "../parts/useWhole";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { FitMore } from "./FitMore";
import { Panels } from "./Panels";
import { panels, usePanels, type Panel } from "./usePanels";
import { FitPanel } from "./FitPanel";
import { Follow } from "./Follow";
import { Photos } from "./Photos";
import { SaidList } from "../model/SaidList";
import { sameBox } from "../model/sameBox";
import { useBoxEdit, type BoxEdit } from "../model/useBoxEdit";
import { address } from "../parts/address";

const BoxCard = lazy(() => import("./BoxCard"));

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
  const may = useMemo(
    () => (change ? panels.filter((p) => p !== "steps") : panels).filter((p) => p !== "live" || at === null),
    [change, at],
  );
  const { open, toggle } = usePanels(phone, look, may);
  const [inHand, setInHand] = useState<HTMLElement | null>(null);
  const choose = useCallback((next: Sel | null) => {
    setSel(next);
    setLit([]);
  }, []);
  const light = useCallback((ids: readonly string[] | null) => {
    setLit(ids ?? []);
    setSel(null);
  }, []);
  const go = useLatest((to: Record<string, string>) =>
    setSearch((was) => new URLSearchParams({ ...to, ...(was.has("show") ? { show: was.get("show")! } : {}) })),
  );
  const goTo = useLatest((version: number | null) => go(version === null ? {} : { at: String(version) }));
  useWhole();
  const show: Record<Panel, () => ReactNode> = {
    verdicts: () => <Verdicts job={job} view={view} edit={edit} onPoint={light} />,
    fit: () => (
      <>
        <FitPanel view={view} job={job} onLine={light} sel={sel} />
        <FitMore job={job} view={view} edit={edit} />
      </>
    ),
    measure: () => <MeasurePanel view={view} edit={edit} catalogue={catalogue} onPoint={light} />,
    live: () => (look.live ? <LivePanel job={job} view={view} look={look} live={look.live} /> : <p role="status">{words.loading}</p>),
    leads: () => <StrandList view={view} catalogue={catalogue} lit={lit} sel={sel} live={look.live} onSelect={choose} />,
    steps: () => <Steps job={job} box={view.id} name={view.box.name} at={at} onAt={goTo} />,
    box: () => (
      <>
        <AboutBox job={job} view={view} edit={edit} change={change} />
        <Suspense fallback={<p className="text-ink-2">{words.loading}</p>}>
          <BoxCard job={job} view={view} edit={edit} catalogue={catalogue} />
        </Suspense>
        <div className="flex flex-wrap gap-2">
          <Gestures job={job} view={view} edit={edit} />
        </div>
        <PictureFiles name={view.box.name} />
        <Follow job={job} view={view} edit={edit} />
        <SaidList view={view} edit={edit} />
        <Photos job={job} view={view} edit={edit} sel={sel} lit={lit} onSelect={choose} />
      </>
    ),
  };
  return (
    <div className="bench-page mx-auto flex h-full max-w-[150rem] flex-col">
      <Heading job={job} view={view} change={change} edit={edit} state={state} go={go} />
      {view.box.binned && <p className="mb-4 rounded-lg border-l-6 border-amber bg-amber-wash p-3">{words.box.inBin}</p>}
      {at !== null && (
        <div className="mb-3 flex flex-wrap items-center gap-3 rounded-lg border-l-6 border-amber bg-amber-wash p-3" role="status">
          <span className="flex-1">{words.bench.lookingBack(at)}</span>
          <Button onClick={() => go({})}>{words.bench.backToNow}</Button>
        </div>
      )}
      {change && (
        <StateSwitch
          job={job}
          view={view}
          change={change}
          state={state}
          edit={edit}
          onState={(s) => go(s === "Planned" ? { plan: change } : { plan: change, state: s })}
          onPoint={light}
        />
      )}
      <div className="hand-grid grid min-h-0 flex-1 gap-4">
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
          beside={phone ? null : inHand}
        />
        <Panels
          view={view}
          may={may}
          open={open}
          live={look.on}
          toggle={toggle}
          above={<div ref={setInHand} className="bench-hand empty:hidden" />}
          show={(p) => show[p]()}
        />
      </div>
    </div>
  );
}

/** Which room and wall the box is in, and what can be done with it as a whole. */
function AboutBox({ job, view, edit, change }: { job: string; view: BoxView; edit: BoxEdit; change: string | null }) {
  const head = useHead(job);
  const navigate = useNavigate();
  const places = Object.entries(head.data?.places ?? {}).map(([id, p]) => [id, p.name] as const);
  const walls = Object.entries(head.data?.walls ?? {}).filter(
    ([, x]) => !x.place || x.place === view.box.place || x.behind === view.box.place,
  );
  return (
    <div className="flex flex-wrap items-end gap-2">
      {places.length > 0 && (
        <div className="min-w-40 flex-1">
          <Pick
            label={words.box.move}
            value={view.box.place ?? ""}
            onChange={(place) => void edit.send({ do: "placeBox", place: place || null })}
            options={[["", words.quickFit.noRoom] as const, ...places]}
          />
        </div>
      )}
      {walls.length > 0 && (
        <div className="min-w-40 flex-1">
          <Pick
            label={words.box.wall}
            value={view.box.wall ?? ""}
            onChange={(wall) => void edit.send({ do: "setBoxWall", wall: wall || null })}
            options={[["", words.box.noWall] as const, ...walls.map(([id, x]) => [id, x.name] as const)]}
          />
        </div>
      )}
      {view.box.wall && (
        <Link
          to={address.wall(job, view.box.wall, view.box.spot ? view.id : "")}
          className="min-h-11 content-center underline underline-offset-4"
        >
          {words.box.onWall}
        </Link>
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
      {!view.box.binned && (
        <Button look="quiet" onClick={() => void edit.send({ do: "binBox" })}>
          {words.box.bin}
        </Button>
      )}
    </div>
  );
}

const Heading = memo(function Heading({
  job,
  view,
  edit,
  change,
  state,
  go,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  change: string | null;
  state: State;
  go: (to: Record<string, string>) => void;
}) {
  const changes = useChanges(job);
  const open = (changes.data ?? []).filter((c) => c.closed == null);
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1">
        <Link to={address.today(job)} className="text-ink-2 underline underline-offset-4">
          {view.place ?? words.quickFit.noRoom}
        </Link>
        <span aria-hidden className="text-ink-2">
          /
        </span>
        <h1 className="sr-only">{view.box.name}</h1>
        <div className="-ml-3 min-w-56 flex-1 text-xl font-bold">
          <Ask
            hide
            quiet
            wide
            label={words.box.rename}
            value={view.box.name}
            onKeep={(name) => name && edit.send({ do: "renameBox", name })}
          />
        </div>
        {view.box.binned && <Button onClick={() => void edit.send({ do: "bringBackBox" })}>{words.box.bringBack}</Button>}
        {open.length > 0 && (
          <div className="w-56">
            <Pick
              hide
              label={words.changePage.mode}
              value={change ?? ""}
              onChange={(c: string) => go(c ? { plan: c } : {})}
              options={[["", words.changePage.record] as const, ...open.map((c) => [c.id, words.changePage.planIn(c.name)] as const)]}
            />
          </div>
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
