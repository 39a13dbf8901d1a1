import type { Schemas } from "../api/client";
import { Choice } from "../parts/controls";
import { Tick } from "../parts/Tick";
import { crewWords as w } from "../words/crew";

const every = "*";

/** The jobs somebody is let into: every one, or those that are marked. */
export function JobTicks({ rights, jobs, looks, onChange }: Props) {
  const all = rights.some((r) => r.job === every);
  const has = (job: string) => rights.some((r) => r.job === job);
  return (
    <fieldset className="flex flex-col">
      <legend className="mb-1 text-sm text-ink-2">{w.jobs}</legend>
      <Tick label={w.everyJob} on={all} turn={(on) => onChange(on ? [{ job: every, looksOnly: false }] : [])} />
      {!all &&
        jobs.map((j) => (
          <div key={j.id} className="flex flex-wrap items-center justify-between gap-2">
            <Tick
              label={j.name}
              on={has(j.id)}
              turn={(on) => onChange(on ? [...rights, { job: j.id, looksOnly: false }] : rights.filter((r) => r.job !== j.id))}
            />
            {has(j.id) && !looks && (
              <Choice
                label={j.name}
                hide
                value={rights.find((r) => r.job === j.id)?.looksOnly ? "looks" : "works"}
                options={[
                  ["works", w.role.Works],
                  ["looks", w.looksOnly],
                ]}
                onChange={(v) => onChange(rights.map((r) => (r.job === j.id ? { ...r, looksOnly: v === "looks" } : r)))}
              />
            )}
          </div>
        ))}
    </fieldset>
  );
}

type Props = {
  rights: readonly Schemas["JobRight"][];
  jobs: readonly Schemas["JobSummary"][];
  /** They look and change nothing, whatever the job. */
  looks: boolean;
  onChange: (rights: Schemas["JobRight"][]) => void;
};
