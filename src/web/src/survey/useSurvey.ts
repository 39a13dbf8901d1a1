import { useQuery } from "@tanstack/react-query";
import { api, must, newId, type BoxView } from "../api/client";
import { keys } from "../model/keys";

/** How far the writing down of a box has come: which lead is next, and which parts somebody recorded something in. */
export const useSurvey = (job: string, view: BoxView) =>
  useQuery({
    queryKey: keys.of(job, "survey", view.id, view.version),
    queryFn: () =>
      must(api.GET("/api/jobs/{job}/boxes/{box}/survey", { params: { path: { job, box: view.id }, query: { newId: newId("j") } } })),
    placeholderData: (before) => before,
  });
