import { useQuery } from "@tanstack/react-query";
import { Check, CircleHelp, OctagonAlert } from "lucide-react";
import { useState } from "react";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";
import { nothing, saysOf, showed, something, type Showed } from "../model/showed";
import { Button } from "../parts/controls";
import { words } from "../words";
import { makeWords } from "../words/make";

const w = makeWords.tests;
type Expected = Schemas["ToldExpected"];

/** The readings a finished box is proved by, each beside what the wiring should give and what a slip would show. */
export function Tests({ job, change, box }: { job: string; change: string; box: string }) {
  const tests = useQuery({
    queryKey: keys.of(job, "tests", change, box),
    queryFn: () => must(api.GET("/api/jobs/{job}/changes/{change}/boxes/{box}/tests", { params: { path: { job, change, box } } })),
  });
  if (!tests.data) return <p className="text-ink-2">{tests.error?.message ?? words.loading}</p>;
  const { instrument, readings, unseen } = tests.data;
  if (readings.length === 0) return <p>{w.none}</p>;
  return (
    <div>
      <h2 className="text-lg">{w.title(instrument)}</h2>
      <ul className="flex flex-col gap-2">
        {readings.map((r) => (
          <One key={`${r.from}|${r.to}|${r.at ?? ""}`} job={job} box={box} change={change} of={r} />
        ))}
      </ul>
      {unseen.length > 0 && (
        <p className="mt-2 text-sm text-ink-2">
          {w.unseen} {unseen.join("; ")}.
        </p>
      )}
    </div>
  );
}

function One({ job, box, change, of }: { job: string; box: string; change: string; of: Expected }) {
  const { who } = useSettings();
  const send = useEdit(job);
  const [says, setSays] = useState("");
  const write = (read: Showed) => {
    const reading = {
      instrument: "two-pole",
      from: of.from,
      to: of.to,
      says: saysOf(read),
      shows: read.shows,
      volts: read.volts,
      by: who,
      at: new Date().toISOString(),
      box,
      note: of.at ? w.at(of.at) : null,
      asked: of.asked,
    };
    send.mutateAsync({ edit: { do: "logReading", id: newId("m"), change, reading } as Edit }).then(
      () => setSays(""),
      () => undefined,
    );
  };
  const read = showed(says);
  return (
    <li className="rounded-xl border-2 border-rule bg-card p-3">
      <div className="flex items-baseline gap-3">
        <span className="min-w-0 flex-1">
          {of.from} ↔ {of.to}
          {of.at && <span className="block text-sm text-ink-2">{w.at(of.at)}</span>}
        </span>
        <b className="figure text-xl">{of.shows}</b>
      </div>
      {of.taken ? (
        <Taken taken={of.taken} onStrike={(id) => send.mutate({ edit: { do: "strikeReading", id } as Edit })} />
      ) : (
        of.slips.map((s) => (
          <p key={s.shows} className="text-sm text-ink-2">
            {w.otherwise} <span className="figure font-bold text-ink">{s.shows}</span>: {s.slips.join("; ")}
          </p>
        ))
      )}
      <form
        className="mt-2 flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (read) write(read);
        }}
      >
        <input
          aria-label={`${w.write}: ${of.from}, ${of.to}`}
          placeholder="V"
          inputMode="decimal"
          className="figure min-h-12 w-0 min-w-0 flex-1 rounded-lg border-2 border-rule bg-card px-3"
          value={says}
          onChange={(e) => setSays(e.target.value)}
        />
        {read ? (
          <Button type="submit">{words.proof.write}</Button>
        ) : (
          [nothing, something].map((lamp) => (
            <Button key={lamp.shows} onClick={() => write(lamp)} aria-label={`${words.proof.shows[lamp.shows]}: ${of.from}, ${of.to}`}>
              {words.proof.shows[lamp.shows]}
            </Button>
          ))
        )}
      </form>
    </li>
  );
}

const looks = {
  AsPlanned: ["border-moss bg-moss-wash", Check],
  Otherwise: ["border-barn bg-barn-wash", OctagonAlert],
  CannotTell: ["border-slate bg-slate-wash", CircleHelp],
} as const;

/** What was read, beside what it should have been: the slips that read so. */
function Taken({ taken, onStrike }: { taken: NonNullable<Expected["taken"]>; onStrike: (id: string) => void }) {
  const [look, Sign] = looks[taken.fits];
  return (
    <div className={`mt-1 flex gap-2 rounded-lg border-l-6 p-2 ${look}`}>
      <Sign size={20} aria-hidden className="mt-0.5 shrink-0" />
      <div className="min-w-0 flex-1">
        <b className="figure">{taken.says}</b>: {w.fits[taken.fits]}.
        {taken.fits === "Otherwise" && <p>{taken.slips.length > 0 ? `${w.so} ${taken.slips.join("; ")}.` : w.noSlip}</p>}
      </div>
      <button
        type="button"
        className="min-h-11 shrink-0 self-start text-sm underline underline-offset-4"
        onClick={() => onStrike(taken.id)}
      >
        {words.readings.strike}
      </button>
    </div>
  );
}
