import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useBox, useEdit, useHead } from "../model/job";
import { keys } from "../model/keys";
import { address } from "../parts/address";
import { Button, Choice } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { whichWords } from "../words/which";
import { Card } from "./Card";
import { Handles, switched } from "./Handles";
import { Likely } from "./Likely";
import { NameIt } from "./NameIt";

const w = whichWords.which;
type Search = Schemas["ToldSearch"];
type Shows = Schemas["SightingShows"];

/** One box, and nobody knows which breaker feeds it: what to switch off for the next look, until it is found. */
export default function WhichBreaker() {
  const { job = "", box = "" } = useParams();
  const { who } = useSettings();
  const [helped, setHelped] = useState(false);
  const view = useBox(job, box);
  const head = useHead(job);
  const search = useQuery({
    queryKey: keys.of(job, "breaker", box, who, helped),
    queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/breaker", { params: { path: { job, box }, query: { by: who, helped } } })),
    placeholderData: (before) => before,
  });
  if (view.isPending || search.isPending || head.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!view.data || !search.data || !head.data) return <Nowhere error={view.error ?? search.error ?? head.error} />;
  return (
    <div className="mx-auto max-w-2xl pb-6">
      <p className="text-sm text-ink-2">
        <Link to={address.box(job, box)} className="underline underline-offset-4">
          {view.data.box.name}
        </Link>
        {view.data.place && `, ${view.data.place}`}
      </p>
      <h1 className="mb-3 text-2xl">{words.whichBreaker}</h1>
      {search.data.state === "NoBreakers" ? (
        <Card job={job} />
      ) : (
        <Going
          job={job}
          box={box}
          search={search.data}
          old={search.isPlaceholderData}
          helped={helped}
          onHelped={setHelped}
          head={head.data}
        />
      )}
    </div>
  );
}

function Going({
  job,
  box,
  search,
  old,
  helped,
  onHelped,
  head,
}: {
  job: string;
  box: string;
  search: Search;
  old: boolean;
  helped: boolean;
  onHelped: (helped: boolean) => void;
  head: Schemas["JobHead"];
}) {
  const { who } = useSettings();
  const edit = useEdit(job);
  const navigate = useNavigate();
  const [sending, setSending] = useState(false);
  const stop = search.state === "OtherSource";
  const found = search.state === "Found";
  const at = () => new Date().toISOString();
  const thrown = () => switched(search.throw, who);
  const seen = (shows: Shows): Edit =>
    ({ do: "logSighting", id: newId("g"), sighting: { box, off: search.off, shows, by: who, at: at() } }) as Edit;
  const send = (edits: Edit[], then?: () => void) => {
    if (edits.length === 0) return then?.();
    setSending(true);
    void edit
      .mutateAsync({ edit: (edits.length === 1 ? edits[0]! : { do: "batch", edits }) as Edit })
      .then(then, () => undefined)
      .finally(() => setSending(false));
  };
  const busy = old || sending;
  return (
    <div className="flex flex-col gap-4">
      <section aria-live="polite" className={`rounded-2xl border-2 p-3 ${look(search.state)}`}>
        <p className="text-lg font-bold">{search.says}</p>
        {found && (
          <ul>
            {search.found.map((b) => (
              <li key={b.key} className="mt-2 flex items-baseline gap-3">
                <span className="figure text-4xl font-bold">{b.where}</span>
                <span className="text-lg">{b.name}</span>
                <span className="figure ml-auto">{w.odds(b.odds)}</span>
              </li>
            ))}
          </ul>
        )}
        <Handles handles={search.throw} />
        {search.kept.length > 0 && <p className="mt-2 text-sm">{w.kept(search.kept)}</p>}
      </section>
      {search.state === "Switch" && (
        <section aria-label={w.looked} className="grid gap-2">
          <h2 className="text-lg">{w.looked}</h2>
          {(["Dead", "Live", "PartDead"] as const).map((shows) => (
            <button
              key={shows}
              type="button"
              disabled={busy}
              onClick={() => send([...thrown(), seen(shows)])}
              className={`min-h-16 rounded-2xl border-3 px-4 font-bold disabled:opacity-50 ${shows === "PartDead" ? "text-base" : "text-xl"}
                ${shows === "Live" ? "border-barn bg-barn-wash text-barn" : "border-ink bg-card"}`}
            >
              {w.shows[shows]}
            </button>
          ))}
        </section>
      )}
      {found && (
        <section className="grid gap-2">
          <Button
            look="main"
            className="min-h-16 text-lg"
            disabled={busy}
            onClick={() => send(thrown(), () => void navigate(address.survey(job, box, "proof")))}
          >
            {w.prove}
          </Button>
          <Button className="min-h-14" disabled={busy} onClick={() => send([...thrown(), seen("Live")])}>
            {w.stillLive}
          </Button>
          {search.found.map((b) => (
            <NameIt key={b.key} breaker={b} head={head} onPut={(panel, id) => send([{ do: "putPanel", id, panel } as Edit])} />
          ))}
        </section>
      )}
      {stop && (
        <Link to={address.sheet(job, "panels")} className="underline underline-offset-4">
          {w.otherPanel}
        </Link>
      )}
      <Choice label={w.helped} value={helped ? "helped" : "alone"} onChange={(v) => onHelped(v === "helped")} options={w.who} />
      <Likely search={search} onStrike={(id) => send([{ do: "strikeSighting", id } as Edit])} />
      <p className="text-sm text-ink-2">{w.how}</p>
    </div>
  );
}

/** A stop in its colour, what is found in another, and every step between in a third. */
function look(state: Search["state"]): string {
  if (state === "OtherSource") return "border-barn bg-barn-wash";
  return state === "Found" ? "border-moss bg-moss-wash" : "border-slate bg-slate-wash";
}
