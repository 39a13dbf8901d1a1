import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { newId, type Schemas } from "../api/client";
import { useBox, useCatalogue, useHead } from "../api/job";
import { Ask, Button, Pick } from "../parts/controls";
import { words } from "../words";
import { BoxCard } from "./BoxCard";
import { Cables } from "./Cables";
import { Devices } from "./Devices";
import { FitPanel } from "./FitPanel";
import { Follow } from "./Follow";
import { Joints } from "./Joints";
import { useBoxEdit } from "./useBoxEdit";

/** One box: what it is, what comes in, where every lead goes, and what it adds up to. */
export default function BoxPage() {
  const { job = "", box = "" } = useParams();
  const view = useBox(job, box);
  const catalogue = useCatalogue();
  if (view.isPending || catalogue.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!view.data || !catalogue.data) return <p>{words.notFound}</p>;
  return <Page job={job} view={view.data} catalogue={catalogue.data} />;
}

function Page({ job, view, catalogue }: { job: string; view: Schemas["BoxView"]; catalogue: Schemas["Catalogue"] }) {
  const head = useHead(job);
  const edit = useBoxEdit(job, view);
  const navigate = useNavigate();
  const [lit, setLit] = useState<readonly string[] | null>(null);
  const places = Object.entries(head.data?.places ?? {}).map(([id, p]) => [id, p.name] as const);
  return (
    <div className="mx-auto max-w-[96rem]">
      <p className="text-sm text-ink-2">
        <Link to={`/jobs/${job}`} className="underline underline-offset-4">
          {head.data?.name}
        </Link>{" "}
        / {view.place ?? words.quickFit.noRoom}
      </p>
      <div className="mb-4 flex flex-wrap items-end gap-3">
        <h1 className="sr-only">{view.box.name}</h1>
        <div className="-ml-3 min-w-60 flex-1 text-2xl font-bold">
          <Ask
            hide
            quiet
            wide
            label={words.box.rename}
            value={view.box.name}
            onKeep={(name) => name && void edit.send({ do: "renameBox", name })}
          />
        </div>
        {places.length > 0 && (
          <div className="w-48">
            <Pick
              hide
              label={words.box.move}
              value={view.box.place ?? ""}
              onChange={(place) => void edit.send({ do: "placeBox", place: place || null })}
              options={[["", words.quickFit.noRoom] as const, ...places]}
            />
          </div>
        )}
        <Button
          onClick={() => {
            const id = newId("b");
            void edit
              .send({ do: "copyBox", id, name: words.jobs.copyOf(view.box.name) })
              .then((ok) => ok && navigate(`/jobs/${job}/boxes/${id}`));
          }}
        >
          {words.box.copyBox}
        </Button>
        <Button
          look={view.box.binned ? "main" : "stop"}
          onClick={() => void edit.send({ do: view.box.binned ? "bringBackBox" : "binBox" })}
        >
          {view.box.binned ? words.box.bringBack : words.box.bin}
        </Button>
      </div>
      {view.box.binned && <p className="mb-4 rounded-lg border-l-6 border-amber bg-amber-wash p-3">{words.box.inBin}</p>}
      <div className="grid items-start gap-6 lg:grid-cols-[18rem_minmax(0,1fr)_22rem]">
        <div className="order-2 lg:order-none">
          <BoxCard view={view} edit={edit} catalogue={catalogue} />
        </div>
        <div className="order-3 flex min-w-0 flex-col gap-6 lg:order-none">
          <Cables job={job} view={view} edit={edit} catalogue={catalogue} lit={lit} />
          <Joints view={view} edit={edit} catalogue={catalogue} />
          <Devices view={view} edit={edit} catalogue={catalogue} />
          <Follow job={job} view={view} edit={edit} />
        </div>
        <div className="order-1 lg:order-none">
          <FitPanel job={job} view={view} edit={edit} onLine={setLit} />
        </div>
      </div>
    </div>
  );
}
