import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { Mark } from "../model/Verdict";
import { address } from "../parts/address";
import { run } from "../parts/measure";
import { Button } from "../parts/controls";
import type { Send } from "../model/edits";
import { words } from "../words";
import { sheetWords } from "../words/sheet";
import { loadWords } from "../words/loads";
import { mindingWords } from "../words/minding";
import { EndOf } from "./EndOf";
import { spotOf, type Rail, type Stop } from "./show";

const ProbeHere = lazy(() => import("./ProbeHere"));
const w = sheetWords.sheet;

/** A stop that is chosen: how it hangs, what is expected there, its figures, and the ways on from it. */
export function StopCard({
  job,
  rail,
  stop,
  rails,
  across,
  onStop,
  onDraw,
  onInto,
  send,
  onClose,
}: {
  job: string;
  rail: Rail;
  stop: Stop;
  rails: readonly Rail[];
  across: Schemas["SheetView"]["across"];
  onStop: (spot: string) => void;
  /** A cable is to be drawn from here: what is tapped next is where it goes. */
  onDraw: () => void;
  /** A box is to be put into the cable it comes by. */
  onInto: () => void;
  send: Send;
  onClose: () => void;
}) {
  const { units } = useSettings();
  const [testing, setTesting] = useState(false);
  const length = stop.length ? run(stop.length, units) : "";
  const stops = rails.flatMap((r) => r.stops);
  const ties = [...rail.ties, ...across]
    .filter((t) => t.from === stop.key || t.to === stop.key)
    .map((t) => stops.find((s) => s.key === (t.from === stop.key ? t.to : t.from))?.name ?? "?");
  const facts: (readonly [string, string])[] = [
    [w.comesBy, stop.size ? `${stop.size}${length && `, ${length}`}` : w.notSeen],
    [w.expected, w.expects(stop)],
    ...(stop.guards.length > 0 ? [[w.protectedBy, stop.guards.join("; ")] as const] : []),
    ...(stop.drop == null ? [] : [[words.supply.farthest, `${stop.drop.toFixed(1)} %`] as const]),
    ...(stop.faultAmperes == null
      ? []
      : [[words.supply.fault, `${stop.faultAmperes} A${stop.atOnce ? `, ${words.supply.atOnce[stop.atOnce]}` : ""}`] as const]),
    ...(rail.amperes == null || !rail.knownLoad ? [] : [[w.headroom, w.left(rail.amperes - rail.knownLoad)] as const]),
    ...(ties.length > 0 ? [[w.ties, ties.join("; ")] as const] : []),
  ];
  return (
    <section aria-label={stop.name} className="rounded-2xl border-2 border-ink bg-card p-3">
      <div className="flex items-start gap-3">
        <div className="flex-1">
          <h2 className="text-lg first-letter:uppercase">{stop.name}</h2>
          <p className="text-sm text-ink-2">{[stop.place, rail.name].filter(Boolean).join(" · ")}</p>
        </div>
        {stop.box && (stop.judged ? <Mark verdict={stop.worst} /> : <span className="text-sm text-ink-2">{w.notOpened}</span>)}
        <button type="button" className="min-h-11 px-2 underline underline-offset-4" onClick={onClose}>
          {words.close}
        </button>
      </div>
      <dl className="my-2 flex flex-wrap gap-x-6 gap-y-1.5">
        {facts.map(([what, says]) => (
          <div key={what}>
            <dt className="text-sm text-ink-2">{what}</dt>
            <dd className="font-semibold">{says}</dd>
          </div>
        ))}
      </dl>
      <Suspense>{testing && stop.box && <ProbeHere job={job} box={stop.box} onClose={() => setTesting(false)} />}</Suspense>
      <EndOf stop={stop} send={send} />
      <div className="flex flex-wrap gap-2">
        {stop.box && (
          <Link
            to={address.box(job, stop.box)}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-ink px-4 font-semibold text-on-ink"
          >
            {w.open}
          </Link>
        )}
        {stop.box && (
          <Link
            to={address.breaker(job, stop.box)}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink px-4 font-semibold"
          >
            {words.whichBreaker}
          </Link>
        )}
        {stop.box && (
          <Link
            to={address.troubles(job, stop.box)}
            className="inline-flex min-h-11 items-center px-2 font-semibold underline underline-offset-4"
          >
            {words.wrongHere}
          </Link>
        )}
        {stop.box && (
          <Link
            to={address.loads(job, stop.box)}
            className="inline-flex min-h-11 items-center px-2 font-semibold underline underline-offset-4"
          >
            {loadWords.loads.link}
          </Link>
        )}
        {stop.box && (
          <Link
            to={address.ways(job, { kind: "MoreOutlets", box: stop.box })}
            className="inline-flex min-h-11 items-center px-2 font-semibold underline underline-offset-4"
          >
            {w.moreFrom}
          </Link>
        )}
        {stop.box && !stop.seen && !stop.by && (
          <Link to={address.order(job)} className="inline-flex min-h-11 items-center px-2 font-semibold underline underline-offset-4">
            {mindingWords.order.link}
          </Link>
        )}
        {stop.box && stop.judged && (
          <Button look="quiet" onClick={() => setTesting(true)}>
            {w.testHere}
          </Button>
        )}
        {stop.at !== "Panel" && (
          <Button look="quiet" onClick={onDraw}>
            {stop.at === "Box" ? w.drawFrom : w.followTo}
          </Button>
        )}
        {stop.by && (
          <Button look="quiet" onClick={onInto}>
            {words.along.putBox}
          </Button>
        )}
        {stop.also.map((key) => (
          <button
            key={key}
            type="button"
            className="min-h-11 rounded-xl border-2 border-ink px-4 font-semibold"
            onClick={() => onStop(spotOf(key, stop.key))}
          >
            {w.alsoOn(rails.find((r) => r.key === key)?.name ?? key)}
          </button>
        ))}
      </div>
    </section>
  );
}
