import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, must, type Schemas } from "../../api/client";
import { address, served } from "../../parts/address";
import { Back } from "../../parts/Back";
import { Ask, Button } from "../../parts/controls";
import { Nowhere } from "../../parts/Nowhere";
import { say } from "../../parts/Notices";
import { PickFile } from "../../parts/PickFile";
import { sendPicture } from "../../parts/picture";
import { words } from "../../words";
import { classWords as w } from "../../words/class";
import { PointSays } from "./BenchTasks";
import { useClass } from "./useClass";

type Mark = Schemas["BenchView"];
/** A box of real wire at the bench of one learner: each point holds or not, or is measured. */
export default function BenchMark() {
  const { one = "", task = "", learner = "" } = useParams();
  const mark = useQuery({
    queryKey: keyOf(one, task, Number(learner)),
    queryFn: () =>
      must(
        api.GET("/api/classes/{class}/bench/{task}/learners/{learner}", {
          params: { path: { class: one, task, learner: Number(learner) } },
        }),
      ),
    staleTime: Infinity,
  });
  if (mark.error) return <Nowhere error={mark.error} />;
  return mark.data ? <Look key={`${task}-${learner}`} one={one} mark={mark.data} /> : <p className="text-ink-2">{words.loading}</p>;
}

type Found = Schemas["BenchFound"];
const keyOf = (one: string, task: string, learner: number) => ["bench-mark", one, task, String(learner)];

/** Every touch is kept at once; what holds by the tape the program says. */
function Look({ one, mark }: { one: string; mark: Mark }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const view = useClass(one);
  const since = useRef<number | null>(null);
  // What was touched since this screen was opened: it is sent with all that is known.
  const [touched, setTouched] = useState<Readonly<Record<string, Found>>>({});
  const key = keyOf(one, mark.task.id, mark.learner);
  const keep = useMutation({
    scope: { id: key.join("/") },
    mutationFn: ({ found, photo }: { found: readonly Found[]; photo: string | null }) =>
      must(
        api.POST("/api/classes/{class}/bench/{task}/learners/{learner}", {
          params: { path: { class: one, task: mark.task.id, learner: mark.learner } },
          body: { found: [...found], seconds: mark.seconds + Math.round((Date.now() - (since.current ?? Date.now())) / 1000), photo },
        }),
      ),
    onSuccess: (now) => client.setQueryData(key, { ...now, seconds: mark.seconds }),
  });
  const at = (id: string): Found | undefined => touched[id] ?? mark.found.find((f) => f.point === id);
  const holds = (id: string) => {
    const told = mark.found.find((f) => f.point === id);
    const mine = touched[id];
    if (mine && mine.tape !== told?.tape && mine.tape != null) return null;
    return (mine?.tape == null && mine ? mine.holds : told?.holds) ?? null;
  };
  const open = mark.task.points.filter((p) => holds(p.id) === null);
  const faults = mark.task.points.filter((p) => holds(p.id) === false).length;
  // What does not read is not taken: it stays in its field, and what is touched next is kept without it.
  const put = (changes: readonly Found[], sure = true, photo = mark.photo ?? null) => {
    since.current ??= Date.now();
    const made = Object.fromEntries(changes.map((c) => [c.point, c]));
    const now = { ...touched, ...made };
    if (sure) setTouched(now);
    const found = mark.task.points.flatMap((p) => now[p.id] ?? mark.found.find((f) => f.point === p.id) ?? []);
    return keep.mutateAsync({ found, photo }).then(
      () => {
        if (!sure) setTouched((t) => ({ ...t, ...made }));
        return true;
      },
      () => false,
    );
  };
  const next = view.data?.learners.find((l) => l.number > mark.learner);
  return (
    <div className="mx-auto flex max-w-3xl flex-col gap-3 pb-24">
      <Back to={address.class(one)} name={view.data?.plan.name ?? w.title} />
      <div>
        <h1 className="text-2xl">{w.benchAt(mark.name)}</h1>
        <p className="text-ink-2">
          {mark.task.name}.{" "}
          <Link to={address.box(mark.task.job, mark.task.box)} className="underline underline-offset-4">
            {w.benchOpen}
          </Link>
        </p>
      </div>
      <ul>
        {mark.task.points.map((p) => {
          const good = holds(p.id);
          return (
            <li key={p.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule py-1.5">
              <span className="min-w-40 flex-1" title={p.says}>
                <b>{p.name}</b> <PointSays point={p} />
              </span>
              {p.inches != null && (
                <div className="w-24">
                  <Ask
                    label={`${p.name}: ${w.measured}`}
                    hide
                    mono
                    hint={w.tape}
                    value={at(p.id)?.tape ?? ""}
                    onKeep={(tape) => put([{ point: p.id, holds: null, tape: tape === "" ? null : tape }], false)}
                  />
                </div>
              )}
              <div role="group" aria-label={p.name} className="flex gap-1">
                <Button
                  aria-pressed={good === true}
                  className={good === true ? "bg-moss! text-on-ink" : ""}
                  onClick={() => void put([{ point: p.id, holds: true }])}
                >
                  {w.holds}
                </Button>
                <Button
                  aria-pressed={good === false}
                  className={good === false ? "bg-barn! text-on-ink" : ""}
                  onClick={() => void put([{ point: p.id, holds: false }])}
                >
                  {w.fault}
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      <div className="flex flex-wrap items-center gap-3">
        <PickFile
          accept="image/*"
          label={w.picture}
          onFile={(file) =>
            void sendPicture(served.benchPhotos(one), file)
              .then((kept) => put([], true, kept.sha))
              .catch((e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop"))
          }
        />
        {mark.photo && (
          <img src={served.benchPhoto(one, mark.photo)} alt={w.pictureOf(mark.name)} className="h-24 rounded-lg border-2 border-rule" />
        )}
      </div>
      <div className="fixed inset-x-0 bottom-0 z-30 flex flex-wrap items-center gap-3 border-t-2 border-ink bg-card px-4 py-2">
        {keep.error && (
          <p role="alert" className="w-full font-semibold text-barn">
            {keep.error.message}
          </p>
        )}
        <span role="status" className="mr-auto">
          {w.left(open.length)}, {w.faults(faults)}
        </span>
        {open.length > 0 && (
          <Button look="main" onClick={() => void put(open.map((p) => ({ point: p.id, holds: true })))}>
            {w.rest(open.length)}
          </Button>
        )}
        {next && (
          <Button
            look={open.length === 0 ? "main" : "plain"}
            onClick={() => void navigate(address.benchMark(one, mark.task.id, next.number))}
          >
            {w.nextLearner}
          </Button>
        )}
      </div>
    </div>
  );
}
