import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, must, newId, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import type { Edit } from "../model/edits";
import { useEdit } from "../model/job";
import { keys } from "../model/keys";

export type Wall = Schemas["ToldWall"];
export type WallBox = Schemas["ToldWallBox"];
export type Tape = Schemas["Tape"];

/** A wall laid out, as it is or as a Change plans it. */
export function useWall(job: string, wall: string, change: string | null) {
  const { who } = useSettings();
  return useQuery({
    queryKey: keys.of(job, "wall", wall, change, who),
    queryFn: () =>
      must(
        api.GET("/api/jobs/{job}/walls/{wall}", {
          params: { path: { job, wall }, query: { by: who, ...(change ? { change } : {}) } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

/** Sends an edit of the wall: at once, or as part of a Change. */
export function useSend(job: string, change: string | null) {
  const edit = useEdit(job);
  return (what: Edit) =>
    edit
      .mutateAsync({
        edit: change ? ({ do: "planEdit", change, id: newId("q"), edit: what } as Edit) : what,
      })
      .then(() => true)
      .catch(() => false);
}

/** The same tape, another length. */
export const withWay = (tape: Tape, way: Schemas["FactOfLength"]): Tape => ({ ...tape, way });

/** Puts a box where two tapes say; false where that was not kept. */
export type Place = (box: WallBox, across: Tape, up: Tape) => Promise<boolean>;
