import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, type Schemas } from "../api/client";
import { useJobs } from "../model/job";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { crewWords as w } from "../words/crew";
import { Audit } from "./Audit";
import { Invite } from "./Invite";
import { PersonCard } from "./PersonCard";
import { when } from "./when";

/** The crew, for its owner: who comes in, what they may, where they are signed in. */
export default function People() {
  const client = useQueryClient();
  const people = useQuery({ queryKey: ["people"], queryFn: () => must(api.GET("/api/people")), refetchInterval: 15_000 });
  const jobs = useJobs(false);
  const [inviting, setInviting] = useState<Schemas["PersonView"] | "new" | null>(null);
  const again = () => void client.invalidateQueries({ queryKey: ["people"] });
  const back = useMutation({
    mutationFn: (invitation: string) =>
      must(api.POST("/api/people/invitations/{invitation}/take-back", { params: { path: { invitation } } })),
    onSettled: again,
  });
  if (people.error) return <Nowhere error={people.error} />;
  if (!people.data) return <p className="text-ink-2">{words.loading}</p>;
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-2xl">{w.people}</h1>
          <p>{w.peopleSays}</p>
        </div>
        <Button look="main" onClick={() => setInviting("new")}>
          {w.invite}
        </Button>
      </div>
      <ul className="grid gap-3 lg:grid-cols-2">
        {people.data.people.map((p) => (
          <PersonCard key={p.id} person={p} jobs={jobs.data ?? []} onDone={again} onForgot={() => setInviting(p)} />
        ))}
      </ul>
      {people.data.invitations.length > 0 && (
        <section className="flex flex-col gap-2">
          <h2 className="border-b-2 border-ink text-lg">{w.waiting}</h2>
          {people.data.invitations.map((i) => (
            <div key={i.id} className="flex flex-wrap items-center gap-3">
              <span>
                <strong>{i.name ?? w.role[i.role]}</strong> {w.by(i.by)}, {w.until(when(i.ends))}
              </span>
              <Button look="quiet" onClick={() => back.mutate(i.id)}>
                {w.takeBack}
              </Button>
            </div>
          ))}
        </section>
      )}
      <Audit />
      {inviting && (
        <Invite
          person={inviting === "new" ? null : inviting}
          jobs={jobs.data ?? []}
          crew={people.data}
          onClose={() => {
            setInviting(null);
            again();
          }}
        />
      )}
    </div>
  );
}
