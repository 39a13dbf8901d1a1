import { Redo2, Search, Undo2 } from "lucide-react";
import { lazy, Suspense, useEffect, useState } from "react";
import { Link, NavLink, Outlet, useLocation, useMatch, useNavigate } from "react-router";
import { useHead, useLog, useStep } from "../model/job";
import { useEvents } from "../model/useEvents";
import { useAsking } from "../api/who";
import { words } from "../words";
import { Sheet } from "../parts/Sheet";
import { Notices } from "../parts/Notices";
import { StopBar } from "./StopBar";
import { address } from "../parts/address";
import { placesOf } from "./places";
import { useBarJob } from "./useBarJob";
import { later } from "../parts/later";
import { typing } from "../parts/typing";

const LookSheet = lazy(() => import("./LookSheet"));
const More = lazy(() => later(() => import("./More")));
const WhoSheet = lazy(() => import("./WhoSheet"));
const Palette = lazy(() => import("./Palette"));

/** The frame of every place: name, where one is, undo, find, and the keys. */
export function Shell() {
  const job = useMatch("/jobs/:job/*")?.params.job ?? "";
  const bar = useBarJob();
  const navigate = useNavigate();
  const [palette, setPalette] = useState(false);
  const [keys, setKeys] = useState(false);
  const [look, setLook] = useState(false);
  const undo = useStep(job, "undo");
  const redo = useStep(job, "redo");
  const asking = useAsking();
  useEvents(job);

  useEffect(() => {
    let g = 0;
    const onKey = (event: KeyboardEvent) => {
      const ctrl = event.ctrlKey || event.metaKey;
      if (ctrl && event.key.toLowerCase() === "k") {
        event.preventDefault();
        setPalette(true);
        return;
      }
      if (typing(event.target)) return;
      if (ctrl && event.key.toLowerCase() === "z" && job) {
        event.preventDefault();
        (event.shiftKey ? redo : undo).mutate();
      } else if (ctrl || event.altKey) {
        return;
      } else if (event.key === "/") {
        event.preventDefault();
        setPalette(true);
      } else if (event.key === "?") setKeys(true);
      else if (event.key === "g") g = Date.now();
      else if (Date.now() - g < 1500) {
        g = 0;
        if (event.key === "t" && job) void navigate(address.today(job));
        if (event.key === "c" && job) void navigate(address.changes(job));
        if (event.key === "r" && job) void navigate(address.sheet(job));
        if (event.key === "q") void navigate("/quick");
        if (event.key === "j") void navigate(address.jobs);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [job, navigate, undo, redo]);

  return (
    <div className={`shell flex min-h-dvh flex-col md:[--bar:0rem] ${bar ? "[--bar:3.375rem]" : "[--bar:0rem]"}`}>
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-card focus:p-3">
        {words.boxes}
      </a>
      <header className="no-print flex flex-wrap items-center gap-x-4 gap-y-2 border-b-2 border-ink bg-card px-4 py-2">
        <Link to={address.jobs} className="text-lg font-bold">
          Jolly <span className="text-barn">Barn</span>
        </Link>
        {bar && <JobNav job={bar} />}
        <div className="hand-far flex items-center gap-1.5">
          {!bar && (
            <NavLink
              to={address.quick()}
              className="inline-flex min-h-11 items-center rounded-lg px-3 font-semibold aria-[current=page]:bg-ink
                aria-[current=page]:text-on-ink"
            >
              {words.quick}
            </NavLink>
          )}
          {job && <Steps job={job} undo={undo.mutate} redo={redo.mutate} />}
          <button
            type="button"
            className="inline-flex min-h-11 items-center gap-2 rounded-xl border-2 border-ink px-3"
            onClick={() => setPalette(true)}
            aria-label={words.find}
          >
            <Search size={18} aria-hidden />
            <span className="hidden md:inline">{words.find}</span>
            <kbd className="figure hidden text-ink-2 md:inline">/</kbd>
          </button>
          <Suspense fallback={<span className="size-11 rounded-xl border-2 border-ink" />}>
            <More job={bar} onLook={() => setLook(true)} onKeys={() => setKeys(true)} />
          </Suspense>
        </div>
      </header>
      {job && <StopBar job={job} />}
      <main id="main" tabIndex={-1} className="flex-1 px-4 py-4 outline-none">
        <Outlet />
      </main>
      <footer className={`px-4 text-sm text-ink-2 sm:px-6 ${bar ? "pb-20 md:pb-4" : "pb-4"}`}>{words.caution}</footer>
      <Notices />
      <Suspense>{palette && <Palette open onClose={() => setPalette(false)} job={job} />}</Suspense>
      <Sheet title={words.keysTitle} open={keys} onClose={() => setKeys(false)}>
        <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
          {words.keyList.map(([key, says]) => (
            <div key={key} className="contents">
              <dt className="figure font-bold">{key}</dt>
              <dd>{says}</dd>
            </div>
          ))}
        </dl>
      </Sheet>
      <Suspense>{asking && <WhoSheet />}</Suspense>
      <Suspense>{look && <LookSheet onClose={() => setLook(false)} />}</Suspense>
    </div>
  );
}

/** Places of a job: at the thumb on a phone. */
function JobNav({ job }: { job: string }) {
  const head = useHead(job);
  const { pathname } = useLocation();
  if (head.error) return null;
  return (
    <nav
      aria-label={head.data?.name ?? words.product}
      className="fixed inset-x-0 bottom-0 z-40 flex justify-around border-t-2 border-ink bg-card px-1 pt-1
        pb-[max(0.25rem,env(safe-area-inset-bottom))] md:static md:flex-wrap md:justify-start md:gap-1 md:border-0 md:p-0"
    >
      <span className="mr-2 hidden self-center text-ink-2 lg:inline">{head.data?.name}</span>
      {placesOf(job).map(({ to, name, within }) => (
        <Link
          key={to}
          to={to}
          aria-current={within(pathname) ? "page" : undefined}
          className="inline-flex min-h-11 shrink-0 items-center rounded-lg px-2 font-semibold aria-[current=page]:bg-ink
            aria-[current=page]:text-on-ink md:px-2.5"
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}

function Steps({ job, undo, redo }: { job: string; undo: () => void; redo: () => void }) {
  const log = useLog(job);
  const look =
    "grid size-11 place-items-center rounded-xl border-2 border-ink disabled:border-rule disabled:text-ink-2 disabled:opacity-60";
  return (
    <>
      <button type="button" className={look} onClick={undo} disabled={!log.data?.undo} aria-label={words.undo} title={log.data?.undo ?? ""}>
        <Undo2 size={20} aria-hidden />
      </button>
      <button type="button" className={look} onClick={redo} disabled={!log.data?.redo} aria-label={words.redo} title={log.data?.redo ?? ""}>
        <Redo2 size={20} aria-hidden />
      </button>
    </>
  );
}
