import { newId, type BoxView, type Edit } from "../api/client";
import { useEdit } from "../api/job";

export type Loose = { do: Edit["do"] } & Record<string, unknown>;

/** Sends edits of one box, made on the version this screen shows; into a Change when one is being planned. */
export function useBoxEdit(job: string, view: BoxView, change: string | null) {
  const edit = useEdit(job);
  const one = (e: Loose) => ({ box: view.id, ...e }) as unknown as Edit;
  const post = (done: Edit) =>
    edit
      .mutateAsync({
        edit: change ? ({ do: "planEdit", change, id: newId("q"), edit: done } as unknown as Edit) : done,
        ...(change ? {} : { base: view.version }),
      })
      .then(
        () => true,
        () => false,
      );
  return {
    busy: edit.isPending,
    send: (e: Loose) => post(one(e)),
    /** An edit the server made ready, as it is. */
    ready: post,
    batch: (name: string, edits: Loose[]) => post({ do: "batch", name, edits: edits.map(one) } as Edit),
  };
}

export type BoxEdit = ReturnType<typeof useBoxEdit>;
