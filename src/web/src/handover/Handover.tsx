import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { api, must, type Edit, type Schemas } from "../api/client";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";
import { address, served } from "../parts/address";
import { Back } from "../parts/Back";
import { Ask } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { handoverWords as w } from "../words/stages";

const file = "inline-flex min-h-12 items-center rounded-xl border-2 border-ink px-4 font-semibold";

/** What a Change leaves behind: one file for who lives there and who inspects, a sheet and a code for each box. */
export default function Handover() {
  const { job = "", change = "" } = useParams();
  const told = useQuery({
    queryKey: keys.of(job, "handover", change),
    queryFn: () => must(api.GET("/api/jobs/{job}/changes/{change}/handover", { params: { path: { job, change } } })),
  });
  const edit = useEdit(job);
  if (told.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!told.data) return <Nowhere error={told.error} />;
  const { boxes, notDone } = told.data;
  return (
    <div className="mx-auto max-w-4xl">
      <Back to={address.changes(job)} name={words.changes} />
      <h1 className="text-2xl">
        {w.title}: {told.data.change}
      </h1>
      <p className="mb-3 text-ink-2">{w.how}</p>
      <p className="mb-4 flex flex-wrap gap-3">
        <a className={`${file} bg-ink text-on-ink`} href={served.handover(job, change, "html")} download>
          {w.html}
        </a>
        <a className={`${file} bg-card`} href={served.handover(job, change, "pdf")} target="_blank" rel="noreferrer">
          {w.pdf}
        </a>
      </p>
      <p>{told.data.permit}</p>
      {boxes.every((b) => b.readings.length === 0) && (
        <p className="my-2 rounded-lg border-l-6 border-slate bg-slate-wash p-2">
          {w.noReadings} {w.noTest}
        </p>
      )}
      {notDone.length > 0 && (
        <section className="my-3 rounded-lg border-l-6 border-amber bg-amber-wash p-2">
          <h2 className="text-lg">{w.notDone}</h2>
          <ul className="ml-5 list-disc">
            {notDone.map((n) => (
              <li key={n}>{n}</li>
            ))}
          </ul>
        </section>
      )}
      <h2 className="mt-4 border-b-2 border-ink text-lg">{w.boxes}</h2>
      <ul className="flex flex-col gap-3 py-3">
        {boxes.map((b) => (
          <OneBox
            key={b.card.box}
            job={job}
            box={b}
            onNote={(note) => edit.mutate({ edit: { do: "noteBox", box: b.card.box, note } as Edit })}
          />
        ))}
      </ul>
    </div>
  );
}

function OneBox({ job, box, onNote }: { job: string; box: Schemas["ToldHandedBox"]; onNote: (note: string | null) => void }) {
  const { card } = box;
  return (
    <li className="rounded-2xl border-2 border-rule bg-card p-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <Link to={address.box(job, card.box)} className="font-bold underline underline-offset-4">
          {card.name}
        </Link>
        <span className="text-sm text-ink-2">
          {[w.changed(box.changed.length), w.readings(box.readings.length), w.notLooked(card.notLooked.length)].join(" · ")}
        </span>
        <span className="ml-auto flex gap-4">
          <a className="inline-flex min-h-11 items-center underline underline-offset-4" href={served.card(job, card.box, "pdf")}>
            {w.card}
          </a>
          <a className="inline-flex min-h-11 items-center underline underline-offset-4" href={served.card(job, card.box, "qr")}>
            {w.code}
          </a>
        </span>
      </div>
      <p className={box.tested.otherwise > 0 ? "font-semibold text-barn" : ""}>{box.tested.says}</p>
      <ul className="ml-5 list-disc text-sm">
        {box.changed.slice(0, 6).map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      <Ask label={w.note} value={card.note ?? ""} onKeep={(note) => onNote(note.trim() || null)} />
    </li>
  );
}
