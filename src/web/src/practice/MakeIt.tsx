import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useLayoutEffect, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api, must, type BoxView, type Schemas } from "../api/client";
import { Bench } from "../bench/Bench";
import type { Sel } from "../bench/select";
import { StrandList } from "../bench/StrandList";
import { useBox, useCatalogue } from "../model/job";
import { keys } from "../model/keys";
import { useBoxEdit } from "../model/useBoxEdit";
import { useLive } from "../model/useLive";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { say } from "../parts/Notices";
import { usePhone } from "../parts/usePhone";
import { words } from "../words";
import { practiceWords as w } from "../words/practice";
import { MakeMarks } from "./MakeMarks";
import { useRecord } from "./record";
import { useExercise, useNewExercise } from "./useExercise";

type Exercise = Schemas["ToldExercise"];

/** A box that lies apart, made up on the Bench as it is wished, and marked by what works then. */
export default function MakeIt() {
  const { job = "", box = "" } = useParams();
  const view = useBox(job, box);
  const catalogue = useCatalogue();
  const exercise = useExercise(job);
  const error = view.error ?? exercise.error;
  if (error) return <Nowhere error={error} />;
  if (!view.data || !catalogue.data || !exercise.data?.make) return <p className="text-ink-2">{words.loading}</p>;
  return <Work key={job} job={job} view={view.data} catalogue={catalogue.data} exercise={exercise.data} make={exercise.data.make} />;
}

function Work({
  job,
  view,
  catalogue,
  exercise,
  make,
}: {
  job: string;
  view: BoxView;
  catalogue: Schemas["Catalogue"];
  exercise: Exercise;
  make: Schemas["ToldMake"];
}) {
  const phone = usePhone();
  const navigate = useNavigate();
  const edit = useBoxEdit(job, view, null, null);
  const look = useLive(job, view, edit);
  const kept = useRecord();
  const client = useQueryClient();
  const [sel, setSel] = useState<Sel | null>(null);
  const [lit, setLit] = useState<readonly string[]>([]);
  const [inHand, setInHand] = useState<HTMLElement | null>(null);
  useLayoutEffect(() => {
    document.documentElement.dataset.whole = "";
    return () => void delete document.documentElement.dataset.whole;
  }, []);
  const choose = useCallback((next: Sel | null) => {
    setSel(next);
    setLit([]);
  }, []);
  const failed = (e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop");
  const done = useMutation({
    mutationFn: () => must(api.POST("/api/practice/makes/{make}/done", { params: { path: { make: job } } })),
    onSuccess: (marks) => {
      setSel(null);
      // Whoever goes on working at it is not graded twice.
      client.setQueryData(keys.of(job, "exercise"), { ...exercise, shown: true });
      if (!exercise.shown) kept.graded(marks.skills).catch(failed);
    },
    onError: failed,
  });
  const next = useNewExercise("Make");
  const marks = done.data;
  return (
    <div className="bench-page mx-auto flex h-full max-w-[150rem] flex-col">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-xl">{w.kinds.make.name}</h1>
        <p className="text-ink-2">{view.box.name}</p>
      </div>
      <div className="hand-grid grid min-h-0 flex-1 gap-4">
        <Bench
          job={job}
          view={view}
          catalogue={catalogue}
          edit={edit}
          past={marks !== undefined}
          bare
          lit={lit}
          sel={sel}
          onSelect={choose}
          change={null}
          small={phone}
          look={look}
          beside={inHand}
        />
        <div className="hand-side flex min-h-0 flex-col gap-3 overflow-auto">
          {marks ? (
            <MakeMarks marks={marks} onPoint={setLit}>
              <Button look="main" onClick={() => void navigate(address.box(job, view.id))}>
                {w.lookAgain}
              </Button>
              <Button disabled={next.isPending} onClick={() => next.mutate(exercise)}>
                {w.nextSpot}
              </Button>
            </MakeMarks>
          ) : (
            <>
              <div ref={setInHand} className="bench-hand empty:hidden" />
              <section aria-label={w.wish} className="rounded-2xl border-2 border-ink bg-card p-3">
                <h2 className="text-lg">{w.wish}</h2>
                <ul className="list-disc pl-5">
                  {make.wishes.map((x) => (
                    <li key={x}>{x}</li>
                  ))}
                </ul>
                <p className="mt-2 text-sm text-ink-2">{w.houseOrder(make.order)}</p>
              </section>
              <p className="text-sm text-ink-2">{w.makeHow}</p>
              {phone && <StrandList view={view} catalogue={catalogue} lit={lit} sel={sel} live={look.live} onSelect={choose} />}
              <Button look="main" disabled={done.isPending} onClick={() => done.mutate()}>
                {w.doneMaking}
              </Button>
            </>
          )}
        </div>
      </div>
    </div>
  );
}
