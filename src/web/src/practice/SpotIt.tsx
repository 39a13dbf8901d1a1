import { useMutation } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { useNavigate } from "react-router";
import { api, must, type BoxView, type Schemas } from "../api/client";
import { Bench } from "../bench/Bench";
import type { Sel } from "../bench/select";
import { useBoxEdit } from "../model/useBoxEdit";
import { useLive } from "../model/useLive";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { Pick } from "../parts/Pick";
import { usePhone } from "../parts/usePhone";
import { useWhole } from "../parts/useWhole";
import { words } from "../words";
import { practiceWords as w } from "../words/practice";
import { RoomBack } from "./RoomBack";
import { SpotClaim } from "./SpotClaim";
import { SpotMarks } from "./SpotMarks";
import { useAtBench, useGraded, useNewExercise } from "./useExercise";

type Exercise = Schemas["ToldExercise"];

/** A box with mistakes in it: a part is pointed at, what is wrong with it is said, and all of it is marked. */
export default function SpotIt() {
  const { job, view, catalogue, exercise, error } = useAtBench();
  if (error) return <Nowhere error={error} />;
  if (!view || !catalogue || !exercise?.spot) return <p className="text-ink-2">{words.loading}</p>;
  return <Look key={job} {...{ job, view, catalogue, exercise }} spot={exercise.spot} />;
}

/** The part a thing of the picture is. */
const partOf = (sel: Sel) => (sel.kind === "cable" ? sel.id.replace("/", ".").toLowerCase() : sel.id);

function Look({
  job,
  view,
  catalogue,
  exercise,
  spot,
}: {
  job: string;
  view: BoxView;
  catalogue: Schemas["Catalogue"];
  exercise: Exercise;
  spot: Schemas["ToldSpot"];
}) {
  const phone = usePhone();
  const navigate = useNavigate();
  const edit = useBoxEdit(job, view, null, view.version);
  const look = useLive(job, view, edit);
  const graded = useGraded(job, exercise);
  const [part, setPart] = useState<string | null>(null);
  const [said, setSaid] = useState<readonly Schemas["SpotSaid"][]>([]);
  useWhole();
  const choose = useCallback((sel: Sel | null) => setPart(sel && partOf(sel)), []);
  const mark = useMutation({
    mutationFn: () =>
      must(api.POST("/api/practice/bench/{exercise}/spot", { params: { path: { exercise: job } }, body: { said: [...said] } })),
    onSuccess: (marks) => graded(marks.skills),
  });
  const next = useNewExercise("Spot");
  const marks = mark.data;
  const name = (id: string) => spot.parts.find((p) => p.part === id)?.name ?? id;
  const chosen = spot.parts.find((p) => p.part === part);
  const wires = view.cables.filter((c) => part === `${c.run}.${c.side.toLowerCase()}`).flatMap((c) => [c.run, ...c.leads]);
  return (
    <div className="bench-page mx-auto flex h-full max-w-[150rem] flex-col">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <RoomBack />
        <h1 className="text-xl">{w.kinds.spot.name}</h1>
        <p className="text-ink-2">{spot.says.join(" ")}</p>
      </div>
      <div className="hand-grid grid min-h-0 flex-1 gap-4">
        <Bench
          job={job}
          view={view}
          catalogue={catalogue}
          edit={edit}
          past
          bare
          lit={part ? [part, ...wires] : []}
          sel={null}
          onSelect={choose}
          change={null}
          small={phone}
          look={look}
          beside={null}
        />
        <div className="hand-side flex min-h-0 flex-col gap-3 overflow-auto">
          {marks ? (
            <SpotMarks marks={marks} onPoint={(ids) => setPart(ids[0] ?? null)}>
              <Button look="main" onClick={() => void navigate(address.box(job, view.id))}>
                {w.mend}
              </Button>
              <Button disabled={next.isPending} onClick={() => next.mutate(exercise)}>
                {w.nextSpot}
              </Button>
            </SpotMarks>
          ) : (
            <>
              {phone && (
                <Pick
                  label={w.fromList}
                  value={part}
                  empty={w.choose}
                  options={spot.parts.map((p) => [p.part, p.name] as const)}
                  onChange={(id: string) => setPart(id)}
                />
              )}
              <SpotClaim
                key={part}
                part={chosen}
                choices={chosen ? (spot.choices[chosen.is] ?? []) : []}
                onWhole={() => setPart("box")}
                onSay={(claim) => setSaid((s) => [...s, claim])}
              />
              <ul aria-label={w.claims} className="flex flex-col">
                {said.map((s, i) => (
                  <li key={i} className="flex items-center gap-2 border-t border-rule py-1">
                    <span className="flex-1">
                      <b>{name(s.part)}</b>:{" "}
                      {spot.choices[spot.parts.find((p) => p.part === s.part)!.is]?.find((c) => c.rule === s.rule)?.name},{" "}
                      {w.severity[s.severity === "Stop" ? "Stop" : "Fix"].toLowerCase()}
                    </span>
                    <Button look="quiet" onClick={() => setSaid(said.filter((_, n) => n !== i))}>
                      {w.unsay}
                    </Button>
                  </li>
                ))}
              </ul>
              <Button look="main" disabled={mark.isPending} onClick={() => mark.mutate()}>
                {said.length === 0 ? w.nothingWrong : w.thatIsAll(said.length)}
              </Button>
              {mark.error && <Nowhere error={mark.error} />}
            </>
          )}
        </div>
      </div>
    </div>
  );
}
