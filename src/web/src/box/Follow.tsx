import { memo } from "react";
import { newId, type BoxView, type Schemas } from "../api/client";
import { useOpenEnds } from "../model/job";
import { Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { sameBox } from "../model/sameBox";
import type { BoxEdit } from "../model/useBoxEdit";

const w = words.box;

/** Knockouts without a cable, and cables of the job whose end nobody has followed yet. */
export const Follow = memo(function Follow({ job, view, edit }: { job: string; view: BoxView; edit: BoxEdit }) {
  const ends = useOpenEnds(job);
  const idle = Object.entries(view.box.entries ?? {}).filter(([, e]) => e.state !== "Used");
  const here = (ends.data ?? []).filter((e) => e.nearBox !== view.id);
  return (
    <section aria-label={w.entries} className="by-itself flex flex-col gap-2">
      <h2 className="text-lg">{w.entries}</h2>
      <ul className="flex flex-wrap gap-2">
        {idle.map(([id, e]) => (
          <li key={id} className="w-44">
            <Pick
              label={words.sides[e.side]}
              value={e.state ?? "Closed"}
              onChange={(state) =>
                void (state === ("Remove" as string) ? edit.send({ do: "removeEntry", id }) : edit.send({ do: "setEntry", id, state }))
              }
              options={[
                ["Closed", w.closed],
                ["Plugged", w.plugged],
                ["Open", w.open],
                ["Remove" as Schemas["EntryState"], words.remove],
              ]}
            />
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void edit.send({ do: "addEntry", id: newId("k"), side: "Top" })}>{w.addEntry}</Button>
        {here.length > 0 && (
          <div className="min-w-64">
            <Pick
              hide
              label={w.connect}
              value={null}
              empty={w.connect}
              onChange={(key) => {
                const [run, end] = key.split("|");
                void edit.send({ do: "connectRun", run: run!, end: end as Schemas["RunSide"], entry: newId("k") });
              }}
              options={here.map((e) => [`${e.run}|${e.side}`, `${e.size}, ${e.says}`] as const)}
            />
          </div>
        )}
      </div>
    </section>
  );
}, sameBox);
