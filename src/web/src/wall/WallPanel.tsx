import { useState } from "react";
import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import type { Edit } from "../model/edits";
import { measured } from "../model/facts";
import { address, served } from "../parts/address";
import { Ask, Button, Choice, TakeOut } from "../parts/controls";
import { Lines } from "../parts/Lines";
import { fact } from "../parts/measure";
import { words } from "../words";
import { wallWords as w } from "../words/wall";
import { AddBox } from "./AddBox";
import { AddThing } from "./AddThing";
import type { Wall } from "./useWall";
import { ASIDE } from "./look";

type Send = (edit: Edit) => Promise<boolean>;

/** A wall with no box picked: its sizes, what is in it, what its receptacles reach, what its studs let through. */
export function WallPanel({ job, wall, send, onPick }: { job: string; wall: Wall; send: Send; onPick: (box: string) => void }) {
  const [adding, setAdding] = useState<"thing" | "box" | Schemas["ToldOnWall"] | null>(null);
  const gaps = wall.reach.filter((r) => r.box == null);
  return (
    <aside aria-label={w.facts} className={ASIDE}>
      <div className="flex flex-wrap gap-2">
        <Button look="main" onClick={() => setAdding("box")}>
          {w.addBox}
        </Button>
        <Button onClick={() => setAdding("thing")}>{w.add}</Button>
      </div>
      {adding === "box" && <AddBox job={job} wall={wall} send={send} onDone={(box) => (setAdding(null), box && onPick(box))} />}
      {adding !== null && adding !== "box" && (
        <AddThing wall={wall} was={adding === "thing" ? null : adding} send={send} onDone={() => setAdding(null)} />
      )}
      {wall.unplaced.length > 0 && (
        <section aria-label={w.unplaced}>
          <p className="text-sm text-ink-2">{w.unplaced}</p>
          <p>{wall.unplaced.map((b) => b.name).join(", ")}</p>
        </section>
      )}
      {gaps.length > 0 && (
        <section aria-label={w.reach}>
          <h3 className="text-lg">{w.reach}</h3>
          <Lines lines={gaps.map((g) => g.says)} />
        </section>
      )}
      {wall.rows.length > 0 && (
        <section aria-label={w.rows}>
          <h3 className="text-lg">{w.rows}</h3>
          <Lines lines={wall.rows.map((r) => r.says)} />
        </section>
      )}
      <section aria-label={w.things}>
        <h3 className="text-lg">{w.things}</h3>
        <ul>
          {wall.things.map((t) => (
            <li key={t.id} className="flex items-center gap-2 border-t border-rule">
              <button type="button" className="min-h-11 min-w-0 flex-1 py-1 text-left" onClick={() => setAdding(t)}>
                <b>{t.name}</b>
                <span className="block text-sm text-ink-2">{[...t.says, t.sure ? "" : w.guessed].filter(Boolean).join(" · ")}</span>
              </button>
              <TakeOut verb={words.remove} name={t.name} onClick={() => void send({ do: "takeOffWall", wall: wall.id, id: t.id })} />
            </li>
          ))}
        </ul>
      </section>
    </aside>
  );
}

/** The wall's sizes, what its studs let through, how boxes are set for boards to come, its sheet: under the drawing. */
export function WallMore({ job, wall, send }: { job: string; wall: Wall; send: Send }) {
  const metric = useSettings().units === "metric";
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <Facts wall={wall} send={send} />
      <div className="flex flex-col gap-4">
        <section aria-label={w.drill}>
          <h3 className="text-lg">{w.drill}</h3>
          <Lines lines={wall.drill} />
        </section>
        {wall.set.length > 0 && (
          <section aria-label={w.set}>
            <h3 className="text-lg">{w.set}</h3>
            <Lines lines={wall.set} />
          </section>
        )}
        <p className="flex flex-wrap gap-x-4 border-t border-rule pt-2">
          <a className="min-h-11 content-center underline underline-offset-4" href={served.wallSheet(job, wall.id, "pdf", metric)}>
            {w.sheetPdf}
          </a>
          <a className="min-h-11 content-center underline underline-offset-4" href={served.wallSheet(job, wall.id, "svg", metric)}>
            {w.sheetSvg}
          </a>
          <a className="min-h-11 content-center underline underline-offset-4" href={address.mark(job)}>
            {words.mark}
          </a>
        </p>
      </div>
    </div>
  );
}

/** What a tape says of the whole wall. */
function Facts({ wall, send }: { wall: Wall; send: Send }) {
  const { units } = useSettings();
  const put = (change: Partial<Schemas["Wall"]>) => send({ do: "putWall", id: wall.id, wall: { ...wall.wall, ...change } });
  const flat = wall.wall.kind !== "Wall";
  const asked = [
    ["wide", w.wide(flat), "14'"],
    ["high", w.high(flat), "96"],
    ["studDepth", w.studDepth(flat), "3 1/2"],
    ["spacing", w.spacing(flat), "16"],
    ["floorBuildUp", w.toCome, "3/4"],
    ["farFloor", w.farFloor, "4"],
    ["floorDrop", w.floorDrop, "1/4"],
    ["leftFar", w.leftFar, "0"],
    ["rightFar", w.rightFar, "0"],
  ] as const;
  // A ceiling has no floor under it, and no jambs.
  const shown = flat ? asked.slice(0, 4) : asked;
  return (
    <section aria-label={w.facts} className="grid grid-cols-2 items-end gap-2">
      {shown.map(([key, name, hint]) => (
        <Ask key={key} mono label={name} hint={hint} value={fact(wall.wall[key], units, "")} onKeep={(t) => put({ [key]: measured(t) })} />
      ))}
      <div className="col-span-2">
        <Choice
          label={w.bears}
          value={wall.wall.bears == null ? "unknown" : wall.wall.bears ? "yes" : "no"}
          onChange={(v) => void put({ bears: v === "unknown" ? null : v === "yes" })}
          options={[
            ["yes", w.yes],
            ["no", w.no],
            ["unknown", w.unknown],
          ]}
        />
      </div>
    </section>
  );
}
