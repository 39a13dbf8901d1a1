import { useState } from "react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { pieces } from "../api/pieces";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import type { Seen } from "../model/Answers";
import { keys } from "../model/keys";
import { troubleWords } from "../words/trouble";

export type Trouble = Schemas["ToldTrouble"];
export type Look = Schemas["ToldLook"];

/** A trouble with what follows from what was observed, and what writing down sends. */
export function useTrouble(job: string, trouble: string, instruments: readonly string[], opens: boolean) {
  const { who } = useSettings();
  const send = useEdit(job);
  const has = instruments.join(",");
  const [share, setShare] = useState(0);
  const client = useQueryClient();
  const queryKey = keys.of(job, "trouble", trouble, who, has, opens);
  const told = useQuery({
    queryKey,
    queryFn: async ({ signal }) => {
      setShare(0);
      const body = await must(
        api.GET("/api/jobs/{job}/troubles/{trouble}/weighing", {
          params: { path: { job, trouble }, query: { by: who, instruments: has, opens } },
          parseAs: "stream",
          signal,
        }),
      );
      for await (const { share, told } of pieces<Schemas["TroubleProgress"]>(body)) {
        if (told) return told;
        if (!signal.aborted) setShare(share);
      }
      throw new Error(troubleWords.broken);
    },
    placeholderData: (before) => before,
  });
  const stop = () => void client.cancelQueries({ queryKey, exact: true });
  const edit = (one: object) => send.mutate({ edit: one as Edit });
  const observe = (look: Look, seen: Seen, more: object = {}) =>
    edit({
      do: "observe",
      complaint: trouble,
      id: newId("o"),
      observed: { look: look.look, setup: look.setup, ...seen, by: who, at: new Date().toISOString(), ...more },
    });
  return { told, share, stop, edit, observe, who };
}
