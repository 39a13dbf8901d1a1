import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";
import { Outcome } from "../model/Outcome";
import { SmallPicture } from "../model/SmallPicture";
import { Mark } from "../model/Verdict";
import { Ask, Button } from "../parts/controls";
import { words } from "../words";
import { makesWords } from "../words/makes";
import { wayWords as w } from "../words/ways";
import { Message } from "./Message";

type Way = Schemas["ToldWay"];

/** Patterns tell the six apart where colour does not. */
const SHADE: Record<Schemas["WayPoint"], string> = {
  Damage: "var(--ink)",
  Time: "var(--slate)",
  Money: "var(--moss)",
  Outage: "var(--amber)",
  Trips: "var(--ink-2)",
  Looks: "var(--rule)",
};

/** One way: what it is, what it costs in each kind, what it settles, what is not known; the rest opens. */
export function WayCard({
  job,
  version,
  way,
  first,
  onTake,
  onOffer,
}: {
  job: string;
  version: number;
  way: Way;
  first: boolean;
  onTake: () => void;
  onOffer: () => void;
}) {
  const [open, setOpen] = useState(false);
  const look = [...way.look, ...way.measure.map((m) => m.says)];
  return (
    <li className={`rounded-2xl border-2 bg-card p-3 ${first ? "border-ink" : "border-rule"} ${open ? "col-span-full" : ""}`}>
      <h2 className="text-lg leading-snug">
        {first && <span className="mr-2 rounded-md bg-ink px-2 py-0.5 text-sm text-on-ink">{w.best}</span>}
        {way.head}
      </h2>
      {way.how.length > 0 && (
        <ul className="flex flex-wrap gap-x-1.5">
          {way.how.map((h, i) => (
            <li key={h}>{i < way.how.length - 1 ? `${h},` : h}</li>
          ))}
        </ul>
      )}
      {way.first.length > 0 && (
        <ul aria-label={w.first} className="mt-1 text-sm font-semibold">
          {way.first.map((f) => (
            <li key={f}>{f}</li>
          ))}
        </ul>
      )}
      <Bar score={way.score} worth={way.worth} />
      <ul className="mt-1 flex flex-wrap gap-x-4 text-sm">
        {way.score.map((s) => (
          <li key={s.point}>{s.says}</li>
        ))}
      </ul>
      {look.length > 0 && (
        <div className="mt-2 rounded-lg bg-slate-wash p-2 text-sm">
          <b>{way.decided ? w.measureFirst : w.waits}</b>
          <ul>
            {look.map((l) => (
              <li key={l}>{l}</li>
            ))}
          </ul>
        </div>
      )}
      {way.gone.length > 0 && (
        <div className="mt-2 text-sm">
          <b>{w.gone}</b>
          {way.gone.slice(0, 4).map((f) => (
            <p key={f.rule + f.of + f.case}>
              <Mark verdict={f.verdict} /> {f.says}
            </p>
          ))}
        </div>
      )}
      {way.stays.length > 0 && (
        <details className="mt-1 text-sm">
          <summary className="min-h-11 content-center underline underline-offset-4">{w.stays(way.stays.length)}</summary>
          {way.stays.map((f) => (
            <p key={f.rule + f.of + f.case}>
              <Mark verdict={f.verdict} /> {f.says}
            </p>
          ))}
        </details>
      )}
      <details open={open} onToggle={(e) => setOpen(e.currentTarget.open)} className="mt-1">
        <summary className="min-h-11 content-center font-semibold underline underline-offset-4">{w.more}</summary>
        {open && <Inside job={job} version={version} way={way} />}
      </details>
      {way.message && <Message job={job} way={way} message={way.message} />}
      <Button look={first ? "main" : "plain"} className="mt-1 w-full" aria-label={`${w.take}: ${way.title}`} onClick={onTake}>
        {w.take}
      </Button>
      <Button look="quiet" className="w-full" aria-label={`${w.offer}: ${way.title}`} onClick={onOffer}>
        {w.offer}
      </Button>
    </li>
  );
}

/** What it is worth in all, and of which kinds, as lengths side by side. */
function Bar({ score, worth }: { score: Way["score"]; worth: number }) {
  return (
    <div className="mt-1 flex items-center gap-2">
      <span aria-hidden className="flex h-2.5 flex-1 overflow-hidden rounded-full border border-ink">
        {score
          .filter((s) => s.worth > 0)
          .map((s) => (
            <span
              key={s.point}
              style={{ flexGrow: s.worth, background: SHADE[s.point] }}
              className="border-r border-card last:border-r-0"
            />
          ))}
      </span>
      <span className="figure text-sm">{w.worth(worth)}</span>
    </div>
  );
}

/** Before and after of every box, what changes on the rail, parts, cuts and time. */
function Inside({ job, version, way }: { job: string; version: number; way: Way }) {
  const done = useQuery({
    queryKey: keys.of(job, "outcome", "way", version, JSON.stringify(way.edit)),
    queryFn: () => must(api.POST("/api/jobs/{job}/outcome", { params: { path: { job } }, body: { edit: way.edit } })),
  });
  return (
    <div className="gap-x-8 text-sm *:mb-3 *:break-inside-avoid md:columns-2 xl:columns-3">
      {done.error && <p role="alert">{done.error.message}</p>}
      {done.isPending && <p className="text-ink-2">{words.loading}</p>}
      {done.data?.boxes.map((b) => (
        <div key={b.is.id}>
          <h3 className="text-base">
            {b.is.box.name} {!b.was && <span className="text-sm font-normal">({w.isNew})</span>}
          </h3>
          <div className={b.was ? "grid grid-cols-2 gap-2" : ""}>
            {b.was && (
              <figure>
                <SmallPicture view={b.was} lit={[]} />
                <figcaption className="text-ink-2">{w.before}</figcaption>
              </figure>
            )}
            <figure>
              <SmallPicture view={b.is} lit={b.says.flatMap((s) => s.ids)} />
              <figcaption className="text-ink-2">{w.after}</figcaption>
            </figure>
          </div>
          <ul className="list-disc pl-5">
            {b.says.map((s) => (
              <li key={s.says}>{s.says}</li>
            ))}
          </ul>
        </div>
      ))}
      {done.data && (
        <div>
          <h3 className="text-base">{w.outcome}</h3>
          <Outcome of={done.data.outcome} />
        </div>
      )}
      <Figures score={way.score} />
      <Parts parts={way.parts} />
      <div>
        <h3 className="text-base">{w.cuts}</h3>
        <ul>
          {way.cuts.map((c) => (
            <li key={c.says + c.made} className="border-t border-rule py-0.5">
              <b className="figure">{c.length}</b> {c.says}
              {c.made && <span className="block text-ink-2">{`${c.made}`}</span>}
            </li>
          ))}
        </ul>
      </div>
      <div>
        <h3 className="text-base">{w.time}</h3>
        <ul>
          {way.ops.map((o) => (
            <li key={o.key} className="flex items-center gap-2 border-t border-rule py-0.5">
              <span className="flex-1">
                {o.count === 1 ? o.name : `${o.count} × ${o.name}`}
                <span className="block text-ink-2">{o.each}</span>
              </span>
              <span className="figure">{`${Math.round(o.minutes)} min`}</span>
              <Took job={job} op={o} />
            </li>
          ))}
        </ul>
        {way.off.length > 0 && <p className="mt-1">{`${w.off}: ${way.off.join("; ")}`}</p>}
      </div>
    </div>
  );
}

/** What each figure is worth, and what it is made of. */
function Figures({ score }: { score: Way["score"] }) {
  return (
    <div>
      <h3 className="text-base">{w.figures}</h3>
      {score.map((s) => (
        <details key={s.point} className="border-t border-rule">
          <summary className="flex min-h-11 items-center gap-2">
            <span aria-hidden className="size-3 rounded-full border border-ink" style={{ background: SHADE[s.point] }} />
            <span className={`flex-1 ${s.of.length > 0 ? "underline underline-offset-4" : ""}`}>{s.says}</span>
            <span className="figure">{w.sum(s.worth)}</span>
          </summary>
          <ul className="mb-2 list-disc pl-8 text-ink-2">
            {s.of.map((o) => (
              <li key={o}>{o}</li>
            ))}
          </ul>
        </details>
      ))}
    </div>
  );
}

/** How long it took, once it is done: the house's minutes learn from it. */
function Took({ job, op }: { job: string; op: Way["ops"][number] }) {
  const { who } = useSettings();
  const edit = useEdit(job);
  const keep = (text: string) => {
    const minutes = Number(text);
    if (!(minutes > 0)) return false;
    const timed = { op: op.key, count: op.count, minutes, by: who, at: new Date().toISOString() };
    edit.mutate({ edit: { do: "logMinutes", id: newId("m"), timed } });
    return true;
  };
  return (
    <span className="no-print w-24">
      <Ask hide mono label={`${op.name}: ${w.took}`} hint={w.minutes} value="" onKeep={keep} />
      {op.timed > 0 && (
        <button
          type="button"
          className="min-h-9 text-sm underline underline-offset-4"
          aria-label={`${makesWords.forget}: ${op.name}`}
          onClick={() => edit.mutate({ edit: { do: "forgetMinutes", op: op.key } })}
        >
          {makesWords.forget}
        </button>
      )}
    </span>
  );
}

function Parts({ parts }: { parts: Way["parts"] }) {
  return (
    <div>
      <h3 className="text-base">{w.parts}</h3>
      <table className="w-full">
        <thead className="text-left text-ink-2">
          <tr>
            <th className="font-normal" />
            <th className="text-right font-normal">{w.buy}</th>
            <th className="text-right font-normal">{w.price}</th>
          </tr>
        </thead>
        <tbody>
          {parts.map((p) => (
            <tr key={p.part} className="border-t border-rule">
              <td>
                {p.count > 0 && <span className="figure">{p.feet ? `${p.count} ft ` : `${p.count} `}</span>}
                {p.name}
                {p.reused > 0 && <span className="text-ink-2">{`, ${w.reused(p.reused)}`}</span>}
              </td>
              <td className="figure text-right">{p.count === 0 ? "" : p.buy === 0 ? w.van : p.buy}</td>
              <td className="figure text-right">{p.count === 0 ? "" : w.sum(p.price)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
