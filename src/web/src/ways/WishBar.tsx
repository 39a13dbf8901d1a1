import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, type Schemas } from "../api/client";
import { useBox, useBoxes } from "../model/job";
import { keys } from "../model/keys";
import { Pick } from "../parts/Pick";
import { wayWords as w } from "../words/ways";
import type { Kind, Wish } from "./useWish";

const ALL = (Object.keys(w.kinds) as Kind[]).filter((k) => k !== "MendVerdict");

/** What is wanted, in words or by a tap, and what it is about. */
export function WishBar({
  job,
  head,
  kind,
  wish,
  put,
}: {
  job: string;
  head: Schemas["JobHead"];
  kind: Kind | null;
  wish: Wish | null;
  put: (change: Record<string, string | null>) => void;
}) {
  const [said, setSaid] = useState("");
  const [text, setText] = useState("");
  const meant = useQuery({
    queryKey: ["wishes", said],
    queryFn: () => must(api.GET("/api/wishes", { params: { query: { words: said } } })),
    enabled: said !== "",
  });
  const likely = said ? (meant.data ?? []) : [];
  const [more, setMore] = useState(false);
  const offered = likely.length > 0 ? likely : kind && !more ? [kind] : ALL;
  return (
    <section aria-label={w.want} className="rounded-2xl border-2 border-rule bg-card p-3">
      <label className="block">
        <span className={kind ? "sr-only" : "mb-1 block text-sm text-ink-2"}>{w.want}</span>
        <input
          className="min-h-11 w-full rounded-lg border-2 border-rule bg-card px-3 text-lg placeholder:text-ink-2"
          value={text}
          placeholder={w.wantHint}
          onChange={(e) => setText(e.target.value)}
          onBlur={() => setSaid(text.trim())}
          onKeyDown={(e) => {
            if (e.key === "Enter") setSaid(text.trim());
          }}
        />
      </label>
      {said && meant.data?.length === 0 && <p className="mt-1 text-sm">{w.noWish}</p>}
      <div className="mt-2 flex flex-wrap gap-1.5" role="group" aria-label={w.want}>
        {offered.map((k) => (
          <button
            key={k}
            type="button"
            aria-pressed={k === kind}
            className={`min-h-11 rounded-full border-2 px-3.5 font-semibold
              ${k === kind ? "border-ink bg-ink text-on-ink" : "border-rule bg-card"}`}
            onClick={() => {
              put({ kind: k, rule: null, of: null });
              setMore(false);
              setSaid("");
            }}
          >
            {w.kinds[k]}
          </button>
        ))}
        {offered.length < ALL.length && (
          <button type="button" className="min-h-11 px-2 underline underline-offset-4" onClick={() => setMore(true)}>
            {w.otherWish}
          </button>
        )}
      </div>
      {kind && <About job={job} head={head} kind={kind} wish={wish} put={put} />}
    </section>
  );
}

/** Which box, room or cable, and what the new thing is. */
function About({
  job,
  head,
  kind,
  put,
}: {
  job: string;
  head: Schemas["JobHead"];
  kind: Kind;
  wish: Wish | null;
  put: (change: Record<string, string | null>) => void;
}) {
  const boxes = useBoxes(job);
  const hurts = useQuery({
    queryKey: keys.of(job, "ways", "hurts", head.version),
    queryFn: () => must(api.GET("/api/jobs/{job}/hurts", { params: { path: { job } } })),
    enabled: kind === "MendCable",
  });
  const search = new URLSearchParams(window.location.search);
  if (kind === "MendCable")
    return (
      <div className="mt-3 max-w-xl">
        {hurts.data?.length === 0 ? (
          <p>{w.noCable}</p>
        ) : (
          <Pick
            label={w.cable}
            value={search.get("run") ? `${search.get("run")} ${search.get("hurt")}` : null}
            empty={w.pick}
            onChange={(both: string) => {
              const [run, hurt] = both.split(" ");
              put({ run: run ?? null, hurt: hurt ?? null });
            }}
            options={(hurts.data ?? []).map((h) => [`${h.run} ${h.hurt}`, h.name] as const)}
          />
        )}
      </div>
    );
  if (kind === "NewBreaker")
    return (
      <div className="mt-3 grid gap-3 sm:grid-cols-3">
        <Pick
          label={w.panel}
          value={search.get("panel") ?? ""}
          onChange={(panel: string) => put({ panel: panel || null })}
          options={[["", w.anyPanel] as const, ...Object.entries(head.panels).map(([id, p]) => [id, p.name] as const)]}
        />
        <Pick
          label={w.amperes}
          value={search.get("amperes") ?? "20"}
          onChange={(amperes: string) => put({ amperes })}
          options={w.ratings}
        />
      </div>
    );
  return (
    <div className="mt-3 grid gap-3 sm:grid-cols-3">
      <Pick
        label={kind === "MoreOutlets" ? w.box.MoreOutlets : w.box.other}
        value={search.get("box")}
        empty={w.pick}
        onChange={(box: string) => put({ box, of: null })}
        options={(boxes.data ?? []).map((b) => [b.id, [b.name, b.place].filter(Boolean).join(", ")] as const)}
      />
      {kind === "MoreOutlets" && (
        <Pick
          label={w.place}
          value={search.get("place")}
          empty={w.pick}
          onChange={(place: string) => put({ place })}
          options={Object.entries(head.places).map(([id, p]) => [id, p.name] as const)}
        />
      )}
      {kind === "ReplaceDevice" && search.get("box") && <Which job={job} box={search.get("box")!} of={search.get("of")} put={put} />}
      {PUTS_IN[kind] && (
        <Pick
          label={w.device}
          value={search.get("device") ?? PUTS_IN[kind]![0]![0]}
          onChange={(device: string) => put({ device: device || null })}
          options={PUTS_IN[kind]!}
        />
      )}
    </div>
  );
}

/** What a wish of a kind may put in. */
const PUTS_IN: Partial<Record<Kind, readonly (readonly [string, string])[]>> = {
  MoreOutlets: w.devices,
  AddDevice: w.devices,
  ReplaceDevice: [["", w.asRequired], ...w.devices, ...w.switches],
  MakeUpBox: [["", w.asThere], ...w.devices, ...w.switches],
};

/** Which of the devices of a box, where there are several. */
function Which({
  job,
  box,
  of,
  put,
}: {
  job: string;
  box: string;
  of: string | null;
  put: (change: Record<string, string | null>) => void;
}) {
  const view = useBox(job, box);
  const names = view.data?.names.devices ?? {};
  if (Object.keys(names).length < 2) return null;
  return (
    <Pick
      label={w.which}
      value={of ?? Object.keys(names)[0]!}
      onChange={(device: string) => put({ of: device })}
      options={Object.entries(names)}
    />
  );
}
