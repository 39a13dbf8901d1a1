import { useState } from "react";
import { newId, type Edit, type Schemas } from "../api/client";
import { useCatalogue, useEdit, useProof } from "../model/job";
import { useSettings } from "../api/settings";
import { Ask, Button, Choice } from "../parts/controls";
import { words } from "../words";

const w = words.proof;
type Proof = Schemas["ProofAnswer"];

/** Minutes since a time. */
const minutesSince = (at: string) => Math.max(0, Math.round((Date.now() - Date.parse(at)) / 60_000));

/** Proof of dead at one box: the known source, every pair on its own, the known source again. Nothing is filled in for anybody. */
export function ProofPanel({ job, box }: { job: string; box: string }) {
  const { who } = useSettings();
  const proof = useProof(job, box, who);
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
      className={`rounded-2xl border-2 bg-card p-4 ${good ? "border-moss" : bad ? "border-barn" : "border-ink"}`}
    >
      <h2 className="text-lg">{w.title}</h2>
      <p role="status" className={`font-semibold ${good ? "text-moss" : bad ? "text-barn" : ""}`}>
        {state.standing === "None" ? w.none : state.says}
        {good && state.at && <span className="font-normal text-ink"> {w.age(minutesSince(state.at))}.</span>}
      </p>
      {others.length > 0 && <p className="text-sm text-ink-2">{w.others(others)}</p>}
      <p className="mb-2 text-sm text-ink-2">
        {w.cautions} {w.offline}
      </p>
      {state.standing === "Begun" && <Readings data={proof.data} who={who} box={box} onLog={edit} />}
      {state.standing !== "Begun" && !good && (
        <Begin
          again={bad}
          onBegin={(instrument, known, reference) =>
            void edit({ do: "beginProof", id: newId("d"), box, by: who, instrument, at: now(), knownSource: known, reference })
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
  return (
    <div className="flex flex-col gap-3">
      <Choice
        label={w.instrument}
        value={instrument}
        onChange={setInstrument}
        options={(catalogue.data?.instruments ?? []).filter((i) => i.proves).map((i) => [i.id, i.name] as const)}
      />
      <p className="text-sm text-ink-2">{catalogue.data?.instruments.find((i) => i.id === instrument)?.cannot}</p>
      <Ask label={w.known} hint={w.knownHint} value={known} onKeep={setKnown} />
      <Ask label={w.reference} hint={w.referenceHint} value={reference} onKeep={setReference} />
      <Button look="main" disabled={!known || !reference} onClick={() => onBegin(instrument, known, reference)}>
        {again ? w.again : w.begin}
      </Button>
    </div>
  );
}

/** The next reading to take, one at a time. */
function Readings({ data, who, box, onLog }: { data: Proof; who: string; box: string; onLog: (e: object) => Promise<unknown> }) {
  const [volts, setVolts] = useState("");
  const { state, proof, pairs, readings } = data;
  if (!proof || !state.proof) return null;
  const missing = new Set(state.missing.map((m) => m.key));
  const before = readings.some((r) => r.step === "KnownBefore");
  const pair = before ? pairs.find((p) => missing.has(p.pair.key)) : undefined;
  const step = !before ? "KnownBefore" : pair ? "Pair" : "KnownAfter";
  const title = step === "KnownBefore" ? w.before : step === "KnownAfter" ? w.after : `${pair!.fromName} ↔ ${pair!.toName}`;
  const number = Number(volts.replace(",", "."));
  const good = volts.trim() !== "" && !Number.isNaN(number);
  const log = () => {
    const [from, to] = pair ? [pair.pair.from, pair.pair.to] : [proof.knownSource, proof.reference];
    void onLog({
      do: "logReading",
      id: newId("m"),
      reading: {
        box,
        proof: state.proof,
        step,
        instrument: proof.instrument,
        from,
        to,
        says: `${volts.trim()} V`,
        volts: number,
        by: who,
        at: new Date().toISOString(),
      },
    }).then(() => setVolts(""));
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (good) log();
      }}
    >
      <div className="rounded-xl border-2 border-slate bg-slate-wash p-3">
        {pair && <div className="text-sm first-letter:uppercase">{pair.cableName}</div>}
        <div className="text-xl font-bold first-letter:uppercase">{title}</div>
        <div className="text-sm text-ink-2">{w.left(state.missing.length + (before ? 1 : 2))}</div>
      </div>
      <label className="block">
        <span className="mb-1 block text-sm text-ink-2">{w.volts}</span>
        <input
          inputMode="decimal"
          className="figure min-h-12 w-full rounded-lg border-2 border-rule bg-card px-3 text-2xl"
          value={volts}
          onChange={(e) => setVolts(e.target.value)}
        />
      </label>
      <Button look="main" type="submit" disabled={!good}>
        {w.write}
      </Button>
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
