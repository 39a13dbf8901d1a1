import { RoomBack } from "./RoomBack";
import { useMutation } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { useNavigate } from "react-router";
import { api, must, type BoxView, type Schemas } from "../api/client";
import { Bench } from "../bench/Bench";
import type { Sel } from "../bench/select";
import { StrandList } from "../bench/StrandList";
import { useBoxEdit } from "../model/useBoxEdit";
import { useLive } from "../model/useLive";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { say } from "../parts/Notices";
import { usePhone } from "../parts/usePhone";
import { useWhole } from "../parts/useWhole";
import { words } from "../words";
import { practiceWords as w } from "../words/practice";
import { MakeMarks } from "./MakeMarks";
import { useAtBench, useGraded, useNewExercise } from "./useExercise";

type Exercise = Schemas["ToldExercise"];

/** A box that lies apart, made up on the Bench as it is wished, and marked by what works then. */
export default function MakeIt() {
  const { job, view, catalogue, exercise, error } = useAtBench();
  if (error) return <Nowhere error={error} />;
  if (!view || !catalogue || !exercise?.make) return <p className="text-ink-2">{words.loading}</p>;
  return <Work key={job} {...{ job, view, catalogue, exercise }} make={exercise.make} />;
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
  const graded = useGraded(job, exercise);
  const [sel, setSel] = useState<Sel | null>(null);
  const [lit, setLit] = useState<readonly string[]>([]);
  const [inHand, setInHand] = useState<HTMLElement | null>(null);
  useWhole();
  const choose = useCallback((next: Sel | null) => {
    setSel(next);
    setLit([]);
  }, []);
  const done = useMutation({
    mutationFn: () => must(api.POST("/api/practice/makes/{make}/done", { params: { path: { make: job } } })),
    onSuccess: (marks) => {
      setSel(null);
      graded(marks.skills);
    },
    onError: (e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop"),
  });
  const next = useNewExercise("Make");
  const marks = done.data;
  return (
    <div className="bench-page mx-auto flex h-full max-w-[150rem] flex-col">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <RoomBack />
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
