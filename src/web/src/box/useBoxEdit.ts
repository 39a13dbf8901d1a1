import type { BoxView, Edit } from "../api/client";
import { useEdit } from "../api/job";

type Loose = { do: Edit["do"] } & Record<string, unknown>;

/** Sends edits of one box, made on the version this screen shows. */
export function useBoxEdit(job: string, view: BoxView) {
  const edit = useEdit(job);
  const one = (e: Loose) => ({ box: view.id, ...e }) as unknown as Edit;
  return {
    busy: edit.isPending,
    send: (e: Loose) =>
      edit.mutateAsync({ edit: one(e), base: view.version }).then(
        () => true,
        () => false,
      ),
    batch: (name: string, edits: Loose[]) =>
      edit.mutateAsync({ edit: { do: "batch", name, edits: edits.map(one) } as Edit, base: view.version }).then(
        () => true,
        () => false,
      ),
  };
}

export type BoxEdit = ReturnType<typeof useBoxEdit>;
