import type { BoxView } from "../api/client";
import { useBox } from "../model/job";
import { Probe } from "../model/Probe";
import { useLive } from "../model/useLive";
import { Nowhere } from "../parts/Nowhere";
import { Sheet } from "../parts/Sheet";
import { words } from "../words";
import { sheetWords } from "../words/sheet";

const present = { of: {} };

/** An instrument laid on two points of a stop, without leaving the sheet. */
export default function ProbeHere({ job, box, onClose }: { job: string; box: string; onClose: () => void }) {
  const view = useBox(job, box);
  return (
    <Sheet title={view.data ? sheetWords.sheet.testAt(view.data.box.name) : words.loading} open onClose={onClose}>
      {view.data ? <Points job={job} view={view.data} /> : view.error && <Nowhere error={view.error} />}
    </Sheet>
  );
}

function Points({ job, view }: { job: string; view: BoxView }) {
  const look = useLive(job, view, present, true);
  return (
    <div className="flex flex-col gap-3">
      <p className="text-sm text-ink-2">{words.live.caution}</p>
      {look.live ? <Probe job={job} box={view.id} look={look} live={look.live} /> : <p className="text-ink-2">{words.loading}</p>}
    </div>
  );
}
