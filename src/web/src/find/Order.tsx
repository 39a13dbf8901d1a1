import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";
import { address } from "../parts/address";
import { Back } from "../parts/Back";
import { Ask, Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { mindingWords } from "../words/minding";
import { Outlet } from "./Outlet";

const w = mindingWords.order;
type Told = Schemas["ToldOrder"];

/** Which outlet of a breaker feeds which: open the one that tells most, tap what is dead, and the order stands on the run sheet. */
export default function Order() {
  const { job = "" } = useParams();
  const order = useQuery({
    queryKey: keys.of(job, "order"),
    queryFn: () => must(api.GET("/api/jobs/{job}/order", { params: { path: { job } } })),
    placeholderData: (before) => before,
  });
  if (order.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!order.data) return <Nowhere error={order.error} />;
  return (
    <div className="mx-auto max-w-2xl pb-6">
      <Back to={address.sheet(job)} />
      <h1 className="text-2xl">{w.title}</h1>
      <p className="mb-3 text-sm text-ink-2">{w.how}</p>
      {order.data.length === 0 && <p>{w.none}</p>}
      {order.data.map((one) => (
        <section key={one.key} aria-label={one.breaker} className="mb-6">
          <h2 className="mb-2 text-xl">{one.breaker}</h2>
          {one.open ? (
            <Open key={`${one.open.box} ${one.look.length}`} job={job} one={one} old={order.isPlaceholderData} />
          ) : (
            <p>{w.done}</p>
          )}
          <Stops job={job} stops={one.stops} />
        </section>
      ))}
    </div>
  );
}

/** The box to open, how, and what to look at; what nobody tapped was not looked at. */
function Open({ job, one, old }: { job: string; one: Told; old: boolean }) {
  const { who } = useSettings();
  const edit = useEdit(job);
  const [seen, setSeen] = useState<Readonly<Record<string, "Dead" | "Live">>>({});
  const [sending, setSending] = useState(false);
  const open = one.open!;
  const count = (shows: "Dead" | "Live") => one.look.filter((b) => seen[b.box] === shows).length;
  const left = one.look.length - count("Dead") - count("Live");
  const keep = () => {
    setSending(true);
    const at = new Date().toISOString();
    const edits = one.look
      .filter((b) => seen[b.box])
      .map((b) => ({
        do: "logSighting",
        id: newId("g"),
        sighting: { box: b.box, off: [], shows: seen[b.box], by: who, at, opened: open.box },
      }));
    void edit
      .mutateAsync({ edit: { do: "batch", edits } as Edit })
      .catch(() => undefined)
      .finally(() => setSending(false));
  };
  return (
    <div className="mb-3 flex flex-col gap-2 rounded-2xl border-2 border-slate bg-slate-wash p-3">
      <p className="text-lg font-bold">{one.again ? w.again(open.name) : w.next(open.name)}</p>
      <ol className="list-decimal pl-5">
        {w.steps(one.breaker).map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ol>
      <h3>{w.tap}</h3>
      <ul className="grid gap-1.5">
        {one.look.map((b) => (
          <Outlet
            key={b.box}
            outlet={b}
            shows={seen[b.box] ?? null}
            onTap={() => setSeen({ ...seen, [b.box]: seen[b.box] === "Dead" ? "Live" : "Dead" })}
          />
        ))}
      </ul>
      <Button look="main" className="min-h-14" disabled={old || sending || left === one.look.length} onClick={keep}>
        {w.keep(count("Dead"), count("Live"), left)}
      </Button>
      <p className="text-sm">{w.then}</p>
    </div>
  );
}

/** The order so far, each set in under what feeds it, with what readings make likely. */
function Stops({ job, stops }: { job: string; stops: Told["stops"] }) {
  return (
    <>
      {stops.some((s) => !s.settled) && <p className="mb-1 text-sm text-ink-2">{w.hint}</p>}
      <ol>
        {stops.map((s) => (
          <li key={s.box} className="flex items-center gap-3 border-t border-rule py-1" style={{ paddingLeft: s.depth * 18 }}>
            <span className="flex-1">
              <b>{s.name}</b>{" "}
              <span className="text-sm text-ink-2">{`${s.after ? w.after(s.after) : w.first}; ${s.settled ? w.settled : w.open}`}</span>
              {s.likely && <span className="block text-sm">{s.likely}</span>}
            </span>
            {!s.settled && <Volts job={job} box={s.box} name={s.name} />}
          </li>
        ))}
      </ol>
    </>
  );
}

/** A reading of the leg here, kept as any other reading. */
function Volts({ job, box, name }: { job: string; box: string; name: string }) {
  const { who } = useSettings();
  const edit = useEdit(job);
  const [kept, setKept] = useState("");
  const keep = (text: string) => {
    const volts = Number.parseFloat(text);
    if (!(volts >= 100 && volts <= 140)) return Promise.resolve(false);
    const reading = {
      instrument: "meter",
      ...w.reading,
      says: `${volts} V`,
      volts,
      shows: "Figure" as const,
      by: who,
      at: new Date().toISOString(),
      box,
    };
    return edit.mutateAsync({ edit: { do: "logReading", id: newId("r"), reading } }).then(
      () => (setKept(text), true),
      () => false,
    );
  };
  return (
    <span className="w-20 shrink-0">
      <Ask hide mono label={w.volts(name)} hint={w.voltsUnit} value={kept} onKeep={keep} />
    </span>
  );
}
