import { useState } from "react";
import { useParams } from "react-router";
import { useLog } from "../model/job";
import { Button } from "../parts/controls";
import { words } from "../words";
import { Readings } from "./Readings";

/** What was done, when and by whom, newest first. */
export default function Logbook() {
  const { job = "" } = useParams();
  const [take, setTake] = useState(50);
  const log = useLog(job, take);
  const lines = log.data?.lines ?? [];
  return (
    <div className="mx-auto grid max-w-6xl items-start gap-8 lg:grid-cols-2">
      <h1 className="text-2xl lg:col-span-2">{words.logPage.title}</h1>
      <section aria-label={words.logPage.steps}>
        <h2 className="mb-2 text-xl">{words.logPage.steps}</h2>
        {lines.length === 0 && <p className="text-ink-2">{log.isPending ? words.loading : words.logPage.empty}</p>}
        <ol>
          {lines.map((l) => (
            <li key={l.id} className="flex flex-wrap gap-x-4 border-t border-rule py-2 first:border-t-0">
              <span className="figure text-sm text-ink-2">{words.logPage.version(l.version)}</span>
              <span className="min-w-60 flex-1">{l.says}</span>
              <span className="text-sm text-ink-2">
                {l.by}, <time className="figure">{l.at.slice(0, 16).replace("T", " ")}</time>
              </span>
            </li>
          ))}
        </ol>
        {lines.length === take && (
          <Button className="mt-4" onClick={() => setTake(take + 100)}>
            {words.logPage.more}
          </Button>
        )}
      </section>
      <Readings job={job} />
    </div>
  );
}
