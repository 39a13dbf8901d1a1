import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, type Schemas } from "../api/client";
import type { Role } from "../model/me";
import { Button, Choice } from "../parts/controls";
import { say } from "../parts/Notices";
import { Sheet } from "../parts/Sheet";
import { crewWords as w } from "../words/crew";
import { Wrong } from "./Door";
import { JobTicks } from "./JobTicks";
import { when } from "./when";

type Hours = keyof typeof w.hoursOf;

/** Makes an invitation and shows it once: a code for the camera, and the link. */
export function Invite({ person, jobs, crew, onClose }: Props) {
  const [role, setRole] = useState<Role>(person?.role ?? "Works");
  const [rights, setRights] = useState<Schemas["JobRight"][]>(jobs.length === 1 ? jobs.map((j) => ({ job: j.id, looksOnly: false })) : []);
  const [hours, setHours] = useState<Hours>("24");
  const invite = useMutation({
    mutationFn: () =>
      must(
        api.POST("/api/people/invitations", {
          body: {
            role,
            jobs: role === "Works" || role === "Looks" ? rights.map((r) => r.job) : [],
            hours: Number(hours),
            person: person?.id ?? null,
          },
        }),
      ),
  });
  return (
    <Sheet title={person ? `${w.forgot}: ${person.name}` : w.invite} open onClose={onClose}>
      {invite.data ? (
        <Made made={invite.data} crew={crew} />
      ) : (
        <div className="flex flex-col gap-4">
          {!person && (
            <>
              <Choice
                label={w.roleLabel}
                value={role}
                options={(["Works", "Looks", "Class", "Owner"] as const).map((r) => [r, w.role[r]] as const)}
                onChange={setRole}
              />
              <p className="text-sm text-ink-2">{w.roleHint[role]}</p>
              {(role === "Works" || role === "Looks") && <JobTicks rights={rights} jobs={jobs} looks onChange={setRights} />}
            </>
          )}
          <Choice
            label={w.hours}
            value={hours}
            options={(Object.keys(w.hoursOf) as Hours[]).map((h) => [h, w.hoursOf[h]] as const)}
            onChange={setHours}
          />
          <Button look="main" onClick={() => invite.mutate()} disabled={invite.isPending}>
            {w.make}
          </Button>
          <Wrong error={invite.error} />
        </div>
      )}
    </Sheet>
  );
}

function Made({ made, crew }: { made: Schemas["InviteAnswer"]; crew: Schemas["PeopleAnswer"] }) {
  const copy = async () => {
    await navigator.clipboard.writeText(made.link);
    say(w.copied, "fine");
  };
  return (
    <div className="flex flex-col gap-3">
      <p>{w.inviteSays}</p>
      <svg viewBox={`0 0 ${made.size} ${made.size}`} role="img" aria-label={made.link} className="mx-auto w-64" shapeRendering="crispEdges">
        <rect width={made.size} height={made.size} fill="white" />
        <path d={made.code} fill="black" />
      </svg>
      <p className="figure text-sm break-all">{made.link}</p>
      <div className="flex flex-wrap items-center justify-between gap-2">
        <Button onClick={() => void copy()}>{w.copy}</Button>
        <span className="text-ink-2">{w.until(when(made.ends))}</span>
      </div>
      <p className="text-sm text-ink-2">{w.shownOnce}</p>
      {crew.trustAddress && (
        <p className="border-t-2 border-rule pt-3">
          {w.trustFirst} <strong className="figure">{crew.trustAddress}</strong> {w.compare}
          <span className="figure mt-1 block text-sm break-words">{crew.fingerprint}</span>
        </p>
      )}
    </div>
  );
}

type Props = {
  /** Whom it gives a new password; null for somebody new. */
  person: Schemas["PersonView"] | null;
  jobs: readonly Schemas["JobSummary"][];
  crew: Schemas["PeopleAnswer"];
  onClose: () => void;
};
