import { RoomBack } from "../RoomBack";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import { api, must, type Schemas } from "../../api/client";
import { useSettings } from "../../api/settings";
import { keys } from "../../model/keys";
import { Button } from "../../parts/controls";
import { Nowhere } from "../../parts/Nowhere";
import { say } from "../../parts/Notices";
import { words } from "../../words";
import { huntWords as w } from "../../words/hunt";
import { practiceWords } from "../../words/practice";
import { useRecord } from "../record";
import { useExercise, useNewExercise } from "../useExercise";
import { HuntClaim } from "./HuntClaim";
import { HuntMarks } from "./HuntMarks";
import { HuntRun } from "./HuntRun";
import { HuntTests } from "./HuntTests";
import { Budget } from "./Budget";

type Told = Schemas["ToldHunt"];

/** A hidden fault, looked for by tests: the circuit as it hangs together, what can be tested where, and what is used up. */
export default function Hunt() {
  const { job = "" } = useParams();
  const key = keys.of(job, "hunt");
  const client = useQueryClient();
  const kept = useRecord();
  const by = useSettings().who || practiceWords.learner;
  const [at, setAt] = useState<string | null>(null);
  const hunt = useQuery({
    queryKey: key,
    queryFn: () => must(api.GET("/api/practice/hunts/{hunt}", { params: { path: { hunt: job } } })),
    staleTime: Infinity,
  });
  const exercise = useExercise(job);
  const failed = (e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop");
  const put = (told: Told) => client.setQueryData(key, told);
  const test = useMutation({
    mutationFn: (of: string) =>
      must(api.POST("/api/practice/hunts/{hunt}/tests", { params: { path: { hunt: job } }, body: { test: of, by } })),
    onSuccess: put,
    onError: failed,
  });
  const claim = useMutation({
    mutationFn: (fault: string) =>
      must(api.POST("/api/practice/hunts/{hunt}/claim", { params: { path: { hunt: job } }, body: { fault, by } })),
    onSuccess: (told) => {
      put(told);
      window.scrollTo({ top: 0 });
      if (told.mark) kept.graded(told.mark.skills).catch(failed);
    },
    onError: failed,
  });
  const next = useNewExercise("Hunt");
  const told = hunt.data;
  if (hunt.error) return <Nowhere error={hunt.error} />;
  if (!told) return <p className="text-ink-2">{words.loading}</p>;
  return (
    <div className="mx-auto flex max-w-7xl flex-col gap-4 pb-8">
      <div className="flex flex-wrap items-end gap-x-8 gap-y-2">
        <div className="mr-auto max-w-2xl">
          <p className="text-sm text-ink-2">
            {practiceWords.kinds.hunt.name} · {w.noticed}
          </p>
          <RoomBack />
          <h1 className="text-2xl">{told.noticed}</h1>
          <p className="text-ink-2">{w.record}</p>
        </div>
        <Budget budget={told.budget} used={told.used} />
      </div>
      {told.mark ? (
        <>
          <HuntRun told={told} at={null} lit={told.mark.at} />
          <HuntMarks mark={told.mark}>
            <Button
              look="main"
              disabled={next.isPending || !exercise.data}
              onClick={() => exercise.data && next.mutate(exercise.data)}
              className="self-start"
            >
              {w.next}
            </Button>
          </HuntMarks>
        </>
      ) : (
        <>
          <HuntRun told={told} at={at} onAt={setAt} lit={[]} />
          <div className="grid items-start gap-4 lg:grid-cols-[1fr_22rem]">
            <HuntTests told={told} at={at} busy={test.isPending} onTest={(of) => test.mutate(of)} />
            <div className="flex flex-col gap-4">
              <Made steps={told.made} />
              <HuntClaim told={told} busy={claim.isPending} onClaim={(fault) => claim.mutate(fault)} />
            </div>
          </div>
        </>
      )}
    </div>
  );
}

/** What was tested and what it showed, the last first. */
function Made({ steps }: { steps: Told["made"] }) {
  return (
    <section aria-label={w.made}>
      <h2 className="text-lg">{w.made}</h2>
      {steps.length === 0 && <p className="text-ink-2">{w.none}</p>}
      <ol reversed className="flex flex-col-reverse" aria-live="polite">
        {steps.map((s, i) => (
          <li key={i} className="border-b border-rule py-1.5">
            <span className="figure mr-2 text-ink-2">{i + 1}</span>
            {s.says}: <b>{s.shows}</b>
          </li>
        ))}
      </ol>
    </section>
  );
}
