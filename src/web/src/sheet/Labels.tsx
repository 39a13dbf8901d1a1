import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { api, must, type Schemas } from "../api/client";
import { useHead } from "../model/job";
import { keys } from "../model/keys";
import { address, served } from "../parts/address";
import { Back } from "../parts/Back";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { panelWords } from "../words/panel";

const w = panelWords.labels;
type Label = Schemas["ToldLabel"];

/** Labels for the inside of every cover, as they would come out, and the tray they come out into. */
export default function Labels() {
  const { job = "" } = useParams();
  const client = useQueryClient();
  const head = useHead(job);
  const labels = useQuery({
    queryKey: keys.of(job, "labels"),
    queryFn: () => must(api.GET("/api/jobs/{job}/labels", { params: { path: { job } } })),
  });
  const tray = useQuery({ queryKey: keys.tray(), queryFn: () => must(api.GET("/api/label-tray")) });
  const print = useMutation({
    mutationFn: (boxes: string[]) => must(api.POST("/api/jobs/{job}/labels/print", { params: { path: { job } }, body: { boxes } })),
    onSuccess: (lies) => client.setQueryData(keys.tray(), lies),
  });
  const empty = useMutation({
    mutationFn: () => api.POST("/api/label-tray/empty"),
    onSuccess: () => client.setQueryData(keys.tray(), []),
  });
  if (labels.isPending || head.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!labels.data || !head.data) return <Nowhere error={labels.error ?? head.error} />;
  const version = head.data.version;
  const rooms = [...new Set(labels.data.map((l) => l.place ?? ""))];
  const lies = tray.data ?? [];
  return (
    <div className="mx-auto max-w-6xl">
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <div className="mr-auto">
          <Back to={address.sheet(job)} />
          <h1 className="text-2xl">{w.title}</h1>
        </div>
        <span className="no-print flex flex-wrap gap-2">
          <Button look="main" disabled={print.isPending} onClick={() => print.mutate(labels.data.filter((l) => l.known).map((l) => l.box))}>
            {w.printKnown(labels.data.filter((l) => l.known).length)}
          </Button>
          <Button onClick={() => window.print()}>{w.paper}</Button>
        </span>
      </div>
      <p className="no-print mb-4 text-sm text-ink-2">{w.how}</p>
      <section aria-label={w.tray} className="no-print mb-6 rounded-2xl border-2 border-ink bg-soft p-3">
        <div className="flex items-center gap-3">
          <h2 className="flex-1 text-lg">{w.trayHolds(lies.length)}</h2>
          {lies.length > 0 && (
            <Button look="quiet" onClick={() => empty.mutate()}>
              {w.empty}
            </Button>
          )}
        </div>
        {print.error && <p role="alert">{print.error.message}</p>}
        {lies.length > 0 && (
          <ul className="flex gap-4 overflow-x-auto py-2">
            {lies.map((l) => (
              <li key={l.number} className="shrink-0">
                <img src={served.printed(l.number)} alt={l.name} className="max-w-none rounded-sm shadow-md [zoom:1.5]" />
                <span className="text-sm text-ink-2">{w.tape(l.widthMm, l.heightMm)}</span>
              </li>
            ))}
          </ul>
        )}
      </section>
      {rooms.map((room) => (
        <section key={room} className="mb-5">
          <h2 className="mb-2 text-lg">{room || words.quickFit.noRoom}</h2>
          <ul className="grid gap-3 lg:grid-cols-2">
            {labels.data
              .filter((l) => (l.place ?? "") === room)
              .map((l) => (
                <One key={l.box} job={job} label={l} version={version} onPrint={() => print.mutate([l.box])} />
              ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

/** A label as it would come out, with the way to its box. */
function One({ job, label: l, version, onPrint }: { job: string; label: Label; version: number; onPrint: () => void }) {
  return (
    <li className="flex break-inside-avoid flex-col items-start gap-1">
      <img src={served.label(job, l.box, version)} alt={l.lines.join("; ")} className="max-w-full rounded-sm [zoom:1.5] print:[zoom:1]" />
      <span className="no-print flex items-center gap-2">
        <Button aria-label={`${w.print}: ${l.name}`} onClick={onPrint}>
          {w.print}
        </Button>
        <Link className="inline-flex min-h-11 items-center underline underline-offset-4" to={address.box(job, l.box)}>
          {w.box}
        </Link>
        {!l.known && <span className="text-sm text-slate">{w.notSure}</span>}
      </span>
    </li>
  );
}
