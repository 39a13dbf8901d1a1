import { lazy, Suspense, useState } from "react";
import { Link, useNavigate } from "react-router";
import { newId, type BoxView, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useBoxes } from "../model/job";
import { measured } from "../model/facts";
import { cableName } from "../model/names";
import type { BoxEdit } from "../model/useBoxEdit";
import { address } from "../parts/address";
import { Ask, Button, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { run } from "../parts/measure";
import { words } from "../words";

const IntoCable = lazy(() => import("../model/IntoCable"));

const w = words.along;

/** What is measured where a cable is hurt: how far along, and at a cut how much of each piece can be pulled in. */
function asked(side: Schemas["RunSide"], kind: Schemas["HurtKind"]): readonly (readonly ["along" | "slackToA" | "slackToB", string])[] {
  const here = side === "A";
  const slack = [
    ["slackToA", here ? w.slackHere : w.slackThere],
    ["slackToB", here ? w.slackThere : w.slackHere],
  ] as const;
  return [["along", here ? w.fromHere : w.fromThere], ...(kind === "Cut" ? (here ? slack : slack.toReversed()) : [])];
}

/** What happened to a cable along its way, and a box put into it. */
export function AlongCable({ job, view, cable: c, edit }: { job: string; view: BoxView; cable: Schemas["CableView"]; edit: BoxEdit }) {
  const { units } = useSettings();
  const navigate = useNavigate();
  const [into, setInto] = useState(false);
  const hurts = Object.entries(c.hurts ?? {});
  return (
    <div className="mt-2 flex flex-col gap-2">
      {hurts.length > 0 && (
        <ul aria-label={w.hurts} className="flex flex-col gap-1">
          {hurts.map(([id, hurt]) => (
            <li key={id} className="flex flex-wrap items-end gap-2 rounded-lg border-l-6 border-barn bg-barn-wash p-2">
              <b className="min-h-11 flex-1 content-center">{w.kinds[hurt.kind]}</b>
              {asked(c.side, hurt.kind).map(([part, label]) => (
                <div key={part} className="w-32">
                  <Ask
                    mono
                    label={label}
                    hint="12' 6"
                    value={run(hurt[part] ?? { how: "Unknown" }, units)}
                    onKeep={(t) => edit.ready({ do: "hurtRun", run: c.run, id, hurt: { ...hurt, [part]: measured(t) } })}
                  />
                </div>
              ))}
              <Link
                to={address.ways(job, { kind: "MendCable", run: c.run, hurt: id })}
                className="min-h-11 content-center underline underline-offset-4"
              >
                {w.ways}
              </Link>
              <TakeOut
                name={w.kinds[hurt.kind]}
                verb={hurt.kind === "Cut" ? w.notCut : w.noLonger}
                onClick={() => void edit.ready({ do: "mendRun", run: c.run, id })}
              />
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <Button onClick={() => setInto(true)}>{w.putBox}</Button>
        <div className="w-60">
          <Pick
            hide
            quiet
            label={`${w.hurtHere}: ${cableName(view, c)}`}
            value={null}
            empty={w.hurtHere}
            onChange={(kind) => void edit.ready({ do: "hurtRun", run: c.run, id: newId("h"), hurt: { kind } })}
            options={Object.entries(w.kinds) as [Schemas["HurtKind"], string][]}
          />
        </div>
        <MoveEnd job={job} view={view} cable={c} edit={edit} />
      </div>
      <Suspense>
        {into && (
          <IntoCable
            job={job}
            version={view.version}
            cable={{ run: c.run, side: c.side, name: cableName(view, c) }}
            place={view.box.place ?? null}
            of={edit.of}
            onPut={(e) => edit.ready(e)}
            onDone={(box) => !edit.of.change && void navigate(address.box(job, box))}
            onClose={() => setInto(false)}
          />
        )}
      </Suspense>
    </div>
  );
}

/** Another box for this end of the cable. */
function MoveEnd({ job, view, cable: c, edit }: { job: string; view: BoxView; cable: Schemas["CableView"]; edit: BoxEdit }) {
  const boxes = useBoxes(job);
  const others = (boxes.data ?? []).filter((b) => b.id !== view.id && !b.binned);
  if (others.length === 0) return null;
  return (
    <div className="w-60">
      <Pick
        hide
        quiet
        label={`${w.moveEnd}: ${cableName(view, c)}`}
        value={null}
        empty={w.moveEnd}
        onChange={(to) => void edit.send({ do: "moveRunEnd", run: c.run, end: c.side, to, entry: newId("k") })}
        options={others.map((b) => [b.id, b.place ? `${b.name}, ${b.place}` : b.name] as const)}
      />
    </div>
  );
}
