import { useQuery } from "@tanstack/react-query";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import type { Seen } from "../model/Answers";
import { keys } from "../model/keys";

export type Trouble = Schemas["ToldTrouble"];
export type Look = Schemas["ToldLook"];

/** A trouble with what follows from what was observed, and what writing down sends. */
export function useTrouble(job: string, trouble: string, instruments: readonly string[], opens: boolean) {
  const { who } = useSettings();
  const send = useEdit(job);
  const has = instruments.join(",");
  const told = useQuery({
    queryKey: keys.of(job, "trouble", trouble, who, has, opens),
    queryFn: ({ signal }) =>
      must(
        api.GET("/api/jobs/{job}/troubles/{trouble}", {
          params: { path: { job, trouble }, query: { by: who, instruments: has, opens } },
          signal,
        }),
      ),
    placeholderData: (before) => before,
  });
  const edit = (one: object) => send.mutate({ edit: one as Edit });
  const observe = (look: Look, seen: Seen, more: object = {}) =>
    edit({
      do: "observe",
      complaint: trouble,
      id: newId("o"),
      observed: { look: look.look, setup: look.setup, ...seen, by: who, at: new Date().toISOString(), ...more },
    });
  return { told, edit, observe, who };
}
