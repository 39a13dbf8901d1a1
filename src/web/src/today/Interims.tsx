import { TriangleAlert } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { address } from "../parts/address";
import { Button, Choice } from "../parts/controls";
import { Field } from "../parts/Field";
import { Pick } from "../parts/Pick";
import { interimWords as w } from "../words/interim";

/** What is energised and not finished: on top until it is ended, and overdue past its time. */
export function Interims({
  job,
  interims,
  boxes,
  send,
}: {
  job: string;
  interims: readonly Schemas["InterimView"][];
  boxes: readonly Schemas["BoxSummary"][];
  send: (edit: Edit) => void;
}) {
  return (
    <section aria-label={w.title} className={interims.length > 0 ? "mb-4 rounded-2xl border-2 border-amber bg-amber-wash p-3" : "mb-2"}>
      {interims.length > 0 && <h2 className="text-lg">{w.title}</h2>}
      <ul>
        {interims.map((i) => (
          <li key={i.id} className="flex flex-wrap items-center gap-2 py-1">
            <TriangleAlert size={20} aria-hidden className="shrink-0" />
            <span className="min-w-48 flex-1">
              {i.where && i.box ? (
                <Link to={address.box(job, i.box)} className="font-bold underline underline-offset-4">
                  {i.where}
                </Link>
              ) : (
                i.where && <b>{i.where}</b>
              )}
              {i.where && ": "}
              {i.kind !== "Other" && <b>{w.kinds[i.kind]}: </b>}
              {i.says}
              {i.why && <span className="text-ink-2">, {i.why}</span>}
              <span className={`block text-sm ${i.overdue ? "font-bold text-barn" : "text-ink-2"}`}>
                {i.overdue ? w.overdue(when(i.until), i.by) : w.until(when(i.until), i.by)}
              </span>
            </span>
            <Button aria-label={`${w.end}: ${i.says}`} onClick={() => send({ do: "endInterim", id: i.id } as Edit)}>
              {w.end}
            </Button>
          </li>
        ))}
      </ul>
      <Leave boxes={boxes} send={send} />
    </section>
  );
}

const when = (iso: string) =>
  new Date(iso).toLocaleString(undefined, { weekday: "short", day: "numeric", month: "short", hour: "2-digit", minute: "2-digit" });
const tomorrow = () => {
  const day = new Date(Date.now() + 24 * 3600 * 1000 - new Date().getTimezoneOffset() * 60000);
  return day.toISOString().slice(0, 16);
};

function Leave({ boxes, send }: { boxes: readonly Schemas["BoxSummary"][]; send: (edit: Edit) => void }) {
  const { who } = useSettings();
  const [open, setOpen] = useState(false);
  const [says, setSays] = useState("");
  const [until, setUntil] = useState(tomorrow);
  const [box, setBox] = useState("");
  const [why, setWhy] = useState("");
  const [kind, setKind] = useState<Schemas["InterimKind"]>("Other");
  const good = says.trim() !== "" && !Number.isNaN(Date.parse(until));
  return (
    <details className="no-print" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-11 content-center text-sm underline underline-offset-4">{w.leave}</summary>
      <p className="text-sm">{w.how}</p>
      <Choice label={w.kind} value={kind} onChange={setKind} options={Object.entries(w.kinds) as [Schemas["InterimKind"], string][]} />
      <Field label={w.why} value={why} onType={setWhy} />
      <div className="mt-1 grid gap-2 sm:grid-cols-[2fr_1fr_1fr_auto] sm:items-end">
        <Field label={w.what} value={says} onType={setSays} />
        <Pick label={w.where} value={box} empty={w.nowhere} onChange={setBox} options={boxes.map((b) => [b.id, b.name] as const)} />
        <Field label={w.untilLabel} type="datetime-local" value={until} onType={setUntil} />
        <Button
          disabled={!good}
          onClick={() => {
            const at = new Date().toISOString();
            const interim = {
              says: says.trim(),
              until: new Date(until).toISOString(),
              by: who,
              at,
              box: box || null,
              kind,
              why: why.trim() || null,
            };
            send({ do: "leaveInterim", id: newId("i"), interim } as Edit);
            setSays("");
            setOpen(false);
          }}
        >
          {w.keep}
        </Button>
      </div>
    </details>
  );
}
