import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate, useParams } from "react-router";
import { api, must, type Schemas } from "../api/client";
import { useBox, useCatalogue } from "../model/job";
import { keys } from "../model/keys";
import { address } from "../parts/address";
import { say } from "../parts/Notices";
import { words } from "../words";
import { useRecord } from "./record";
import { newSeed } from "./Setting";

type Ask = { level: number; edition: Schemas["Edition"]; about?: string };

/** What a job made to learn by asks. */
export const useExercise = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "exercise"),
    queryFn: () => must(api.GET("/api/practice/bench/{exercise}", { params: { path: { exercise: job } } })),
    staleTime: Infinity,
  });

/** An exercise on the Bench: its box with all the Bench needs, once it is there. */
export function useAtBench() {
  const { job = "", box = "" } = useParams();
  const view = useBox(job, box);
  const catalogue = useCatalogue();
  const exercise = useExercise(job);
  return { job, view: view.data, catalogue: catalogue.data, exercise: exercise.data, error: view.error ?? exercise.error };
}

/** Keeps how an exercise went: once, whatever is marked of it afterwards. */
export function useGraded(job: string, exercise: Schemas["ToldExercise"]) {
  const kept = useRecord();
  const client = useQueryClient();
  return (skills: readonly Schemas["SkillGrade"][]) => {
    client.setQueryData(keys.of(job, "exercise"), { ...exercise, shown: true });
    if (!exercise.shown) kept.graded(skills).catch((e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop"));
  };
}

/** Where an exercise is done; on a learner's sheet in a class. */
export const placeOf = (kind: Schemas["ExerciseKind"], { job, box }: Schemas["MadeExercise"], room = "") =>
  kind === "Hunt" ? address.hunt(job, room) : kind === "Make" ? address.makeIt(job, box, room) : address.spot(job, box, room);

/** Makes another job to learn by, and goes to it. */
export function useNewExercise(kind: Schemas["ExerciseKind"]) {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: ({ level, edition, about }: Ask) =>
      must(api.POST("/api/practice/bench", { body: { kind, seed: Number(newSeed()), level, edition, ...(about ? { about } : {}) } })),
    onSuccess: (made) => navigate(placeOf(kind, made)),
    onError: (e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop"),
  });
}
