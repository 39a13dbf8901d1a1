import { useState } from "react";
import { newId, type Edit } from "../api/client";
import { useBoxes, useCatalogue, useEdit, useReadings } from "../model/job";
import { useSettings } from "../api/settings";
import { Ask, Button, Choice } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";

const w = words.readings;

/** What instruments said, newest first; a proof of dead is read at its box. */
export function Readings({ job }: { job: string }) {
  const readings = useReadings(job);
  const send = useEdit(job);
  const [adding, setAdding] = useState(false);
  return (
    <section aria-label={w.title}>
      <div className="mb-2 flex items-center justify-between gap-3">
        <h2 className="text-xl">{w.title}</h2>
        <Button onClick={() => setAdding(!adding)}>{w.add}</Button>
      </div>
      {adding && <Add job={job} onDone={() => setAdding(false)} />}
      {readings.data?.length === 0 && <p className="text-ink-2">{w.none}</p>}
      <ol>
        {(readings.data ?? []).map((r) => (
          <li key={r.id} className="flex flex-wrap items-center gap-x-4 border-t border-rule py-1.5 first:border-t-0">
            <span className="figure w-24 font-bold">{r.says}</span>
            <span className="min-w-60 flex-1">
              {r.fromName} <span aria-label={words.proof.to}>↔</span> {r.toName}
              {r.boxName && <span className="text-ink-2">, {r.boxName}</span>}
              {r.note && <span className="block text-sm">{r.note}</span>}
            </span>
            <span className="text-sm text-ink-2">
              {w.step[r.step]} · {r.by}, <time className="figure">{r.at.slice(0, 16).replace("T", " ")}</time>
            </span>
            {r.step === "None" && (
              <Button look="quiet" onClick={() => send.mutate({ edit: { do: "strikeReading", id: r.id } as Edit })}>
                {w.strike}
              </Button>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

function Add({ job, onDone }: { job: string; onDone: () => void }) {
  const { who } = useSettings();
  const catalogue = useCatalogue();
  const boxes = useBoxes(job);
  const send = useEdit(job);
  const [reading, setReading] = useState({ instrument: "low-impedance", box: "", from: "", to: "", says: "", note: "" });
  const set = (change: Partial<typeof reading>) => setReading({ ...reading, ...change });
  const keep = () =>
    send
      .mutateAsync({
        edit: {
          do: "logReading",
          id: newId("m"),
          reading: {
            instrument: reading.instrument,
            from: reading.from,
            to: reading.to,
            says: reading.says,
            by: who,
            at: new Date().toISOString(),
            box: reading.box || null,
            note: reading.note || null,
          },
        },
      })
      .then(onDone, () => undefined);
  return (
    <div className="mb-4 grid gap-3 rounded-2xl border-2 border-ink bg-card p-4 sm:grid-cols-2">
      <div className="sm:col-span-2">
        <Choice
          label={words.proof.instrument}
          value={reading.instrument}
          onChange={(instrument) => set({ instrument })}
          options={(catalogue.data?.instruments ?? []).map((i) => [i.id, i.name] as const)}
        />
        <p className="mt-1 text-sm text-ink-2">{catalogue.data?.instruments.find((i) => i.id === reading.instrument)?.cannot}</p>
      </div>
      <Pick
        label={w.box}
        value={reading.box}
        onChange={(box) => set({ box })}
        options={[["", w.noBox] as const, ...(boxes.data ?? []).map((b) => [b.id, b.name] as const)]}
      />
      <Ask label={w.says} mono value={reading.says} onKeep={(says) => set({ says })} />
      <Ask label={w.from} value={reading.from} onKeep={(from) => set({ from })} />
      <Ask label={w.to} value={reading.to} onKeep={(to) => set({ to })} />
      <Ask label={w.note} value={reading.note} onKeep={(note) => set({ note })} />
      <Button look="main" disabled={!reading.from || !reading.to || !reading.says} onClick={() => void keep()}>
        {words.keep}
      </Button>
    </div>
  );
}
