import { useState } from "react";
import { Link, useParams } from "react-router";
import { newId } from "../api/client";
import { address } from "../parts/address";
import { Button, TakeOut } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { troubleWords as w } from "../words/trouble";
import { Late } from "./Late";
import { LookForm } from "./LookForm";
import { Means, usual } from "../model/Means";
import { Mended } from "./Mended";
import { NextTest } from "./NextTest";
import { Suspects } from "./Suspects";
import { Where } from "./Where";
import { useTrouble } from "./useTrouble";
import { Weighing } from "./Weighing";

/** One trouble: what comes first, what to test next, what may be behind it, what was observed, and the same again once it is mended. */
export function Trouble() {
  const { job = "", trouble = "" } = useParams();
  const [has, setHas] = useState<readonly string[]>(usual);
  const [opens, setOpens] = useState(true);
  const { told, share, stop, edit, observe, who } = useTrouble(job, trouble, has, opens);
  const weighing = <Weighing {...{ told, share, stop }} />;
  if (told.isPending) return weighing;
  const data = told.data;
  if (!data) return <Nowhere error={told.error} />;
  const closed = data.closed != null;
  const open = data.again.filter((a) => a.fits == null).length;
  return (
    <div className="mx-auto flex max-w-6xl flex-col gap-4">
      <div className="flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <Link to={address.troubles(job)} className="text-sm underline underline-offset-4">
            {w.all}
          </Link>
          <h1 className="text-2xl">{data.says}</h1>
          {data.hidden && <p className="font-semibold text-slate">{w.practising}</p>}
        </div>
        {closed ? (
          <Button onClick={() => edit({ do: "reopenComplaint", id: trouble })}>{w.reopen}</Button>
        ) : (
          <span className="text-right">
            <Button onClick={() => edit({ do: "closeComplaint", id: trouble, at: new Date().toISOString() })}>{w.close}</Button>
            {open > 0 && <span className="block text-sm text-ink-2">{w.notAgain(open)}</span>}
          </span>
        )}
      </div>
      {(told.isPlaceholderData || told.isFetching) && weighing}
      {data.urgent.map((u) => (
        <p key={u.says} role="alert" className="rounded-xl border-2 border-l-8 border-barn bg-barn-wash p-3 text-lg">
          <b>{u.says}</b> {u.now}
        </p>
      ))}
      {data.causes.length > 0 && (
        <Mended job={job} trouble={data} edit={edit} onAgain={(look, seen, again) => observe(look, seen, { again })} />
      )}
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <div className="flex flex-col gap-4">
          {data.observed.length > 0 && !closed && <NextTest job={job} trouble={data} onSeen={(trial, seen) => observe(trial.look, seen)} />}
          <Where job={job} trouble={data} onBack={(end) => edit({ do: "putBackApart", complaint: trouble, end })} />
          <Means has={has} onHas={setHas} opens={opens} onOpens={setOpens} />
        </div>
        <div className="flex flex-col gap-4">
          {data.observed.length > 0 && (
            <Suspects
              job={job}
              trouble={data}
              onFound={(s) =>
                s.faults.forEach((f) =>
                  edit({
                    do: "findCause",
                    complaint: trouble,
                    id: newId("f"),
                    found: { box: f.box, case: f.case, details: f.details, by: who, at: new Date().toISOString() },
                  }),
                )
              }
            />
          )}
          <section aria-label={w.observed}>
            <h2 className="text-lg">{w.observed}</h2>
            {data.observed.length === 0 && <p className="text-ink-2">{w.first}</p>}
            <ol>
              {data.observed.map((o) => (
                <li key={o.id} className="flex items-center gap-2 border-t border-rule py-1 first:border-t-0">
                  <span className="min-w-0 flex-1">
                    {o.says}
                    <span className="block text-sm text-ink-2">
                      {o.by},{" "}
                      {new Date(o.at).toLocaleString(undefined, { day: "numeric", month: "short", hour: "2-digit", minute: "2-digit" })}
                      {o.explained === false && ` · ${w.against}`}
                    </span>
                  </span>
                  {!closed && (
                    <TakeOut name={o.says} verb={w.strike} onClick={() => edit({ do: "strikeObserved", complaint: trouble, id: o.id })} />
                  )}
                </li>
              ))}
            </ol>
            {!closed && (
              <details open={data.observed.length === 0}>
                <summary className="min-h-11 content-center underline underline-offset-4">{w.also}</summary>
                <LookForm job={job} onSeen={observe} />
              </details>
            )}
          </section>
          <Late job={job} trouble={data} edit={edit} />
        </div>
      </div>
    </div>
  );
}
