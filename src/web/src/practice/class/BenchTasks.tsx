import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, must, newId, type Schemas } from "../../api/client";
import { useBoxes, useJobs } from "../../model/job";
import { address } from "../../parts/address";
import { Button, TakeOut } from "../../parts/controls";
import { Field } from "../../parts/Field";
import { Nowhere } from "../../parts/Nowhere";
import { Pick } from "../../parts/Pick";
import { words } from "../../words";
import { classWords as w } from "../../words/class";
import { usePlan, type View } from "./useClass";

type Task = Schemas["BenchTask"];
type Point = Schemas["ToldBenchPoint"];

/** Boxes the class makes with real wire, and who made them. */
export function BenchTasks({ view }: { view: View }) {
  const [setting, setSetting] = useState(false);
  const plan = usePlan(view.id, () => setSetting(false));
  const put = (bench: readonly Task[]) => plan.mutate({ ...view.plan, bench: [...bench] });
  return (
    <section aria-label={w.tabs.bench} className="flex flex-col gap-3">
      <p className="text-ink-2">{w.benchHow}</p>
      {view.bench.map((t) => (
        <article key={t.id} className="rounded-2xl border-2 border-rule bg-card p-3">
          <div className="flex flex-wrap items-center gap-x-4">
            <h2 className="mr-auto text-lg">{t.name}</h2>
            <Link to={address.box(t.job, t.box)} className="inline-flex min-h-11 items-center underline underline-offset-4">
              {w.benchOpen}
            </Link>
            <TakeOut name={t.name} onClick={() => put(view.plan.bench.filter((b) => b.id !== t.id))} />
          </div>
          <p className="text-sm text-ink-2">{t.points.map((p) => p.name).join(" · ")}</p>
          <ul className="mt-2 flex flex-wrap gap-2">
            {view.learners.length === 0 && <li className="text-ink-2">{w.nobody}</li>}
            {view.learners.map((l) => {
              const cell = l.cells.find((c) => c.item === t.id);
              return (
                <li key={l.number}>
                  <Link
                    to={address.benchMark(view.id, t.id, l.number)}
                    className="flex min-h-11 items-center gap-2 rounded-xl border-2 border-ink bg-paper px-3 font-semibold"
                  >
                    {l.name}
                    {cell && <span className="figure font-normal">{w.missedOf(cell.steps, cell.all)}</span>}
                  </Link>
                </li>
              );
            })}
          </ul>
        </article>
      ))}
      {setting ? (
        <SetBox busy={plan.isPending} onSet={(t) => put([...view.plan.bench, t])} />
      ) : (
        <Button look="main" className="self-start" onClick={() => setSetting(true)}>
          {w.benchNew}
        </Button>
      )}
    </section>
  );
}

/** Chooses a drawn box, and what is looked at in it. */
function SetBox({ busy, onSet }: { busy: boolean; onSet: (task: Task) => void }) {
  const jobs = useJobs(false);
  const [job, setJob] = useState<string | null>(null);
  const boxes = useBoxes(job ?? "");
  const [box, setBox] = useState<string | null>(null);
  const list = useQuery({
    enabled: job !== null && box !== null,
    queryKey: ["bench-list", job, box],
    queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/bench-list", { params: { path: { job: job!, box: box! } } })),
  });
  const named = boxes.data?.find((b) => b.id === box)?.name ?? "";
  return (
    <div className="flex flex-col gap-3 rounded-2xl border-2 border-ink bg-card p-4">
      <div className="flex flex-wrap gap-3">
        <Pick
          label={w.benchJob}
          empty={w.choose}
          value={job}
          options={(jobs.data ?? []).map((j) => [j.id, j.name] as const)}
          onChange={(id) => {
            setJob(id);
            setBox(null);
          }}
        />
        {job && (
          <Pick
            label={w.benchBox}
            empty={w.choose}
            value={box}
            options={(boxes.data ?? []).map((b) => [b.id, b.place ? `${b.name}, ${b.place}` : b.name] as const)}
            onChange={setBox}
          />
        )}
      </div>
      {list.error && <Nowhere error={list.error} />}
      {list.isLoading && <p className="text-ink-2">{words.loading}</p>}
      {job && box && list.data && <Points key={box} list={list.data} named={named} busy={busy} onSet={(t) => onSet({ ...t, job, box })} />}
    </div>
  );
}

function Points({
  list,
  named,
  busy,
  onSet,
}: {
  list: Schemas["BenchListView"];
  named: string;
  busy: boolean;
  onSet: (task: Omit<Task, "job" | "box">) => void;
}) {
  const [name, setName] = useState(named);
  const [off, setOff] = useState<readonly string[]>([]);
  const on = list.points.filter((p) => !off.includes(p.id));
  return (
    <>
      <Field label={w.benchName} value={name} onType={setName} />
      {list.against.length > 0 && (
        <div role="alert" className="rounded-xl border-2 border-l-8 border-amber bg-amber-wash p-3">
          <p className="font-semibold">{w.benchAgainst}</p>
          <ul className="list-disc pl-5">
            {list.against.map((a, i) => (
              <li key={i}>{a}</li>
            ))}
          </ul>
        </div>
      )}
      <fieldset>
        <legend className="mb-1 text-sm text-ink-2">{w.benchPoints(on.length)}</legend>
        <div className="grid gap-x-6 sm:grid-cols-2">
          {list.points.map((p) => (
            <label key={p.id} className="flex min-h-11 items-center gap-3 border-b border-rule">
              <input
                type="checkbox"
                className="size-6 shrink-0 accent-ink"
                checked={!off.includes(p.id)}
                onChange={(e) => setOff(e.target.checked ? off.filter((x) => x !== p.id) : [...off, p.id])}
              />
              <span>
                <b>{p.name}</b> <PointSays point={p} />
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      <Button
        look="main"
        className="self-start"
        disabled={busy || on.length === 0 || name.trim() === ""}
        onClick={() =>
          onSet({
            id: newId("b"),
            name: name.trim(),
            points: on.map((p) => ({ id: p.id, answer: p.answer, limit: p.inches, most: p.most })),
          })
        }
      >
        {w.benchSet}
      </Button>
    </>
  );
}

/** The limit of a point, or how the house does it. */
export function PointSays({ point }: { point: Point }) {
  if (point.answer != null)
    return (
      <span className="text-sm text-ink-2">
        {point.says} ({w.benchHouse})
      </span>
    );
  return point.limit ? <span className="figure text-sm text-ink-2">{point.limit}</span> : null;
}
