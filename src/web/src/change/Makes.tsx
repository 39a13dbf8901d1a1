import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useBoxes } from "../model/job";
import { keys } from "../model/keys";
import { Button } from "../parts/controls";
import { Field } from "../parts/Field";
import { Pick } from "../parts/Pick";
import { makesWords as w } from "../words/makes";

type Fit = Schemas["ToldPatternFit"];

/** The shop's standard makes: kept from a box, tried in others, planned where they go. */
export function Makes({ job, change, onEdit }: { job: string; change: string; onEdit: (e: object) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="my-2" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-11 content-center font-semibold underline underline-offset-4">{w.title}</summary>
      {open && <Inside job={job} change={change} onEdit={onEdit} />}
    </details>
  );
}

function Inside({ job, change, onEdit }: { job: string; change: string; onEdit: (e: object) => void }) {
  const { who } = useSettings();
  const boxes = useBoxes(job);
  const [box, setBox] = useState<string | null>(null);
  const [name, setName] = useState("");
  const [make, setMake] = useState<string | null>(null);
  const [out, setOut] = useState<ReadonlySet<string>>(new Set());
  const makes = useQuery({
    queryKey: keys.of(job, "makes"),
    queryFn: () => must(api.GET("/api/jobs/{job}/patterns", { params: { path: { job } } })),
  });
  const fits = useQuery({
    queryKey: keys.of(job, "makes", change, make),
    queryFn: () =>
      must(api.POST("/api/jobs/{job}/patterns/{pattern}/try", { params: { path: { job, pattern: make! } }, body: { change } })),
    enabled: make !== null,
  });
  const go = (fits.data ?? []).filter((f) => f.edit != null);
  const chosen = go.filter((f) => !out.has(f.box));
  const turn = (f: Fit) => {
    const next = new Set(out);
    if (!next.delete(f.box)) next.add(f.box);
    setOut(next);
  };
  return (
    <div className="flex flex-col gap-3">
      <p className="text-sm text-ink-2">{w.how}</p>
      <form
        className="grid gap-2 sm:grid-cols-[1fr_1fr_auto] sm:items-end"
        onSubmit={(e) => {
          e.preventDefault();
          onEdit({ do: "keepPattern", id: newId("k"), name: name.trim(), box, by: who, at: new Date().toISOString() });
          setName("");
        }}
      >
        <Pick label={w.at} value={box} empty={w.at} onChange={setBox} options={(boxes.data ?? []).map((b) => [b.id, b.name] as const)} />
        <Field label={w.name} value={name} onType={setName} />
        <Button type="submit" disabled={!box || !name.trim()}>
          {w.keep}
        </Button>
      </form>
      {makes.data?.length === 0 && <p className="text-ink-2">{w.none}</p>}
      <ul>
        {(makes.data ?? []).map((m) => (
          <li key={m.id} className="flex flex-wrap items-center gap-3 border-t border-rule py-1">
            <span className="min-w-0 flex-1">
              <b>{m.name}</b> <span className="text-sm text-ink-2">{m.says}</span>
            </span>
            <Button aria-pressed={make === m.id} onClick={() => setMake(m.id)}>
              {w.try}
            </Button>
            <Button look="quiet" onClick={() => onEdit({ do: "removePattern", id: m.id })}>
              {w.take}
            </Button>
          </li>
        ))}
      </ul>
      {fits.data && (
        <section aria-live="polite">
          <h3 className="font-bold">{go.length === 0 ? w.nowhere : w.fits(go.length)}</h3>
          <ul>
            {go.map((f) => (
              <li key={f.box} className="border-t border-rule py-1">
                <label className="flex min-h-11 items-center gap-3">
                  <input type="checkbox" className="size-5 accent-(--ink)" checked={!out.has(f.box)} onChange={() => turn(f)} />
                  <span>
                    {f.name}
                    {f.brings.map((b) => (
                      <span key={b.rule + b.of} className="block text-sm text-barn">
                        {w.brings}: {b.says}
                      </span>
                    ))}
                  </span>
                </label>
              </li>
            ))}
          </ul>
          {chosen.length > 0 && (
            <Button
              look="main"
              onClick={() => onEdit({ do: "batch", edits: chosen.map((f) => ({ do: "planEdit", change, id: newId("q"), edit: f.edit })) })}
            >
              {w.plan(chosen.length)}
            </Button>
          )}
        </section>
      )}
    </div>
  );
}
