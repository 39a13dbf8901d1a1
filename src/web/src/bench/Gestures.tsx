import { useQuery } from "@tanstack/react-query";
import { api, must, type BoxView } from "../api/client";
import { keys } from "../model/keys";
import type { BoxEdit } from "../model/useBoxEdit";
import { Button } from "../parts/controls";

/** What can be done in one go with these leads, this joint, or with neither the whole box: one gesture, one undo. */
export function Gestures({
  job,
  view,
  edit,
  leads = [],
  joint = null,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  leads?: readonly string[];
  joint?: string | null;
}) {
  const asked = useQuery({
    queryKey: keys.of(job, "gestures", view.id, view.version, edit.of, leads, joint),
    queryFn: () =>
      must(
        api.POST("/api/jobs/{job}/boxes/{box}/gestures", {
          params: { path: { job, box: view.id } },
          body: { leads: [...leads], joint, change: edit.of.change ?? null, state: edit.of.state ?? null },
        }),
      ),
  });
  return (asked.data ?? []).map((g) => (
    <Button key={g.says} onClick={() => void edit.ready(g.edit)}>
      {g.says}
    </Button>
  ));
}
