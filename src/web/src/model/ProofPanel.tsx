import { useState } from "react";
import { newId, type BoxView, type Edit, type Schemas } from "../api/client";
import { useCatalogue, useEdit, useProof } from "./job";
import { nothing, saysOf, showed, something, type Showed } from "./showed";
import { SmallPicture } from "./SmallPicture";
import { useSettings } from "../api/settings";
import { Ask, Button, Choice } from "../parts/controls";
import { Field } from "../parts/Field";
import { words } from "../words";

const w = words.proof;
type Proof = Schemas["ProofAnswer"];

/** Minutes since a time. */
const minutesSince = (at: string) => Math.max(0, Math.round((Date.now() - Date.parse(at)) / 60_000));

/**
 * Proof of dead at one box, as it is recorded or as a Change left it so far: the known source, every pair on its own, the known source
 * again. Nothing is filled in for anybody.
 */
export function ProofPanel({ job, view, change }: { job: string; view: BoxView; change?: string }) {
  const box = view.id;
  const { who } = useSettings();
  const proof = useProof(job, box, who, change);
  const send = useEdit(job);
  const [hand, setHand] = useState("");
  if (!proof.data) return <p className="text-ink-2">{words.loading}</p>;
  const { state, others } = proof.data;
  const now = () => new Date().toISOString();
  const edit = (e: object) => send.mutateAsync({ edit: e as Edit });
  const good = state.standing === "Proved";
  const bad = state.standing === "Failed" || state.standing === "Lapsed";
  return (
    <section
      aria-label={w.title}
      className={`rounded-2xl border-2 bg-card p-3 ${good ? "border-moss" : bad ? "border-barn" : "border-ink"}`}
    >
      <h2 className={state.standing === "Begun" ? "sr-only" : "text-lg"}>{w.title}</h2>
      <p role="status" className={`font-semibold ${good ? "text-moss" : bad ? "text-barn" : "mb-1"}`}>
        {state.standing === "None" ? w.none : state.says}
        {good && state.at && <span className="font-normal text-ink"> {w.age(minutesSince(state.at))}.</span>}
      </p>
      {others.length > 0 && <p className="text-sm text-ink-2">{w.others(others)}</p>}
      {state.standing !== "Begun" && (
        <p className="mb-2 text-sm text-ink-2">
          {w.cautions} {w.offline}
        </p>
      )}
      {state.standing === "Begun" && <Readings data={proof.data} who={who} view={view} change={change} onLog={edit} />}
      {state.standing !== "Begun" && !good && (
        <Begin
          again={bad}
          onBegin={(instrument, known, reference) =>
            void edit({
              do: "beginProof",
              id: newId("d"),
              box,
              by: who,
              instrument,
              at: now(),
              knownSource: known,
              reference,
              change: change ?? null,
            })
          }
        />
      )}
      {good && (
        <div className="flex flex-wrap items-end gap-3">
          <Button onClick={() => void edit({ do: "endVisit", by: who, at: now() })}>{w.end}</Button>
          <div className="w-44">
            <Ask
              label={w.hand}
              value={hand}
              onKeep={(to) => {
                setHand("");
                if (to) void edit({ do: "handOver", box, from: who, to, at: now() });
              }}
            />
          </div>
        </div>
      )}
    </section>
  );
}

function Begin({ again, onBegin }: { again: boolean; onBegin: (instrument: string, known: string, reference: string) => void }) {
  const catalogue = useCatalogue();
  const [instrument, setInstrument] = useState("two-pole");
  const [known, setKnown] = useState("");
  const [reference, setReference] = useState("");
  const said = known.trim() !== "" && reference.trim() !== "";
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (said) onBegin(instrument, known.trim(), reference.trim());
      }}
    >
      <Choice
        label={w.instrument}
        value={instrument}
        onChange={setInstrument}
        options={(catalogue.data?.instruments ?? []).filter((i) => i.proves).map((i) => [i.id, i.name] as const)}
      />
      <p className="text-sm text-ink-2">{catalogue.data?.instruments.find((i) => i.id === instrument)?.cannot}</p>
      <Field label={w.known} hint={w.knownHint} value={known} onType={setKnown} />
      <Field label={w.reference} hint={w.referenceHint} value={reference} onType={setReference} />
      <Button look="main" type="submit" disabled={!said}>
        {again ? w.again : w.begin}
      </Button>
    </form>
  );
}

/** A field whose text counts while it is typed. */
/** A point of the proof: the lead to touch, and what may be touched in its place. */
function Point({ name, others }: { name: string; others: readonly string[] }) {
  return (
    <span className="block first-letter:uppercase">
      {name}
      {others.length > 0 && <span className="block text-sm font-normal">{w.joinedWith(others)}</span>}
    </span>
  );
}

/** The next reading to take: one big key, and the next pair comes by itself. */
function Readings({
  data,
  who,
  view,
  change,
  onLog,
}: {
  data: Proof;
  who: string;
  view: BoxView;
  change: string | undefined;
  onLog: (e: object) => Promise<unknown>;
}) {
  const [typed, setTyped] = useState("");
  const [busy, setBusy] = useState(false);
  const { state, proof, pairs, readings } = data;
  if (!proof || !state.proof) return null;
  const missing = new Set(state.missing.map((m) => m.key));
  const before = readings.some((r) => r.step === "KnownBefore");
  const pair = before ? pairs.find((p) => missing.has(p.pair.key)) : undefined;
  const step = !before ? "KnownBefore" : pair ? "Pair" : "KnownAfter";
  const read = showed(typed);
  const log = (read: Showed) => {
    const [from, to] = pair ? [pair.pair.from, pair.pair.to] : [proof.knownSource, proof.reference];
    setBusy(true);
    void onLog({
      do: "logReading",
      id: newId("m"),
      change: change ?? null,
      reading: {
        box: view.id,
        proof: state.proof,
        step,
        instrument: proof.instrument,
        from,
        to,
        shows: read.shows,
        says: saysOf(read),
        volts: read.volts,
        by: who,
        at: new Date().toISOString(),
      },
    })
      .then(() => setTyped(""))
      .finally(() => setBusy(false));
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (read && !busy) log(read);
      }}
    >
      <div className="rounded-xl border-2 border-slate bg-slate-wash p-3" aria-live="polite">
        <div className="text-xl font-bold">
          {pair ? (
            <>
              <Point name={pair.fromName} others={pair.fromWith} />
              <span className="block text-base font-normal">{w.against}</span>
              <Point name={pair.toName} others={pair.toWith} />
            </>
          ) : (
            <>
              <span className="block">{step === "KnownBefore" ? w.before : w.after}</span>
              <span className="block text-base font-normal">{`${proof.knownSource}, ${w.to} ${proof.reference}`}</span>
            </>
          )}
        </div>
        {!pair && <div className="text-sm text-ink-2">{w.left(state.missing.length + (before ? 1 : 2))}</div>}
      </div>
      {pair && <SmallPicture view={view} lit={[...pair.pair.fromAll, ...pair.pair.toAll]} />}
      <div className="grid grid-cols-2 gap-3">
        {[nothing, something].map((lamp) => (
          <button
            key={lamp.shows}
            type="button"
            disabled={busy}
            onClick={() => log(lamp)}
            className={`min-h-20 rounded-2xl border-3 px-3 text-2xl font-bold disabled:opacity-50
              ${lamp === nothing ? "border-ink bg-card" : "border-barn bg-barn-wash text-barn"}`}
          >
            {w.shows[lamp.shows]}
          </button>
        ))}
      </div>
      <div className="flex items-end gap-2">
        <Field label={w.volts} figure="decimal" value={typed} onType={setTyped} />
        <Button type="submit" className="min-h-12" disabled={!read || busy}>
          {w.write}
        </Button>
      </div>
      {readings.length > 0 && (
        <ul className="text-sm">
          {readings.map((r) => (
            <li key={r.id} className="flex items-center gap-2 border-t border-rule py-0.5">
              <span className="flex-1">
                {r.fromName} ↔ {r.toName}
              </span>
              <span className="figure font-bold">{r.says}</span>
              <button
                type="button"
                className="min-h-9 px-2 underline underline-offset-4"
                aria-label={`${words.readings.strike}: ${r.fromName} ${w.to} ${r.toName}`}
                onClick={() => void onLog({ do: "strikeReading", id: r.id })}
              >
                {words.readings.strike}
              </button>
            </li>
          ))}
        </ul>
      )}
    </form>
  );
}
