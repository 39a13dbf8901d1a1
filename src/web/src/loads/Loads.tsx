import { useQuery } from "@tanstack/react-query";
import { useParams, useSearchParams } from "react-router";
import { api, must, newId } from "../api/client";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { loadWords } from "../words/loads";
import { MayRun } from "./MayRun";
import { Owned } from "./Owned";

const w = loadWords.loads;

/** What takes current: whether something may run here, with that on; and what one has, where it hangs, how long it runs. */
export default function Loads() {
  const { job = "" } = useParams();
  const [search] = useSearchParams();
  const edit = useEdit(job);
  const loads = useQuery({
    queryKey: keys.of(job, "loads"),
    queryFn: () => must(api.GET("/api/jobs/{job}/loads", { params: { path: { job } } })),
  });
  if (loads.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!loads.data) return <Nowhere error={loads.error} />;
  const { data } = loads;
  return (
    <div className="mx-auto max-w-6xl">
      <h1 className="mb-3 text-2xl">{w.title}</h1>
      <div className="grid items-start gap-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <MayRun
          job={job}
          loads={data}
          at={[search.get("box"), search.get("device")]}
          onStay={(appliance, id) => edit.mutate({ edit: { do: "putAppliance", id: id ?? newId("a"), appliance }, base: data.version })}
        />
        <Owned loads={data} send={(e) => edit.mutate({ edit: e, base: data.version })} />
      </div>
    </div>
  );
}
