import { useMemo } from "react";
import { newId, type BoxView, type Edit } from "../api/client";
import { useEdit } from "../api/job";
import { say } from "../parts/Notices";
import { useLatest } from "../parts/useLatest";
import { words } from "../words";

export type Loose = { do: Edit["do"] } & Record<string, unknown>;

export type BoxEdit = {
  /** The state of the job this screen shows, for questions about it: a Change's, an earlier version's, or the present. */
  of: { change?: string; version?: number };
  send: (edit: Loose) => Promise<boolean>;
  /** An edit the server made ready, as it is. */
  ready: (edit: Edit) => Promise<boolean>;
  batch: (name: string, edits: Loose[]) => Promise<boolean>;
};

/** Sends edits of one box, made on the version this screen shows; into a Change when one is being planned; refused with a word when looking back. */
export function useBoxEdit(job: string, view: BoxView, change: string | null, at: number | null): BoxEdit {
  const edit = useEdit(job);
  const ready = useLatest((done: Edit): Promise<boolean> => {
    if (at !== null) {
      say(words.bench.lookingBack(at), "stop");
      return Promise.resolve(false);
    }
    return edit
      .mutateAsync({
        edit: change ? ({ do: "planEdit", change, id: newId("q"), edit: done } as unknown as Edit) : done,
        ...(change ? {} : { base: view.version }),
      })
      .then(
        () => true,
        () => false,
      );
  });
  return useMemo(() => {
    const one = (e: Loose) => ({ box: view.id, ...e }) as unknown as Edit;
    return {
      of: { ...(change ? { change } : {}), ...(at !== null ? { version: at } : {}) },
      send: (e: Loose) => ready(one(e)),
      ready,
      batch: (name: string, edits: Loose[]) => ready({ do: "batch", name, edits: edits.map(one) } as Edit),
    };
  }, [ready, view.id, change, at]);
}
