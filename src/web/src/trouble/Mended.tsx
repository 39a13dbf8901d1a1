import { useState } from "react";
import { Link } from "react-router";
import { newId } from "../api/client";
import { useSettings } from "../api/settings";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { Field } from "../parts/Field";
import { troubleWords as w } from "../words/trouble";
import { Answers, type Seen } from "../model/Answers";
import type { Look, Trouble } from "./useTrouble";

type Cause = Trouble["causes"][number];

/** The cause that was found: whose hand, where that hand worked too, the Change that mends it; and the same looks again. */
export function Mended({
  job,
  trouble,
  edit,
  onAgain,
}: {
  job: string;
  trouble: Trouble;
  edit: (edit: object) => void;
  onAgain: (look: Look, seen: Seen, again: string) => void;
}) {
  return (
    <section aria-label={w.cause} className="flex flex-col gap-3 rounded-2xl border-2 border-moss bg-card p-4">
      <h2 className="text-lg">{w.cause}</h2>
      {trouble.causes.map((c) => (
        <OneCause key={c.id} job={job} trouble={trouble} cause={c} edit={edit} />
      ))}
      {trouble.again.length > 0 && (
        <div>
          <h3 className="font-bold">{w.again}</h3>
          <ul>
            {trouble.again.map((a) => (
              <li key={a.id} className="flex flex-wrap items-center gap-2 border-t border-rule py-2">
                <span className="min-w-60 flex-1">
                  {a.look.says}
                  <span className="block text-sm text-ink-2">{w.shouldShow(a.predicted)}</span>
                </span>
                {a.fits == null ? (
                  !trouble.closed && <Answers look={a.look} onSeen={(seen) => onAgain(a.look, seen, a.id)} />
                ) : (
                  <b className={a.fits ? "text-moss" : "text-barn"}>{a.fits ? `✓ ${w.fits}` : `✗ ${w.otherwise}`}</b>
                )}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function OneCause({ job, trouble, cause, edit }: { job: string; trouble: Trouble; cause: Cause; edit: (edit: object) => void }) {
  const { who: me } = useSettings();
  const [who, setWho] = useState("");
  const [when, setWhen] = useState("");
  const { fault } = cause;
  const again = (more: object) =>
    edit({
      do: "findCause",
      complaint: trouble.id,
      id: cause.id,
      found: {
        box: fault.box,
        case: fault.case,
        details: fault.details,
        by: me,
        at: new Date().toISOString(),
        who: cause.who,
        when: cause.when,
        ...more,
      },
    });
  const mend = () => {
    const change = newId("c");
    edit({ do: "openChange", id: change, name: fault.says.slice(0, 120) });
    again({ change });
  };
  return (
    <div className="flex flex-col gap-2">
      <p className="text-lg font-semibold">{fault.says}</p>
      {cause.who ? (
        <p>
          {cause.who}
          {cause.when && `, ${cause.when}`}
        </p>
      ) : (
        !trouble.closed && (
          <form
            className="flex flex-wrap items-end gap-2"
            onSubmit={(e) => {
              e.preventDefault();
              if (who.trim()) again({ who: who.trim(), when: when.trim() || null });
            }}
          >
            <p className="basis-full text-sm text-ink-2">{w.handHow}</p>
            <Field label={w.hand} value={who} onType={setWho} />
            <Field label={w.when} value={when} onType={setWhen} />
            <Button type="submit" disabled={!who.trim()}>
              {w.say}
            </Button>
          </form>
        )
      )}
      {cause.lookToo.length > 0 && (
        <p>
          <b>{w.lookToo}: </b>
          {cause.lookToo.map((b) => (
            <Link key={b.id} to={address.box(job, b.id)} className="mr-3 inline-flex min-h-11 items-center underline underline-offset-4">
              {b.name}
            </Link>
          ))}
        </p>
      )}
      <span className="flex flex-wrap gap-3">
        {cause.change ? (
          <Link to={address.changes(job)} className="inline-flex min-h-11 items-center underline underline-offset-4">
            {w.change}
          </Link>
        ) : (
          !trouble.closed && <Button onClick={mend}>{w.newChange}</Button>
        )}
        {!trouble.closed && (
          <Button look="quiet" onClick={() => edit({ do: "dropCause", complaint: trouble.id, id: cause.id })}>
            {w.dropCause}
          </Button>
        )}
      </span>
    </div>
  );
}
