import { useMemo } from "react";
import { newId, type BoxView, type Edit } from "../api/client";
import { useEdit } from "../api/job";
import { useLatest } from "../parts/useLatest";

export type Loose = { do: Edit["do"] } & Record<string, unknown>;

export type BoxEdit = {
  send: (edit: Loose) => Promise<boolean>;
  /** An edit the server made ready, as it is. */
  ready: (edit: Edit) => Promise<boolean>;
  batch: (name: string, edits: Loose[]) => Promise<boolean>;
};

/** Sends edits of one box, made on the version this screen shows; into a Change when one is being planned; refused with a word when looking back. */
export function useBoxEdit(job: string, view: BoxView, change: string | null, refuse: (() => void) | null): BoxEdit {
  const edit = useEdit(job);
  const ready = useLatest((done: Edit): Promise<boolean> => {
    if (refuse) {
      refuse();
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
      send: (e: Loose) => ready(one(e)),
      ready,
      batch: (name: string, edits: Loose[]) => ready({ do: "batch", name, edits: edits.map(one) } as Edit),
    };
  }, [ready, view.id]);
}
