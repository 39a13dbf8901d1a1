import { useQuery } from "@tanstack/react-query";
import { api, must } from "../api/client";
import { keys } from "./keys";

/** What is or was wrong in a job, open ones first. */
export const useTroubles = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "troubles"),
    queryFn: () => must(api.GET("/api/jobs/{job}/troubles", { params: { path: { job } } })),
  });
