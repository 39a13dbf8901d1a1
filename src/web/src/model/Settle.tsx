import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, must, newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { address } from "../parts/address";
import { Ask, Button } from "../parts/controls";
import { words } from "../words";
import type { Edit } from "./edits";
import { useBox, useHead } from "./job";
import { keys } from "./keys";
import { cutsInGauges } from "./TapeSheet";
import type { BoxEdit } from "./useBoxEdit";

const w = words.verdictPanel;

/** What would settle a verdict, the ways to compare, and what the office said of it: fetched when a verdict is opened. */
export default function Settle({ job, box, finding, edit, version }: Of) {
  return (
    <>
      <Remedies job={job} box={box} finding={finding} edit={edit} version={version} />
      <OnWall job={job} box={box} rule={finding.rule} />
      <Learn job={job} rule={finding.rule} />
      {finding.verdict !== "Stop" && <RulingForm of={box} finding={finding} onKeep={(e) => edit.ready(e)} />}
    </>
  );
}

/** What is seen where the box stands on its wall. */
const ofWalls = new Set([
  "setback",
  "proud",
  "gap",
  "wall-spacing",
  "counter-spacing",
  "fire-opposite",
  "height",
  "spacing",
  "fastener",
  "edge",
]);

/** The wall a verdict is about, with the box picked on it. */
function OnWall({ job, box, rule }: { job: string; box: string; rule: string }) {
  const on = useBox(job, box).data?.box;
  return ofWalls.has(rule) && on?.wall && on.spot ? (
    <Link to={address.wall(job, on.wall, box)} className="min-h-11 content-center underline underline-offset-4">
      {words.box.onWall}
    </Link>
  ) : null;
}

/** Where this is practised, by the edition of the job. */
function Learn({ job, rule }: { job: string; rule: string }) {
  const edition = useHead(job).data?.profile.edition ?? "Nec2023";
  return (
    <Link to={address.learn(rule, edition)} className="min-h-11 content-center underline underline-offset-4">
      {w.learn}
    </Link>
  );
}

type Finding = Schemas["ToldFinding"];
type Of = { job: string; box: string; finding: Finding; edit: BoxEdit; version: number };

function Remedies({ job, box, finding, edit, version }: Of) {
  const { gauges } = useSettings();
  const remedies = useQuery({
    queryKey: keys.of(job, "remedies", box, finding.rule, finding.of, version, edit.of),
    queryFn: () =>
      must(
        api.GET("/api/jobs/{job}/boxes/{box}/remedies", {
          params: { path: { job, box }, query: { rule: finding.rule, of: finding.of, ...edit.of } },
        }),
      ),
  });
  if (remedies.isPending) return <p className="text-ink-2">{words.loading}</p>;
  const found = remedies.data?.remedies ?? [];
  if (found.length === 0)
    return remedies.data?.whyNone ? (
      <p>
        <b>{w.noRemedy}.</b> {remedies.data.whyNone}
      </p>
    ) : null;
  return (
    <section aria-label={w.remedies}>
      <h3 className="text-sm">{w.remedies}</h3>
      <ul>
        {found.map((r, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2 border-t border-rule py-1.5 first:border-t-0">
            <span className="min-w-40 flex-1">
              {r.says}
              {cutsInGauges(r.lengths, gauges) && <span className="block text-ink-2">{cutsInGauges(r.lengths, gauges)}</span>}
              {r.lookAgain && <span className="block text-ink-2">{w.waits}</span>}
              {r.new.length > 0 && (
                <span className="block text-barn">
                  {w.brings}: {r.new.map((n) => n.says).join(" ")}
                </span>
              )}
            </span>
            <Button aria-label={`${r.lookAgain ? w.done : w.do}: ${r.says}`} onClick={() => void edit.ready(r.edit)}>
              {r.lookAgain ? w.done : w.do}
            </Button>
          </li>
        ))}
      </ul>
      {!edit.of.change && (
        <Link
          to={address.ways(job, { kind: "MendVerdict", box, rule: finding.rule, of: finding.of })}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {w.compare}
        </Link>
      )}
    </section>
  );
}

/** What the office said of a verdict of a box, a circuit or a panel. */
export function RulingForm({ of, finding, onKeep }: { of: string; finding: Finding; onKeep: (edit: Edit) => void }) {
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState("");
  const [by, setBy] = useState("");
  if (!open)
    return (
      <Button look="quiet" className="self-start" onClick={() => setOpen(true)}>
        {w.ruling}
      </Button>
    );
  return (
    <div className="flex flex-col gap-2">
      <Ask label={w.asked} value={asked} onKeep={setAsked} />
      <Ask label={w.accepted} value={by} onKeep={setBy} />
      <Button
        disabled={!asked || !by}
        onClick={() =>
          onKeep({
            do: "recordRuling",
            id: newId("u"),
            ruling: {
              box: of,
              rule: finding.rule,
              of: finding.of,
              about: finding.says,
              case: finding.case,
              details: finding.details,
              asked,
              acceptedBy: by,
              when: new Date().toISOString().slice(0, 10),
            },
          })
        }
      >
        {w.keepRuling}
      </Button>
    </div>
  );
}
