import { useMutation, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useSearchParams } from "react-router";
import { api, must, type Schemas } from "../api/client";
import { Button } from "../parts/controls";
import { FitColumn } from "../parts/FitColumn";
import { Nowhere } from "../parts/Nowhere";
import { say } from "../parts/Notices";
import { words } from "../words";
import { practiceWords as w } from "../words/practice";
import { newSeed, setOf, Setting, type Edition, type Level } from "./Setting";
import { CountSheet, rowKey, tryOf, type Typed } from "./CountSheet";
import { Record } from "./Record";
import { useRecord } from "./record";

/** Boxes to be counted, marked line by line; which one it is stands in the address. */
export default function FillDrills() {
  const [search, setSearch] = useSearchParams();
  const { level, edition } = setOf(search);
  const seed = search.get("seed");
  const go = (change: { seed?: string; level?: Level; edition?: Edition }) =>
    setSearch({ seed: newSeed(), level, edition, ...change }, { replace: true });
  useEffect(() => {
    if (seed === null) setSearch({ seed: newSeed(), level, edition }, { replace: true });
  }, [seed, level, edition, setSearch]);
  const drill = useQuery({
    enabled: seed !== null,
    queryKey: ["practice", seed, level, edition],
    queryFn: () => must(api.GET("/api/practice/fill", { params: { query: { seed: Number(seed), level: Number(level), edition } } })),
    staleTime: Infinity,
  });
  const kept = useRecord();
  return (
    <div className="mx-auto flex max-w-6xl flex-col gap-4 pb-8">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-2xl">{w.fill}</h1>
          <p className="text-ink-2">{w.how}</p>
        </div>
        <Setting level={level} edition={edition} onLevel={(l) => go({ level: l })} onEdition={(e) => go({ edition: e })} />
      </div>
      {drill.data ? (
        <Count key={`${seed}-${level}-${edition}`} drill={drill.data} onGraded={kept.graded} onNext={() => go({})} />
      ) : drill.error ? (
        <Nowhere error={drill.error} />
      ) : (
        <p className="text-ink-2">{words.loading}</p>
      )}
      <Record {...kept} />
    </div>
  );
}

type Graded = ReturnType<typeof useRecord>["graded"];

/** One box: what is in it, the learner's count, and how it was marked. */
function Count({ drill, onGraded, onNext }: { drill: Schemas["ToldDrill"]; onGraded: Graded; onNext: () => void }) {
  const [typed, setTyped] = useState<Typed>({});
  const [hinted, setHinted] = useState<readonly string[]>([]);
  // Only the first try says how well a skill is kept.
  const [tried, setTried] = useState(false);
  const mark = useMutation({
    mutationFn: () =>
      must(
        api.POST("/api/practice/fill/marked", {
          body: {
            seed: drill.seed,
            level: drill.level,
            edition: drill.edition,
            try: tryOf(drill, typed),
            hinted: drill.rows.filter((r) => hinted.includes(rowKey(r.row))).map((r) => r.row),
          },
        }),
      ),
    onSuccess: (marked) => {
      if (!tried) onGraded(marked.skills).catch((e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop"));
      setTried(true);
    },
  });
  const marked = mark.data;
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,22rem)_1fr]">
      <section aria-label={w.inside} className="rounded-2xl border-2 border-ink bg-card p-4">
        <h2 className="text-lg">{w.inside}</h2>
        <ul className="mt-1">
          {drill.says.map((says, i) => (
            <li key={i} className="border-t border-rule py-1.5 text-lg first:border-t-0">
              {says}
            </li>
          ))}
        </ul>
      </section>
      <div className="flex flex-col gap-4">
        <CountSheet
          drill={drill}
          typed={typed}
          onType={(key, text) => setTyped((t) => ({ ...t, [key]: text }))}
          hinted={hinted}
          onHint={(key) => setHinted((h) => (h.includes(key) ? h : [...h, key]))}
          marked={marked}
        />
        <div className="flex flex-wrap items-center gap-3">
          <Button look="main" onClick={() => mark.mutate()} disabled={typed.fit === undefined || mark.isPending}>
            {marked && !marked.right ? w.again : w.mark}
          </Button>
          <Button onClick={onNext}>{w.next}</Button>
          {hinted.length > 0 && <span className="text-sm text-ink-2">{w.hints(hinted.length)}</span>}
        </div>
        {mark.error && <Nowhere error={mark.error} />}
        {marked && <Marked marked={marked} />}
      </div>
    </div>
  );
}

/** Where it first went wrong, what may have been done, and the sum as it is. */
function Marked({ marked }: { marked: Schemas["ToldDrillMark"] }) {
  return (
    <section
      aria-label={w.worked}
      role="status"
      className={`rounded-2xl border-2 border-l-8 p-4 ${marked.right ? "border-moss bg-moss-wash" : "border-amber bg-amber-wash"}`}
    >
      <h2 className="text-lg">{marked.right ? w.right : w.wrong(marked.steps, marked.of)}</h2>
      <p className="text-lg font-semibold">{marked.says}</p>
      {marked.behind.map((b) => (
        <p key={b}>{b}</p>
      ))}
      {marked.article && <p className="text-sm text-ink-2">{marked.article}</p>}
      <div className="mt-3">
        <FitColumn fill={marked.worked} tall={180} />
      </div>
    </section>
  );
}
