import { lazy, Suspense, useEffect, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import type { Send } from "../model/edits";
import { useEdit, useHead, useSheet, useSupply } from "../model/job";
import { address } from "../parts/address";
import { usePhone } from "../parts/usePhone";
import { Button, Choice } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import { drawWords } from "../words/draw";
import { Apart } from "./Apart";
import { Behind, type Over } from "./Behind";
import { Drawn } from "./Drawn";
import { Feeds } from "./Feeds";
import { PhoneRail } from "./PhoneRail";
import { PrintRails } from "./PrintRails";
import { SheetPicture } from "./SheetPicture";
import { drawOf, railsOf, SHOWS, spotAt, spotOf, type Rail, type Stop } from "./show";
import { StopCard } from "./StopCard";

const IntoCable = lazy(() => import("../model/IntoCable"));
const w = sheetWords.sheet;

/** The whole job as electricity sees it: where power comes from and where it goes. */
export default function RunSheet() {
  const { job = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const sheet = useSheet(job);
  const head = useHead(job);
  const supply = useSupply(job);
  const edit = useEdit(job);
  const phone = usePhone();
  const [chosen, setOver] = useState<Over | null>(null);
  const [from, setFrom] = useState<string | null>(null);
  const [drawn, setDrawn] = useState<readonly [string, string] | null>(null);
  const [into, setInto] = useState<Stop | null>(null);
  useEffect(() => {
    if (!from) return;
    const stop = (e: KeyboardEvent) => e.key === "Escape" && setFrom(null);
    window.addEventListener("keydown", stop);
    return () => window.removeEventListener("keydown", stop);
  }, [from]);
  const show = SHOWS.find((s) => s === search.get("show")) ?? "all";
  const [room, at] = [search.get("room") ?? "", search.get("at")];
  const put = (change: Record<string, string | null>) =>
    setSearch(
      (was) => {
        const next = new URLSearchParams(was);
        for (const [key, value] of Object.entries(change)) {
          if (value) next.set(key, value);
          else next.delete(key);
        }
        return next;
      },
      { replace: true },
    );
  if (sheet.isPending || head.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!sheet.data || !head.data) return <Nowhere error={sheet.error ?? head.error} />;
  const { rails, apart } = sheet.data;
  const kept = railsOf(rails, show, room);
  const found = kept.flatMap((rail) => rail.stops.map((stop) => ({ rail, stop }))).find((x) => spotOf(x.rail.key, x.stop.key) === at);
  const send: Send = (e) => edit.mutate({ edit: e, base: head.data.version });
  const rooms = [...new Set(rails.flatMap((r) => r.stops.map((s) => s.place)).filter((p): p is string => Boolean(p)))].sort();
  // A link may lead to a circuit or to a panel: it opens over the sheet until it is shut.
  const asked = search.get("open");
  const linked = rails.find((r) => r.breakers.some((b) => b.circuit === asked));
  const opened =
    chosen ??
    (asked === null
      ? null
      : linked
        ? ({ what: "rail", rail: linked } as const)
        : ({ what: asked === "rooms" ? "rooms" : "panels" } as const));
  // The rail as it is now, not as it was when it was opened.
  const over = opened?.what === "rail" ? { ...opened, rail: rails.find((r) => r.key === opened.rail.key) ?? opened.rail } : opened;
  const shut = () => {
    setOver(null);
    put({ open: null });
  };
  const draw = (start: string, end: string) => {
    setFrom(null);
    if (start !== end) setDrawn([start, end]);
  };
  const openRail = (rail: Rail) => (from ? draw(from, drawOf(rail.key)) : rail.breakers[0] && setOver({ what: "rail", rail }));
  const pick = (spot: string) => (from ? draw(from, spot) : put({ at: spot === at ? null : spot }));
  const named = (key: string) => {
    const spot = spotAt(key);
    const rail = rails.find((r) => r.key === spot.rail);
    return rail?.stops.find((s) => s.key === spot.stop)?.name ?? (rail ? w.railSays(rail) : "");
  };
  const act = (e: Schemas["Edit"]) =>
    edit.mutateAsync({ edit: e, base: head.data.version }).then(
      () => true,
      () => false,
    );
  const index = Math.max(
    0,
    kept.findIndex((r) => r.key === (search.get("rail") ?? found?.rail.key)),
  );
  return (
    <div className="mx-auto max-w-[150rem]">
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <h1 className="mr-auto self-center text-2xl">{words.runSheet}</h1>
        <div className="no-print flex flex-wrap items-end gap-2">
          <Choice hide label={w.show} value={show} onChange={(s) => put({ show: s === "all" ? null : s })} options={w.shows} />
          {rooms.length > 0 && (
            <div className="w-38">
              <Pick
                hide
                label={w.room}
                value={room}
                onChange={(r) => put({ room: r || null })}
                options={[["", w.everyRoom] as const, ...rooms.map((r) => [r, r] as const)]}
              />
            </div>
          )}
          <Button onClick={() => setOver({ what: "panels" })}>{w.panels}</Button>
          <Button onClick={() => setOver({ what: "rooms" })}>{w.rooms}</Button>
          <Link
            to={address.labels(job)}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
          >
            {w.labels}
          </Link>
          <span className="hidden md:inline">
            <Button onClick={() => window.print()}>{words.todayVerdicts.print}</Button>
          </span>
        </div>
      </div>
      <Feeds head={head.data} feeds={sheet.data.feeds} onOpen={() => setOver({ what: "panels" })} />
      <Behind job={job} head={head.data} supply={supply.data} over={over} send={send} onClose={shut} />
      {rails.length === 0 && <p className="mb-3 text-ink-2">{w.empty}</p>}
      {sheet.data.working && (
        <p role="status" className="text-sm text-ink-2">
          {w.working}
        </p>
      )}
      {kept.length === 0 && rails.length > 0 && <p className="text-ink-2">{w.none}</p>}
      {found && (
        <div
          className={
            phone ? "fixed inset-x-2 bottom-(--bar) z-30 mb-2 max-h-[42dvh] overflow-y-auto rounded-2xl" : "sticky top-2 z-10 mb-3"
          }
        >
          <StopCard
            job={job}
            rail={found.rail}
            stop={found.stop}
            rails={rails}
            across={sheet.data.across}
            onStop={(spot) => put({ at: spot, rail: null })}
            onDraw={() => {
              setFrom(spotOf(found.rail.key, found.stop.key));
              put({ at: null });
            }}
            onInto={() => setInto(found.stop)}
            send={send}
            onClose={() => put({ at: null })}
          />
        </div>
      )}
      {from && (
        <p role="status" className="sticky top-2 z-20 mb-3 flex items-center gap-3 rounded-xl border-2 border-slate bg-slate-wash px-3">
          <span className="flex-1">{drawWords.draw.next(named(from))}</span>
          <Button look="quiet" onClick={() => setFrom(null)}>
            {drawWords.draw.leave}
          </Button>
        </p>
      )}
      {drawn && (
        <Drawn
          key={drawn.join()}
          job={job}
          version={sheet.data.version}
          from={spotAt(drawn[0])}
          to={spotAt(drawn[1])}
          names={[named(drawn[0]), named(drawn[1])]}
          onDo={act}
          onClose={() => setDrawn(null)}
        />
      )}
      <Suspense>
        {into?.by && (
          <IntoCable
            job={job}
            version={sheet.data.version}
            cable={{ run: into.by, side: into.side, name: w.way(into) }}
            onPut={act}
            onClose={() => setInto(null)}
          />
        )}
      </Suspense>
      {kept.length > 0 &&
        (phone ? (
          <PhoneRail
            rails={kept}
            index={index}
            onIndex={(i) => put({ rail: kept[i]!.key, at: null })}
            show={show}
            room={room}
            at={at}
            onStop={pick}
            onRail={openRail}
          />
        ) : (
          <div className="no-print by-itself overflow-x-auto">
            <SheetPicture
              rails={kept}
              across={sheet.data.across}
              panels={head.data.panels}
              show={show}
              room={room}
              at={at}
              onStop={pick}
              onRail={openRail}
              onCable={setInto}
              onDraw={draw}
            />
          </div>
        ))}
      <PrintRails rails={kept} />
      <Apart job={job} apart={apart} />
    </div>
  );
}
