import { Link } from "react-router";
import { api, must } from "../api/client";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { troubleWords as w } from "../words/trouble";
import { Answers, type Seen } from "../model/Answers";
import type { Trouble } from "./useTrouble";

type Trial = Trouble["next"][number];

/** The test that tells most for what it costs; before it is made, what each outcome would leave. */
export function NextTest({ job, trouble, onSeen }: { job: string; trouble: Trouble; onSeen: (trial: Trial, seen: Seen) => void }) {
  const [first, ...others] = trouble.next;
  return (
    <section aria-label={w.next} className="rounded-2xl border-2 border-ink bg-card p-4">
      <h2 className="text-lg">{w.next}</h2>
      {first ? <One job={job} trouble={trouble} trial={first} onSeen={onSeen} /> : <p>{w.nothingNext}</p>}
      {others.length > 0 && (
        <details>
          <summary className="min-h-11 content-center underline underline-offset-4">{w.others}</summary>
          <ul className="flex flex-col gap-4">
            {others.map((t) => (
              <li key={t.key} className="border-t border-rule pt-3">
                <One job={job} trouble={trouble} trial={t} onSeen={onSeen} />
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

function One({ job, trouble, trial, onSeen }: { job: string; trouble: Trouble; trial: Trial; onSeen: (t: Trial, s: Seen) => void }) {
  const waits = trial.waits.length > 0 || trial.prove.length > 0;
  const standIn = async () => {
    const seen = await must(
      api.POST("/api/jobs/{job}/troubles/{trouble}/stand-in", {
        params: { path: { job, trouble: trouble.id } },
        body: { look: trial.look.look, setup: trial.look.setup },
      }),
    );
    onSeen(trial, seen);
  };
  return (
    <div data-trial={trial.case} className="flex flex-col gap-2">
      <p className="text-2xl leading-tight font-bold">{trial.title}</p>
      <p className="text-lg">{trial.look.says}</p>
      <p className="text-ink-2">{trial.minds}</p>
      <p className="text-sm text-ink-2">
        {[
          w.minutes(trial.minutes),
          trial.live ? w.live : trial.opens.length > 0 ? w.dead : "",
          trial.opens.length > 0 ? w.opens(trial.opens.map((b) => b.name).join(", ")) : "",
        ]
          .filter(Boolean)
          .join(" · ")}
      </p>
      {trial.waits.map((x) => (
        <p key={x} className="rounded-xl border-2 border-l-8 border-amber bg-amber-wash p-2 font-semibold">
          {x}
        </p>
      ))}
      {trial.mine.length > 0 && (
        <p className="rounded-xl border-2 border-l-8 border-amber bg-amber-wash p-2 font-semibold">
          {w.handsOut(trial.mine.map((b) => b.name).join(", "))}
        </p>
      )}
      {!trouble.hidden && trial.prove.length > 0 && (
        <p className="rounded-xl border-2 border-l-8 border-barn bg-barn-wash p-2 font-semibold">
          {w.prove}:{" "}
          {trial.prove.map((b) => (
            <Link key={b.id} to={`${address.box(job, b.id)}?show=live`} className="mr-2 underline underline-offset-4">
              {b.name}
            </Link>
          ))}
        </p>
      )}
      {trouble.hidden ? (
        <Button look="main" className="min-h-12 self-start" onClick={() => void standIn().catch(() => undefined)}>
          {w.standIn}
        </Button>
      ) : (
        !waits && <Answers look={trial.look} onSeen={(seen) => onSeen(trial, seen)} />
      )}
      <ul className="text-sm">
        {trial.outcomes.map((o) => (
          <li key={o.says} className="flex gap-x-3 border-t border-rule py-1 max-sm:flex-wrap">
            <b className="w-40 shrink-0">{o.says}</b>
            <span className="figure w-12 shrink-0 text-right">{Math.round(100 * o.chance)}%</span>
            <span className="min-w-0 flex-1 text-ink-2 max-sm:basis-full">
              {w.leaves(o.left)}: {o.likeliest.join("; ")}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
