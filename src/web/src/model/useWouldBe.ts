import { useQuery } from "@tanstack/react-query";
import { api, must, type BoxView } from "../api/client";
import { useSettings } from "../api/settings";
import { span } from "../parts/measure";
import { words } from "../words";
import { inBox, type OfBox } from "./edits";
import type { BoxEdit } from "./useBoxEdit";
import { keys } from "./keys";

/** What the box would come to with each of several edits, asked once when a list of choices opens. */
export function useWouldBe(
  job: string,
  view: BoxView,
  edit: BoxEdit,
  open: boolean,
  choices: readonly (readonly [string, OfBox])[],
): (id: string) => string | undefined {
  const { units } = useSettings();
  const preview = useQuery({
    queryKey: keys.of(job, "would-be", view.id, edit.of, choices[0]?.[1].do),
    staleTime: 0,
    queryFn: () =>
      must(
        api.POST("/api/jobs/{job}/preview", {
          params: { path: { job } },
          body: {
            edits: choices.map(([, e]) => inBox(view.id, e)),
            change: edit.of.change ?? null,
            state: edit.of.state ?? null,
          },
        }),
      ),
    enabled: open,
  });
  return (id) => {
    const answer = preview.data?.[choices.findIndex(([choice]) => choice === id)];
    if (!answer) return undefined;
    if (answer.refusal) return answer.refusal.says;
    const fill = answer.boxes.find((b) => b.id === view.id)?.report.fill;
    return fill && `${span(fill.needed, units, false)} / ${span(fill.available, units)}, ${words.fit[fill.fit].toLowerCase()}`;
  };
}
