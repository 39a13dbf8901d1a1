import { useMutation, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { api, must, type Schemas } from "../api/client";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { say } from "../parts/Notices";
import { words } from "../words";
import { practiceWords as w } from "../words/practice";
import { OptionList } from "./OptionList";
import { useRecord } from "./record";
import { newSeed, setOf, Setting, type Edition, type Level } from "./Setting";

type Of = Schemas["AskedOf"];
const ofKind = { sizes: "Sizes", heard: "Heard", tester: "Tester" } as const satisfies Record<string, Of>;
const kindOf = (text: string | undefined) => (text === "heard" || text === "tester" ? text : "sizes");

/** Questions with answers to choose from: sizes and choices, or what is heard on the job. */
export default function AskedPage() {
  const name = kindOf(useParams().of);
  const of: Of = ofKind[name];
  const [search, setSearch] = useSearchParams();
  const { level, edition } = setOf(search);
  const seed = search.get("seed");
  const go = (change: { level?: Level; edition?: Edition }) => setSearch({ seed: newSeed(), level, edition, ...change }, { replace: true });
  useEffect(() => {
    if (seed === null) setSearch({ seed: newSeed(), level, edition }, { replace: true });
  }, [seed, level, edition, setSearch]);
  const asked = useQuery({
    enabled: seed !== null,
    queryKey: ["asked", of, seed, level, edition],
    queryFn: () => must(api.GET("/api/practice/asked", { params: { query: { of, seed: Number(seed), level: Number(level), edition } } })),
    staleTime: Infinity,
  });
  const kind = w.kinds[name];
  return (
    <div className="mx-auto flex max-w-3xl flex-col gap-4 pb-8">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-2xl">{kind.name}</h1>
          <p className="text-ink-2">{kind.says}</p>
        </div>
        <Setting level={level} edition={edition} onLevel={(l) => go({ level: l })} onEdition={(e) => go({ edition: e })} />
      </div>
      {asked.data ? (
        <Item key={`${seed}-${level}-${edition}`} of={of} asked={asked.data} onNext={() => go({})} />
      ) : asked.error ? (
        <Nowhere error={asked.error} />
      ) : (
        <p className="text-ink-2">{words.loading}</p>
      )}
    </div>
  );
}

/** One question, its answers, and why the right one is right. */
function Item({ of, asked, onNext }: { of: Of; asked: Schemas["ToldAsked"]; onNext: () => void }) {
  const kept = useRecord();
  const [answer, setAnswer] = useState<number | null>(null);
  const mark = useMutation({
    mutationFn: () =>
      must(
        api.POST("/api/practice/asked/marked", {
          body: { of, seed: asked.seed, level: asked.level, edition: asked.edition, answer: answer! },
        }),
      ),
    onSuccess: (marked) => kept.graded(marked.skills).catch((e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop")),
  });
  const marked = mark.data;
  return (
    <>
      <section className="rounded-2xl border-2 border-ink bg-card p-4">
        <h2 className="text-xl">{asked.asks}</h2>
        <ul className="mt-1">
          {asked.given.map((g) => (
            <li key={g} className="border-t border-rule py-1">
              {g}
            </li>
          ))}
        </ul>
        <OptionList
          options={asked.options}
          value={answer}
          onChange={setAnswer}
          right={marked?.answer ?? null}
          done={marked !== undefined}
        />
      </section>
      <div className="flex flex-wrap gap-3">
        {!marked && (
          <Button look="main" disabled={answer === null || mark.isPending} onClick={() => mark.mutate()}>
            {w.mark}
          </Button>
        )}
        <Button look={marked ? "main" : "plain"} onClick={onNext}>
          {w.nextAsked}
        </Button>
      </div>
      {mark.error && <Nowhere error={mark.error} />}
      {marked && (
        <section
          role="status"
          aria-label={w.marks}
          className={`rounded-2xl border-2 border-l-8 p-4 ${marked.right ? "border-moss bg-moss-wash" : "border-amber bg-amber-wash"}`}
        >
          <h2 className="text-lg">{marked.right ? w.isRight : w.isNot}</h2>
          <p className="text-lg">{marked.why}</p>
          {marked.shows && <p>{w.shows(marked.shows)}</p>}
          <p className="text-sm text-ink-2">{marked.article}</p>
        </section>
      )}
    </>
  );
}
