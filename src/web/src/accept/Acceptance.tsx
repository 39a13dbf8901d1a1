import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";
import { Answers } from "../model/Answers";
import { Means, usual } from "../model/Means";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { acceptWords as w } from "../words/trouble";

type Test = Schemas["ToldAcceptanceTest"];

/** A finished job proved by the fewest tests, in walking order: what each should show, what it showed, and what none of them sees. */
export default function Acceptance() {
  const { job = "" } = useParams();
  const [search] = useSearchParams();
  const change = search.get("change");
  const [has, setHas] = useState<readonly string[]>(usual);
  const { who } = useSettings();
  const send = useEdit(job);
  const instruments = has.join(",");
  const told = useQuery({
    queryKey: keys.of(job, "acceptance", change, instruments),
    queryFn: ({ signal }) =>
      must(
        api.GET("/api/jobs/{job}/acceptance", { params: { path: { job }, query: { change: change ?? undefined, instruments } }, signal }),
      ),
    placeholderData: (before) => before,
  });
  if (told.isPending) return <p className="text-ink-2">{words.loading}</p>;
  const data = told.data;
  if (!data) return <Nowhere error={told.error} />;
  const seen = (test: Test, shows: { shows: Schemas["SeenCase"]; value?: number | null }) =>
    send.mutate({
      edit: {
        do: "logTested",
        id: newId("a"),
        tested: { change, seen: { look: test.look.look, setup: test.look.setup, ...shows, by: who, at: new Date().toISOString() } },
      } as Edit,
    });
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-4">
      <div className="flex flex-wrap items-start gap-3">
        <div className="mr-auto">
          <Link
            to={change ? address.changes(job) : address.troubles(job)}
            className="no-print inline-flex min-h-11 items-center text-sm underline underline-offset-4"
          >
            {data.of}
          </Link>
          <h1 className="text-2xl">
            {w.title}: {data.of}
          </h1>
          <p className="no-print text-ink-2">{w.how}</p>
        </div>
        <Button className="no-print" onClick={() => window.print()}>
          {w.print}
        </Button>
      </div>
      <p className={`rounded-2xl border-2 bg-card p-4 text-lg ${data.otherwise > 0 || data.stands ? "border-barn" : "border-slate"}`}>
        <b>{data.says}</b>
        {data.stands && <b className="block text-barn">{data.stands}</b>}
        <span className="block text-base text-ink-2">
          {w.tests(data.tests.length, Math.round(data.minutes))} · {w.faults(data.revealed, data.faults)}
        </span>
      </p>
      <span className="no-print">
        <Means has={has} onHas={setHas} />
      </span>
      <ol className="flex flex-col">
        {data.tests.map((t, i) => (
          <li key={t.key} data-test={t.key} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule py-2">
            <span className="figure w-8 text-right">{i + 1}</span>
            <span className="min-w-60 flex-1">
              <b>{t.title}</b>
              <span className="block">{t.look.says}</span>
              <span className="block text-sm text-ink-2">
                {w.expected} <b className="text-ink">{t.expected}</b> · {w.reveals(t.reveals)}
              </span>
            </span>
            {t.fits == null ? (
              <span className="no-print">
                <Answers look={t.look} onSeen={(s) => seen(t, s)} />
              </span>
            ) : (
              <span className="text-right">
                <b className={t.fits ? "text-moss" : "text-barn"}>
                  {t.fits ? "✓" : "✗"} {t.shown}
                </b>
                <span className="block text-sm text-ink-2">
                  {t.by}, {new Date(t.at ?? "").toLocaleDateString()}
                </span>
              </span>
            )}
          </li>
        ))}
      </ol>
      {data.unseen.length > 0 && (
        <section aria-label={w.unseen}>
          <h2 className="text-lg">{w.unseen}</h2>
          <ul>
            {data.unseen.map((u) => (
              <li key={u.would ?? ""} className="border-t border-rule py-2">
                <p className="font-semibold">{u.would ? w.would(u.would) : w.nothing}</p>
                <ul className="list-disc pl-5 text-sm">
                  {u.faults.map((f) => (
                    <li key={f}>{f}</li>
                  ))}
                </ul>
                {u.count > u.faults.length && <p className="text-sm text-ink-2">{w.more(u.count - u.faults.length)}</p>}
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="text-sm text-ink-2">{w.local}</p>
    </div>
  );
}
