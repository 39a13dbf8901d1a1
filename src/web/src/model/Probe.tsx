import { useEffect, useState } from "react";
import { newId, type Schemas } from "../api/client";
import { useCatalogue, useEdit } from "./job";
import { settings } from "../api/settings";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { Compared } from "./Compared";
import { useCompare, useProbe, type BoxLive, type Look } from "./useLive";
import { served } from "../parts/address";

const w = words.live;

/** An instrument laid on two points, and the reading of a real one written beside it. */
export function Probe({ job, box, look, live }: { job: string; box: string; look: Look; live: BoxLive }) {
  const catalogue = useCatalogue();
  const [instrument, setInstrument] = useState("meter");
  const [from, setFrom] = useState<string | null>(null);
  const [to, setTo] = useState<string | null>(null);
  const read = useProbe(job, look);
  const points = live.points.map((p) => [p.point, p.name] as const);
  const ready = from !== null && (instrument === "pen" || (to !== null && to !== from));
  const nameOf = (p: string) => points.find(([id]) => id === p)?.[1] ?? p;
  const change = (set: () => void) => {
    set();
    read.reset();
  };
  return (
    <section aria-label={w.probe} className="flex flex-col gap-2">
      <h3 className="text-sm">{w.probe}</h3>
      <Pick
        hide
        label={w.instrument}
        value={instrument}
        onChange={(i: string) => change(() => setInstrument(i))}
        options={(catalogue.data?.instruments ?? []).filter((i) => i.id !== "plug-in").map((i) => [i.id, i.name] as const)}
      />
      <Pick hide label={w.from} empty={w.from} value={from} onChange={(p: string) => change(() => setFrom(p))} options={points} />
      {instrument !== "pen" && (
        <Pick hide label={w.to} empty={w.to} value={to} onChange={(p: string) => change(() => setTo(p))} options={points} />
      )}
      <Button
        disabled={!ready}
        onClick={() => read.mutate({ instrument, from: from!, to: instrument === "pen" ? "earth" : to!, setting: look.setting })}
      >
        {w.read}
      </Button>
      {ready && (
        <Stream
          key={`${instrument}|${from}|${to}`}
          of={look.of}
          job={job}
          box={box}
          instrument={instrument}
          from={from}
          to={to ?? "earth"}
          name={nameOf}
        />
      )}
      {read.error && <p role="alert">{read.error.message}</p>}
      {read.data && read.variables.setting === look.setting && <Read job={job} box={box} look={look} shown={read.data} name={nameOf} />}
    </section>
  );
}

type Display = Schemas["Display"];

/** What each instrument that shows no number can show. */
const DISPLAYS: Record<string, readonly Display[]> = { pen: ["Glows", "Dark"], continuity: ["Ohms", "Open", "Overload"] };

/** What is expected; what the real one shows is written beside it, and where the two differ, what would explain that. */
function Read({
  job,
  box,
  look,
  shown,
  name,
}: {
  job: string;
  box: string;
  look: Look;
  shown: Schemas["ToldShown"];
  name: (point: string) => string;
}) {
  const send = useEdit(job);
  const compare = useCompare(job, box, look);
  const displays = DISPLAYS[shown.instrument];
  const keep = (display: Display, volts: number | null) => {
    const reading = {
      instrument: shown.instrument,
      from: name(shown.from),
      to: name(shown.to),
      says: volts === null ? w.displays[display] : `${volts} V`,
      volts,
      shows:
        volts !== null ? ("Figure" as const) : display === "Dark" || display === "Open" ? ("Nothing" as const) : ("Something" as const),
      by: settings().who,
      at: new Date().toISOString(),
      box,
      note: w.predicted(shown.shows),
    };
    void send.mutateAsync({ edit: { do: "logReading", id: newId("r"), reading } }).then(
      () => compare.mutate({ instrument: shown.instrument, from: shown.from, to: shown.to, display, volts }),
      () => undefined,
    );
  };
  const number = (text: string) => {
    const real = Number.parseFloat(text);
    if (text && !Number.isNaN(real)) keep("Volts", real);
  };
  return (
    <div role="status" className="rounded-lg bg-ink p-3 text-on-ink">
      <p className="figure text-2xl">{shown.shows}</p>
      <p className="text-sm">{shown.means}</p>
      {shown.trips.map((t) => (
        <p key={t.guard} className="text-sm first-letter:uppercase">
          {t.says}
        </p>
      ))}
      {compare.isIdle && (
        <div className="mt-2 rounded-lg bg-card p-2 text-ink">
          {displays ? (
            <div role="group" aria-label={w.real} className="flex flex-wrap items-center gap-2">
              <span className="text-sm text-ink-2">{w.real}</span>
              {displays.map((d) => (
                <Button key={d} onClick={() => keep(d, null)}>
                  {w.displays[d]}
                </Button>
              ))}
            </div>
          ) : (
            <Ask label={w.real} hint={w.realHint} value="" onKeep={number} />
          )}
        </div>
      )}
      {compare.isPending && (
        <p className="mt-2 flex items-center gap-3">
          {w.comparing}
          <Button onClick={compare.stop}>{w.stop}</Button>
        </p>
      )}
      {compare.error && <p role="alert">{compare.error.message}</p>}
      {compare.data && <Compared job={job} compared={compare.data} />}
    </div>
  );
}

type Reading = { meter: string; instrument: string; shows: string; volts: number | null; at: string };

/** Readings streamed from the stand-in meter, in a copy of the job with a fault somebody hid; each is written down on its own. */
function Stream({
  of: { change, state },
  job,
  box,
  instrument,
  from,
  to,
  name,
}: {
  /** The state of the job that is shown. */
  of: Look["of"];
  job: string;
  box: string;
  instrument: string;
  from: string;
  to: string;
  name: (point: string) => string;
}) {
  const send = useEdit(job);
  const [hidden, setHidden] = useState<number | null>(null);
  const [last, setLast] = useState<Reading | null>(null);
  useEffect(() => {
    if (hidden === null) return;
    const query = new URLSearchParams({
      instrument,
      from,
      to,
      hidden: String(hidden),
      ...(change ? { change } : {}),
      ...(state ? { state } : {}),
    });
    const source = new EventSource(served.meter(job, query));
    source.addEventListener("reading", (e) => setLast(JSON.parse((e as MessageEvent<string>).data) as Reading));
    return () => source.close();
  }, [hidden, job, instrument, from, to, change, state]);
  if (hidden === null)
    return (
      <Button look="quiet" title={w.standInHow} onClick={() => setHidden(1 + Math.floor(Math.random() * 9999))}>
        {w.standIn}
      </Button>
    );
  const keep = () =>
    last &&
    void send
      .mutateAsync({
        edit: {
          do: "logReading",
          id: newId("r"),
          reading: {
            instrument,
            from: name(from),
            to: name(to),
            says: last.shows,
            volts: last.volts,
            by: settings().who,
            at: last.at,
            box,
            note: w.standInNote(hidden),
          },
        },
      })
      .catch(() => undefined);
  return (
    <div className="rounded-lg border-2 border-dashed border-ink p-2" data-meter>
      <p className="text-sm text-ink-2">{w.standInOf(hidden)}</p>
      <p className="figure text-2xl" aria-live="off">
        {last?.shows ?? "…"}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button disabled={!last} onClick={keep}>
          {w.keepThis}
        </Button>
        <Button look="quiet" onClick={() => setHidden(null)}>
          {w.standInStop}
        </Button>
      </div>
    </div>
  );
}
