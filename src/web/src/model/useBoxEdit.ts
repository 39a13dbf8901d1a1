import { useMemo } from "react";
import { newId, type BoxView } from "../api/client";
import { inBox, type Edit, type OfBox } from "./edits";
import { useEdit, type State } from "./job";
import { say } from "../parts/Notices";
import { useLatest } from "../parts/useLatest";
import { words } from "../words";

export type BoxEdit = {
  /** The state of the job this screen shows, for questions about it: a Change's, an earlier version's, or the present. */
  of: { change?: string; version?: number; state?: State };
  send: (edit: OfBox) => Promise<boolean>;
  /** An edit the server made ready, as it is; and what is done in the same repaint as its answer. */
  ready: (edit: Edit, along?: () => void) => Promise<boolean>;
  batch: (name: string, edits: OfBox[]) => Promise<boolean>;
};

/** An edit as the state that is shown takes it: a plan, a correction of what was found, or a record of what was done. */
function inChange(change: string, state: State, edit: Edit): Edit {
  const id = newId("q");
  const on = new Date().toISOString().slice(0, 10);
  if (state === "AsFound") return { do: "correctAsFound", change, id, edit, on };
  if (state === "AsLeft") return { do: "recordDone", change, id, edit, on };
  return { do: "planEdit", change, id, edit };
}

/** What belongs to the job whatever Change is shown: pictures and rulings. */
const ofJob: ReadonlySet<string> = new Set([
  "addPhoto",
  "setPhoto",
  "removePhoto",
  "pinPhoto",
  "unpinPhoto",
  "recordRuling",
  "removeRuling",
]);

/**
 * Sends edits of one box, made on the version this screen shows; into a Change when one is being planned; refused with a word when
 * looking back.
 */
export function useBoxEdit(job: string, view: BoxView, change: string | null, at: number | null, state: State = "Planned"): BoxEdit {
  const edit = useEdit(job);
  const ready = useLatest((done: Edit, along?: () => void): Promise<boolean> => {
    if (at !== null) {
      along?.();
      say(words.bench.lookingBack(at), "stop");
      return Promise.resolve(false);
    }
    const inThe = change !== null && !ofJob.has(done.do) ? change : null;
    return edit
      .mutateAsync({
        edit: inThe ? inChange(inThe, state, done) : done,
        ...(change || ofJob.has(done.do) ? {} : { base: view.version }),
        ...(along ? { along } : {}),
      })
      .then(
        () => true,
        () => false,
      );
  });
  return useMemo(() => {
    return {
      of: { ...(change ? { change, state } : {}), ...(at !== null ? { version: at } : {}) },
      send: (e: OfBox) => ready(inBox(view.id, e)),
      ready,
      batch: (name: string, edits: OfBox[]) => ready({ do: "batch", name, edits: edits.map((e) => inBox(view.id, e)) }),
    };
  }, [ready, view.id, change, at, state]);
}
