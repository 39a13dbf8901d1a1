import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type Schemas } from "../api/client";
import { useEdit } from "../model/job";
import { likeCommon } from "../model/appliance";
import { keys } from "../model/keys";
import { Pick } from "../parts/Pick";
import { mindingWords } from "../words/minding";

const w = mindingWords.minding;
type Minding = Schemas["ToldMinding"][];

/** Asked before anything goes off: what must not lose power, what has to rest, what is to be set again. */
export function Before({ job, minding }: { job: string; minding: Minding }) {
  // Open where nothing was said yet, and not shut under the hand that says the first.
  const [begins] = useState(minding.length === 0);
  const edit = useEdit(job);
  const loads = useQuery({
    queryKey: keys.of(job, "loads"),
    queryFn: () => must(api.GET("/api/jobs/{job}/loads", { params: { path: { job } } })),
  });
  const common = (loads.data?.common ?? []).filter((l) => l.minds && l.minds !== "Nothing");
  const add = (id: string) => {
    void edit.mutate({ edit: { do: "putAppliance", id: newId("a"), appliance: likeCommon(common.find((l) => l.id === id)!) } });
  };
  return (
    <details open={begins} className="mb-4 rounded-2xl border-2 border-amber bg-amber-wash p-3">
      <summary className="min-h-8 font-bold">{w.title}</summary>
      <p className="mb-2">{w.how}</p>
      <Lists minding={minding} />
      <div className="mt-2 w-64">
        <Pick hide label={w.add} value={null} empty={w.add} onChange={add} options={common.map((l) => [l.id, l.name] as const)} />
      </div>
    </details>
  );
}

/** What is to be seen to once the power is back. */
export function After({ minding }: { minding: Minding }) {
  const kept = minding.filter((m) => m.minds !== "AskFirst");
  if (kept.length === 0) return null;
  return (
    <section aria-label={w.after} className="mb-4 rounded-2xl border-2 border-amber bg-amber-wash p-3">
      <h2 className="text-lg">{w.after}</h2>
      <Lists minding={kept} />
    </section>
  );
}

function Lists({ minding }: { minding: Minding }) {
  return (["AskFirst", "RestFirst", "SetAgain"] as const).map((kind) => {
    const these = minding.filter((m) => m.minds === kind);
    return (
      these.length > 0 && (
        <p key={kind}>
          <b>{w.kinds[kind]}</b> {these.map((m) => (m.at ? `${m.name} (${m.at})` : m.name)).join(", ")}
        </p>
      )
    );
  });
}
