import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";

export type Card = Schemas["ToldCard"];
export type Step = Schemas["ToldCardStep"];

/** The make-up card of a box in a Change, and what marking a step sends. */
export function useCard(job: string, change: string, box: string) {
  const { who } = useSettings();
  const send = useEdit(job);
  const card = useQuery({
    queryKey: keys.of(job, "card", change, box, who),
    queryFn: () =>
      must(api.GET("/api/jobs/{job}/changes/{change}/boxes/{box}/card", { params: { path: { job, change, box }, query: { by: who } } })),
    refetchInterval: 60_000,
  });
  const [busy, setBusy] = useState(false);
  const [marked, setMarked] = useState<{ step: string; at: number } | null>(null);
  const edit = (edits: object[], step: string | null = null) => {
    setBusy(true);
    setMarked(step ? { step, at: Infinity } : null);
    return send
      .mutateAsync({ edit: (edits.length === 1 ? edits[0] : { do: "batch", edits }) as Edit })
      .then(
        () => setMarked((was) => was && { ...was, at: Date.now() }),
        () => setMarked(null),
      )
      .finally(() => setBusy(false));
  };
  /** What is recorded with a step, its mark, and what goes with it of the present: all at once. */
  const done = (step: Step) => {
    const at = new Date().toISOString();
    const id = step.edit ? newId("q") : null;
    const marks = step.case !== "Off" || step.now.length === 0;
    return edit(
      [
        ...step.now,
        ...(id ? [{ do: "recordDone", change, id, edit: step.edit, on: at.slice(0, 10) }] : []),
        ...(marks ? [{ do: "tickStep", change, box, step: step.key, by: who, at, done: id, op: step.op, of: step.of }] : []),
      ],
      marks ? step.key : null,
    );
  };
  const takeBack = (step: string) => edit([{ do: "untickStep", change, box, step }]);
  // The step that was marked is gone from the screen at once, before the card without it is here; where the mark is refused it is back.
  // The last step stays until then: what comes after it says whether the box is proved, and that is not known before.
  const [first, next] = card.data?.steps ?? [];
  const ahead = marked && next && first?.key === marked.step && marked.at >= card.dataUpdatedAt ? 1 : 0;
  return { card, step: ahead ? next : first, ahead, done, takeBack, busy: busy || ahead > 0 };
}
