import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";
import { address } from "../parts/address";
import { Back } from "../parts/Back";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { whichWords } from "../words/which";
import { mindingWords } from "../words/minding";
import { Handles, switched } from "./Handles";
import { Found } from "./Found";
import { After, Before } from "./Minding";
import { Outlet } from "./Outlet";

const w = whichWords.walk;
type Told = Schemas["ToldWalk"];

/** The whole house, walked: switch some off, tap what went dead, and the run sheet fills itself. */
export default function Walk() {
  const { job = "" } = useParams();
  const { who } = useSettings();
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const walk = useQuery({
    queryKey: keys.of(job, "walk", who, skipped),
    queryFn: () => must(api.GET("/api/jobs/{job}/walk", { params: { path: { job }, query: { by: who, skip: skipped.join() } } })),
    placeholderData: (before) => before,
  });
  if (walk.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!walk.data) return <Nowhere error={walk.error} />;
  const { known, round } = walk.data;
  const done = known.filter((k) => k.known).length;
  return (
    <div className="mx-auto max-w-2xl pb-6">
      <Back to={address.sheet(job)} />
      <h1 className="text-2xl">{w.title}</h1>
      <p className="mb-3 text-ink-2">
        <span className="figure">{w.progress(done, known.length)}</span>{" "}
        <Link to={address.order(job)} className="underline underline-offset-4">
          {mindingWords.order.link}
        </Link>
      </p>
      {round === 0 ? <After minding={walk.data.minding} /> : <Before job={job} minding={walk.data.minding} />}
      {round === 0 ? (
        <Done job={job} walk={walk.data} />
      ) : (
        <Round
          key={`${round} ${walk.data.off.join()}`}
          job={job}
          walk={walk.data}
          old={walk.isPlaceholderData}
          onSkip={(boxes) => setSkipped([...skipped, ...boxes])}
        />
      )}
      <Known known={known} />
      <p className="text-sm text-ink-2">{w.how}</p>
    </div>
  );
}

/** Nothing is left to look at: what the walk switched off goes on again. */
function Done({ job, walk }: { job: string; walk: Told }) {
  const { who } = useSettings();
  const edit = useEdit(job);
  return (
    <div className="mb-4 rounded-2xl border-2 border-moss bg-moss-wash p-3">
      <p className="font-semibold">{walk.known.length === 0 ? w.nothing : w.done(walk.known.filter((k) => !k.known).length)}</p>
      <Handles handles={walk.throw} />
      {walk.throw.length > 0 && (
        <Button
          className="mt-3"
          onClick={() => void edit.mutateAsync({ edit: { do: "batch", edits: switched(walk.throw, who) } as Edit }).catch(() => undefined)}
        >
          {w.backOn}
        </Button>
      )}
    </div>
  );
}

/** One round: what to throw, and every outlet to look at; what nobody tapped was not looked at. */
function Round({ job, walk, old, onSkip }: { job: string; walk: Told; old: boolean; onSkip: (boxes: readonly string[]) => void }) {
  const { who } = useSettings();
  const edit = useEdit(job);
  const [seen, setSeen] = useState<Readonly<Record<string, "Dead" | "Live">>>({});
  const [sending, setSending] = useState(false);
  const set = (boxes: readonly string[], shows: "Dead" | "Live") =>
    setSeen({ ...seen, ...Object.fromEntries(boxes.map((b) => [b, shows])) });
  const looked = walk.look.filter((b) => seen[b.box]);
  const rest = walk.look.filter((b) => !seen[b.box]).map((b) => b.box);
  const keep = () => {
    setSending(true);
    const at = new Date().toISOString();
    const sightings = looked.map((b) => ({
      do: "logSighting",
      id: newId("g"),
      sighting: { box: b.box, off: walk.off, shows: seen[b.box], by: who, at },
    }));
    void edit
      .mutateAsync({ edit: { do: "batch", edits: [...switched(walk.throw, who), ...sightings] } as Edit })
      .then(
        () => rest.length > 0 && onSkip(rest),
        () => undefined,
      )
      .finally(() => setSending(false));
  };
  const roomOf = (b: Told["look"][number]) => b.place ?? words.todayVerdicts.noRoom;
  const rooms = [...new Set(walk.look.map(roomOf))];
  return (
    <div className="mb-5 flex flex-col gap-3" data-off={old ? undefined : walk.off.join()}>
      <section className="rounded-2xl border-2 border-slate bg-slate-wash p-3" aria-live="polite">
        <p className="text-lg font-bold">{walk.again ? w.again : w.round(walk.round, walk.rounds)}</p>
        {walk.throw.length === 0 && <p>{w.asTheyLie}</p>}
        <Handles handles={walk.throw} />
        {walk.kept.length > 0 && <p className="mt-2 text-sm">{whichWords.which.kept(walk.kept)}</p>}
      </section>
      <h2 className="text-lg">{w.tap}</h2>
      {rooms.map((room) => {
        const here = walk.look.filter((b) => roomOf(b) === room);
        const open = here.filter((b) => !seen[b.box]).map((b) => b.box);
        return (
          <section key={room} aria-label={room}>
            <div className="flex items-center gap-3">
              <h3 className="flex-1 text-sm text-ink-2">{room}</h3>
              {open.length > 0 && (
                <button
                  type="button"
                  aria-label={`${w.restLive(open.length)}, ${room}`}
                  className="min-h-11 px-2 text-sm underline underline-offset-4"
                  onClick={() => set(open, "Live")}
                >
                  {w.restLive(open.length)}
                </button>
              )}
            </div>
            <ul className="grid gap-1.5">
              {here.map((b) => (
                <Outlet
                  key={b.box}
                  outlet={b}
                  shows={seen[b.box] ?? null}
                  onTap={() => set([b.box], seen[b.box] === "Dead" ? "Live" : "Dead")}
                />
              ))}
            </ul>
          </section>
        );
      })}
      <Found job={job} />
      <Button look="main" className="min-h-16 text-lg" disabled={old || sending || looked.length === 0} onClick={keep}>
        {w.keep(looked.filter((b) => seen[b.box] === "Dead").length, looked.filter((b) => seen[b.box] === "Live").length, rest.length)}
      </Button>
    </div>
  );
}

/** What the walk has found so far, and how sure it is. */
function Known({ known }: { known: Told["known"] }) {
  const found = known.filter((k) => k.looks > 0);
  if (found.length === 0) return null;
  return (
    <section aria-label={w.known} className="mb-4">
      <h2 className="mb-1 text-lg">{w.known}</h2>
      <ul>
        {found.map((k) => (
          <li key={k.box} className="flex items-center gap-3 border-t border-rule py-1">
            <span className="flex-1">
              {k.name} <span className="text-sm text-ink-2">{k.place}</span>
            </span>
            <span className="figure font-bold">{k.on.length > 0 ? k.on.join(" + ") : w.other}</span>
            <span className={`figure w-16 text-right text-sm ${k.known ? "" : "text-ink-2"}`}>{whichWords.which.odds(k.sure)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
