import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import { api, must, type Edit, type Schemas } from "../api/client";
import { useCatalogue, useEdit, useHead } from "../model/job";
import { Rejudge } from "./Rejudge";
import { Ask, Button, Choice } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { bookWords as w } from "../words/book";
import { keys } from "../model/keys";

/** The job's code profile and house practice, each with its reason; and the numbers in force. */
export default function CodeBook() {
  const { job = "" } = useParams();
  const head = useHead(job);
  const catalogue = useCatalogue();
  const edit = useEdit(job);
  const [asked, setAsked] = useState<Edit | null>(null);
  const edition = head.data?.profile.edition ?? "Nec2023";
  const limits = useQuery({
    queryKey: keys.limits(edition),
    queryFn: () => must(api.GET("/api/limits/{edition}", { params: { path: { edition } } })),
    staleTime: Infinity,
  });
  if (!head.data || !catalogue.data) return <p className="text-ink-2">{words.loading}</p>;
  const profile = head.data.profile;
  const answers = head.data.practice.answers;
  const setProfile = (change: Partial<Schemas["CodeProfile"]>) => {
    const e = { do: "setProfile", profile: { ...profile, ...change } } as Edit;
    // Who the office is changes no number.
    if ("office" in change) edit.mutate({ edit: e });
    else setAsked(e);
  };
  const answer = (key: string, text: string | null) => setAsked({ do: "setPractice", key, answer: text } as Edit);
  return (
    <div className="mx-auto grid max-w-6xl gap-8 lg:grid-cols-2">
      {asked && <Rejudge job={job} edit={asked} onClose={() => setAsked(null)} />}
      <div className="flex flex-col gap-6">
        <h1 className="text-2xl">{w.title}</h1>
        <section className="flex flex-col gap-3">
          <Choice
            label={w.edition}
            value={profile.edition}
            onChange={(e) => setProfile({ edition: e })}
            options={Object.entries(words.edition).map(([id, name]) => [id as Schemas["Edition"], `NEC ${name}`] as const)}
          />
          <p className="text-sm text-ink-2">{w.editionHow}</p>
          <Ask
            label={w.office}
            hint={w.officeHint}
            value={profile.office ?? ""}
            onKeep={(office) => setProfile({ office: office || null })}
          />
        </section>
        <section>
          <h2 className="text-lg">{w.practice}</h2>
          <p className="mb-3 text-sm text-ink-2">{w.practiceHow}</p>
          <div className="flex flex-col gap-4">
            {catalogue.data.practices.map((q) => {
              const now = answers[q.key] ?? q.default;
              return (
                <div key={q.key}>
                  <Choice
                    label={q.name}
                    value={now}
                    onChange={(v) => answer(q.key, v === q.default ? null : v)}
                    options={q.choices.map((c) => [c.value, c.name] as const)}
                  />
                  <p className="mt-1 text-sm text-ink-2">
                    {q.choices.find((c) => c.value === now)?.reason} {w.used[q.used]}
                  </p>
                </div>
              );
            })}
          </div>
        </section>
        <section>
          <h2 className="mb-2 text-lg">{w.crowding}</h2>
          <div className="grid gap-3 sm:grid-cols-2">
            {catalogue.data.assumptions.map((a) => (
              <Ask
                key={a.key}
                mono
                label={`${a.name}, ${a.unit}`}
                value={answers[a.key] ?? String(a.default)}
                onKeep={(text) => answer(a.key, text === "" || Number(text) === a.default ? null : text)}
              />
            ))}
          </div>
        </section>
        <Amendments profile={profile} limits={limits.data ?? []} onSet={(amendments) => setProfile({ amendments })} />
      </div>
      <section>
        <h2 className="mb-2 text-lg">
          {w.numbers}, NEC {words.edition[edition]}
        </h2>
        <ul>
          {(limits.data ?? []).map((l) => {
            const amended = profile.amendments.find((a) => a.key === l.key && a.value != null);
            return (
              <li key={l.key} className="flex flex-wrap gap-x-3 border-t border-rule py-1.5">
                <span className="min-w-48 flex-1">{l.name}</span>
                <span className="figure font-bold">
                  {amended?.value ?? l.value} {l.unit}
                </span>
                <span className="w-full text-sm text-ink-2">{amended ? `${l.article}, ${amended.note}` : l.article}</span>
              </li>
            );
          })}
        </ul>
      </section>
    </div>
  );
}

function Amendments({
  profile,
  limits,
  onSet,
}: {
  profile: Schemas["CodeProfile"];
  limits: readonly Schemas["Limit"][];
  onSet: (all: Schemas["Amendment"][]) => void;
}) {
  const [key, setKey] = useState("");
  const [value, setValue] = useState("");
  const [note, setNote] = useState("");
  return (
    <section>
      <h2 className="text-lg">{w.amend}</h2>
      <p className="mb-2 text-sm text-ink-2">{w.amendHow}</p>
      <ul>
        {profile.amendments.map((a, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
            <span className="flex-1">
              {limits.find((l) => l.key === a.key)?.name ?? a.key}: <b className="figure">{a.value}</b>, {a.note}
            </span>
            <Button look="quiet" onClick={() => onSet(profile.amendments.filter((_, n) => n !== i))}>
              {words.remove}
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-col gap-2">
        <Pick
          label={w.amendKey}
          value={key}
          onChange={setKey}
          options={limits.map((l) => [l.key, `${l.name} (${l.value} ${l.unit})`] as const)}
        />
        <div className="grid gap-2 sm:grid-cols-2">
          <Ask mono label={w.amendValue} value={value} onKeep={setValue} />
          <Ask label={w.amendNote} value={note} onKeep={setNote} />
        </div>
        <Button
          disabled={!key || !note}
          onClick={() => {
            onSet([...profile.amendments, { key, value: value === "" ? null : Number(value), note }]);
            setKey("");
            setValue("");
            setNote("");
          }}
        >
          {w.addAmend}
        </Button>
      </div>
    </section>
  );
}
