import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { measured } from "./facts";
import { useHead } from "./job";
import { keys } from "./keys";
import { Mark } from "./Verdict";
import { Ask, Button } from "../parts/controls";
import { FitBadge } from "../parts/FitBadge";
import { volume } from "../parts/measure";
import { Pick } from "../parts/Pick";
import { Sheet } from "../parts/Sheet";
import { words } from "../words";

const w = words.along;

/** A new box in a cable: its name, where, and kinds that suit, each with what would be in it; one tap does all of it. */
export default function IntoCable({
  job,
  version,
  cable: c,
  place: there = null,
  of = {},
  onPut,
  onDone,
  onClose,
}: {
  job: string;
  version: number;
  /** The cable, the end it is looked at from, and what it is called there. */
  cable: { run: string; side: Schemas["RunSide"]; name: string };
  /** The room of the box it is looked at from. */
  place?: string | null;
  /** The plan it is put into; the present where none is named. */
  of?: { change?: string; state?: Schemas["BoxState"] };
  /** Does it; false where it was refused. */
  onPut: (edit: Schemas["Edit"]) => Promise<boolean>;
  /** It is in, under this id. */
  onDone?: (box: string) => void;
  onClose: () => void;
}) {
  const { units } = useSettings();
  const head = useHead(job);
  const [[box, further]] = useState(() => [newId("b"), newId("r")] as const);
  const [name, setName] = useState<string>(w.nameOf(c.name));
  const [place, setPlace] = useState(there ?? "");
  const [far, setFar] = useState("");
  const [putting, setPutting] = useState(false);
  const { change = null, state = null } = of;
  const body = { box, further, name, place: place || null, along: far ? measured(far) : null, change, state };
  const ways = useQuery({
    queryKey: keys.of(job, "into", c.run, version, JSON.stringify(body)),
    queryFn: () => must(api.POST("/api/jobs/{job}/runs/{run}/into", { params: { path: { job, run: c.run } }, body })),
    placeholderData: keepPreviousData,
    retry: false,
    // Once it is put in there is nothing to ask any more.
    enabled: !putting,
  });
  const put = async (way: Schemas["IntoCableView"]) => {
    setPutting(true);
    if (!(await onPut(way.edit))) return setPutting(false);
    onClose();
    onDone?.(box);
  };
  return (
    <Sheet title={w.putBox} open onClose={onClose}>
      <div className="flex flex-col gap-4">
        <p className="text-ink-2">{w.why(c.name)}</p>
        <div className="grid gap-3 sm:grid-cols-2">
          <div className="sm:col-span-2">
            <Ask label={w.name} value={name} onKeep={(t) => t && setName(t)} />
          </div>
          <Pick
            label={words.box.move}
            value={place}
            onChange={setPlace}
            options={[["", words.quickFit.noRoom], ...Object.entries(head.data?.places ?? {}).map(([id, p]) => [id, p.name] as const)]}
          />
          <Ask mono label={c.side === "A" ? w.fromHere : w.fromThere} hint="12' 6" value={far} onKeep={setFar} />
        </div>
        {ways.error && <p role="alert">{ways.error.message}</p>}
        <ul aria-label={w.kindsOf} className="flex flex-col">
          {(ways.data ?? []).map((way) => (
            <li key={way.kind} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule py-2 first:border-t-0">
              <div className="min-w-48 flex-1">
                <div className="font-semibold first-letter:uppercase">{way.name}</div>
                <div className="flex flex-wrap items-center gap-x-3 text-sm text-ink-2">
                  <FitBadge fit={way.fit} />
                  <span className="figure">
                    {volume(way.needed.low, units, false)} / {volume(way.available.low, units)}
                  </span>
                </div>
                {way.bad.map((f) => (
                  <p key={f.rule + f.of} className="text-sm">
                    <Mark verdict={f.verdict} /> {f.says}
                  </p>
                ))}
              </div>
              <Button disabled={putting || ways.isPlaceholderData} onClick={() => void put(way)} aria-label={`${w.putIn}: ${way.name}`}>
                {w.putIn}
              </Button>
            </li>
          ))}
        </ul>
      </div>
    </Sheet>
  );
}
