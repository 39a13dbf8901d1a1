import { useState } from "react";
import type { BoxView, Schemas } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { Button } from "../parts/controls";
import { pointing } from "../parts/pointing";
import { words } from "../words";
import { useSurvey } from "./useSurvey";

const w = words.survey;
type Place = Schemas["ToldPlace"];

/** One lead after another to its place; the next one comes by itself. Then the pigtails that are seen. */
export function LeadByLead({
  job,
  view,
  edit,
  onPoint,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  onPoint: (ids: readonly string[] | null) => void;
}) {
  const survey = useSurvey(job, view);
  const [on, setOn] = useState<string | null>(null);
  if (survey.isError) return <p role="alert">{words.failed}</p>;
  if (!survey.data) return <p className="text-ink-2">{words.loading}</p>;
  const { placed, leads, next, places, tails, makes, assumed } = survey.data;
  const old = survey.isPlaceholderData;
  return (
    <div className="flex flex-col gap-4">
      {leads > 0 && <p className="figure text-sm text-ink-2">{w.progress(placed.length, leads)}</p>}
      {makes.length > 0 && (
        <section aria-label={w.makes} className="rounded-xl border-2 border-dashed border-ink p-3">
          <h2 className="text-lg">{w.makes}</h2>
          <p className="mb-2 text-sm text-ink-2">{w.makesHow}</p>
          <div className="grid gap-2">
            {makes.map((m, i) => (
              <button
                key={`${i} ${m.name}`}
                type="button"
                disabled={old}
                className="min-h-12 rounded-xl border-2 border-ink bg-card px-3 py-1 text-left font-semibold"
                onClick={() => void edit.ready(m.edit)}
              >
                {m.name}
              </button>
            ))}
          </div>
        </section>
      )}
      {assumed.length > 0 && (
        <section aria-label={w.assumed} className="rounded-xl border-2 border-amber bg-amber-wash p-3">
          <h2 className="mb-1 text-lg">{w.assumed}</h2>
          <ul className="flex flex-col gap-2">
            {assumed.map((a) => (
              <li
                key={a.name}
                className="flex items-center gap-2 border-t border-rule pt-2 first:border-t-0 first:pt-0"
                {...pointing(onPoint, ...a.lit)}
              >
                <span className="flex-1">
                  <b className="block first-letter:uppercase">{a.name}</b>
                  {a.leads.map((l) => (
                    <span key={l} className="block text-sm first-letter:uppercase">
                      {l}
                    </span>
                  ))}
                </span>
                <Button disabled={old} aria-label={`${w.isSo}: ${a.name}`} onClick={() => void edit.ready(a.edit)}>
                  {w.isSo}
                </Button>
              </li>
            ))}
          </ul>
          <Button look="quiet" onClick={() => void edit.send({ do: "assumeMake", make: null })}>
            {w.notSo}
          </Button>
        </section>
      )}
      {assumed.length > 0 ? null : next ? (
        <section aria-label={w.where} onPointerEnter={() => onPoint(null)} onFocus={() => onPoint(null)}>
          <div className="rounded-xl border-2 border-slate bg-slate-wash p-3">
            <div className="text-sm">{w.where}</div>
            <div className="text-xl font-bold first-letter:uppercase">{next}</div>
          </div>
          <div className="mt-2 grid gap-2 sm:grid-cols-2">
            {places.map((p, i) => (
              <button
                key={`${i} ${p.name}`}
                type="button"
                disabled={old}
                className="min-h-12 rounded-xl border-2 border-ink bg-card px-3 text-left font-semibold first-letter:uppercase"
                onClick={() => void edit.ready(p.edit)}
              >
                {p.name}
              </button>
            ))}
          </div>
        </section>
      ) : (
        <p className="font-semibold">{leads > 0 ? w.allPlaced : w.noLeads}</p>
      )}
      {assumed.length === 0 && tails.length > 0 && <Pigtails tails={tails} old={old} onPut={(p) => void edit.ready(p.edit)} />}
      <ul className="text-sm">
        {placed.map((l) => (
          <li key={l.lead} className="flex flex-wrap items-center gap-x-2 border-t border-rule" {...pointing(onPoint, l.lead)}>
            <span className="flex-1 first-letter:uppercase">
              {l.name}: {l.lies}
            </span>
            {l.onward.length > 0 && (
              <button
                type="button"
                className="min-h-9 px-2 underline underline-offset-4"
                aria-label={`${w.goesOn}: ${l.name}`}
                aria-expanded={on === l.lead}
                onClick={() => setOn(on === l.lead ? null : l.lead)}
              >
                {w.goesOn}
              </button>
            )}
            <button
              type="button"
              className="min-h-9 px-2 underline underline-offset-4"
              aria-label={`${words.measurePanel.change}: ${l.name}`}
              onClick={() => void edit.ready(l.again)}
            >
              {words.measurePanel.change}
            </button>
            {on === l.lead && (
              <div className="basis-full pb-2">
                <Places
                  places={l.onward}
                  old={old}
                  onPut={(p) => {
                    setOn(null);
                    void edit.ready(p.edit);
                  }}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Pigtails one would see: from a joint to a terminal of the same kind that nothing lies on, and to the box. */
function Pigtails({ tails, old, onPut }: { tails: readonly Place[]; old: boolean; onPut: (place: Place) => void }) {
  return (
    <section aria-label={words.box.pigtails}>
      <h2 className="mb-1 text-lg">{words.box.pigtails}</h2>
      <Places places={tails} old={old} onPut={onPut} />
    </section>
  );
}

/** Places to tap, side by side. */
function Places({ places, old, onPut }: { places: readonly Place[]; old: boolean; onPut: (place: Place) => void }) {
  return (
    <div className="flex flex-wrap gap-2">
      {places.map((o, i) => (
        <button
          key={`${i} ${o.name}`}
          type="button"
          disabled={old}
          className="min-h-11 rounded-lg border-2 border-rule bg-card px-3 text-left text-sm font-semibold first-letter:uppercase"
          onClick={() => onPut(o)}
        >
          {o.name}
        </button>
      ))}
    </div>
  );
}
