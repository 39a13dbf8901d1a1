import {
  keepPreviousData,
  notifyManager,
  replaceEqualDeep,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
  type QueryKey,
} from "@tanstack/react-query";
import { useMemo } from "react";
import { say } from "../parts/Notices";
import { words } from "../words";
import { api, must, newId, Told, type Edit, type Schemas } from "../api/client";
import { settings } from "../api/settings";
import { named, whoIs } from "../api/who";
import { whole } from "./edits";
import { inTurn } from "./inTurn";
import { boxOf, isCalm, keys } from "./keys";

export const useCatalogue = () =>
  useQuery({ queryKey: keys.catalogue, queryFn: () => must(api.GET("/api/catalogue")), staleTime: Infinity });

export const useJobs = (binned: boolean) =>
  useQuery({
    queryKey: keys.jobs(binned),
    queryFn: () => must(api.GET("/api/jobs", { params: { query: { binned } } })),
    refetchInterval: (query) => (query.state.data?.some((j) => j.working) ? 500 : false),
  });

export const useToday = (job: string) =>
  useQuery({ queryKey: keys.of(job, "today"), queryFn: () => must(api.GET("/api/jobs/{job}/today", { params: { path: { job } } })) });

export const useHead = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "head"),
    queryFn: () => must(api.GET("/api/jobs/{job}", { params: { path: { job } } })),
    enabled: job !== "",
  });

export const useBoxes = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "boxes"),
    queryFn: () => must(api.GET("/api/jobs/{job}/boxes", { params: { path: { job } } })),
    enabled: job !== "",
  });

/** What the solved network says follows within a moment: asked again until it is there. */
const untilWorkedOut = (working: boolean | undefined) => (working ? 100 : false);

/** Of two answers the one of the later version: what was asked before an edit and comes in after it is not taken for news. */
const newest = (was: unknown, is: unknown) =>
  (was as Schemas["BoxView"] | undefined) && (is as Schemas["BoxView"]).version < (was as Schemas["BoxView"]).version
    ? was
    : replaceEqualDeep(was, is);

/** States of a box in a Change. */
export type State = NonNullable<Schemas["BoxState"]>;

/** A box as it is recorded, as a Change plans it, or as it was at an earlier version. */
export const useBox = (job: string, box: string, change: string | null = null, version: number | null = null, state: State = "Planned") =>
  useQuery({
    queryKey: change || version !== null ? keys.of(job, "state", box, change, version, state) : keys.box(job, box),
    queryFn: () =>
      must(
        api.GET("/api/jobs/{job}/boxes/{box}", {
          params: { path: { job, box }, query: { ...(change ? { change, state } : {}), ...(version !== null ? { version } : {}) } },
        }),
      ),
    placeholderData: keepPreviousData,
    structuralSharing: newest,
    refetchInterval: (query) => untilWorkedOut(query.state.data?.working),
  });

export const useChanges = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "changes"),
    queryFn: () => must(api.GET("/api/jobs/{job}/changes", { params: { path: { job } } })),
    enabled: job !== "",
  });

/** What can hurt somebody now, over the whole job. */
export const useStops = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "stops"),
    queryFn: () => must(api.GET("/api/jobs/{job}/stops", { params: { path: { job } } })),
    enabled: job !== "",
    refetchInterval: (query) => untilWorkedOut(query.state.data?.working),
  });

/** The punch list. */
export const useVerdicts = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "verdicts"),
    queryFn: () => must(api.GET("/api/jobs/{job}/verdicts", { params: { path: { job } } })),
  });

/** Circuits and panels, judged. */
export const useSupply = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "supply"),
    queryFn: () => must(api.GET("/api/jobs/{job}/supply", { params: { path: { job } } })),
  });

/** The run sheet: every circuit as a rail out of its panel. */
export const useSheet = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "sheet"),
    queryFn: () => must(api.GET("/api/jobs/{job}/sheet", { params: { path: { job } } })),
    placeholderData: (before) => before,
    refetchInterval: (query) => untilWorkedOut(query.state.data?.working),
  });

/** Where this person's proof of dead stands at a box. */
export const useProof = (job: string, box: string, by: string, change?: string) =>
  useQuery({
    queryKey: keys.of(job, "proof", box, by, change ?? null),
    queryFn: () =>
      must(api.GET("/api/jobs/{job}/boxes/{box}/proof", { params: { path: { job, box }, query: { by, ...(change ? { change } : {}) } } })),
    refetchInterval: 60_000,
  });

export const useReadings = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "readings"),
    queryFn: () => must(api.GET("/api/jobs/{job}/readings", { params: { path: { job } } })),
  });

export const useReports = (job: string) =>
  useQuery({
    queryKey: keys.of(job, "reports"),
    queryFn: () => must(api.GET("/api/jobs/{job}/reports", { params: { path: { job } } })),
  });

export const usePhotos = (job: string, box: string) =>
  useQuery({
    queryKey: keys.of(job, "photos", box),
    queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/photos", { params: { path: { job, box } } })),
  });

export const useSteps = (job: string, box: string) =>
  useQuery({
    queryKey: keys.of(job, "steps", box),
    queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/steps", { params: { path: { job, box } } })),
  });

export const useLog = (job: string, take = 50) =>
  useQuery({
    queryKey: keys.of(job, "log", take),
    queryFn: () => must(api.GET("/api/jobs/{job}/log", { params: { path: { job }, query: { by: settings().who, take } } })),
    enabled: job !== "",
  });

/** Cables with an end nobody has followed; with how many verdicts wait for each, where that is asked. */
export const useOpenEnds = (job: string, decides = false) =>
  useQuery({
    queryKey: keys.of(job, "ends", decides),
    queryFn: () => must(api.GET("/api/jobs/{job}/open-ends", { params: { path: { job }, query: { decides } } })),
  });

/** Ids of edits this screen sent: their answers are taken as they come, so hearing of them again asks nothing. */
export const own = new Set<string>();

function ownId(prefix: string): string {
  const id = newId(prefix);
  own.add(id);
  return id;
}

/** Lists and history are looked at again a moment after the picture has changed, ms. */
const AFTER = 120;

/** A log with the line an answer brought, where it is the next one. */
const withStep = (was: Schemas["LogAnswer"], { version, step, undo, redo }: Schemas["EditAnswer"]): Schemas["LogAnswer"] =>
  was.version + 1 !== version ? was : { version, lines: [step, ...was.lines], undo, redo };

/** What an accepted edit brought goes straight to the screens that show it. */
function take(client: QueryClient, job: string, answer: Schemas["EditAnswer"]) {
  const within = answer.boxes.every((b) => {
    const was = client.getQueryData<Schemas["BoxView"]>(keys.box(job, b.id));
    return was !== undefined && replaceEqualDeep(was.cables, b.cables) === was.cables;
  });
  for (const box of answer.boxes) client.setQueryData(keys.box(job, box.id), box);
  if (answer.head) client.setQueryData(keys.of(job, "head"), answer.head);
  if (answer.stops) client.setQueryData(keys.of(job, "stops"), answer.stops);
  client.setQueriesData<Schemas["LogAnswer"]>({ queryKey: keys.of(job, "log") }, (was) => was && withStep(was, answer));
  const { everything, boxes } = answer.changed;
  const stale = (box: string) => everything || (boxes.includes(box) && !answer.boxes.some((b) => b.id === box));
  const moved = !everything && within && boxes.length > 0 && boxes.length === answer.boxes.length;
  const told = (key: readonly unknown[]) =>
    (answer.stops && key[2] === "stops") ||
    (answer.head && key[2] === "head") ||
    (key[2] === "log" && client.getQueryData<Schemas["LogAnswer"]>(key as QueryKey)?.version === answer.version);
  setTimeout(() => {
    void client.invalidateQueries({
      queryKey: keys.job(job),
      predicate: (q) => (boxOf(q.queryKey) !== null ? stale(boxOf(q.queryKey)!) : !told(q.queryKey) && !(moved && isCalm(q.queryKey))),
    });
    void client.invalidateQueries({ queryKey: keys.job(job), predicate: (q) => isCalm(q.queryKey), refetchType: "none" });
    void client.invalidateQueries({ queryKey: keys.jobs(), refetchType: "none" });
  }, AFTER);
}

function tell(error: unknown) {
  if (error instanceof Told && error.status === 409) {
    const conflict = error.body as Schemas["Conflict"];
    say(
      words.conflict(
        conflict.yours,
        conflict.theirs.map((t) => `${t.by}: ${t.says}`),
      ),
      "stop",
    );
  } else {
    say(error instanceof Error ? error.message : words.failed, "stop");
  }
}

/** Who does it; nothing is done while nobody says so. */
async function doer(): Promise<string> {
  const who = await whoIs();
  if (!who) throw new Told(words.who.nobody, 0);
  return who;
}

/** A step for this person: undo, redo, the bin. */
export const stepOf = async () => ({ id: ownId("s"), by: await doer() });

/** Puts a described box into a job; how it is laid out there is the server's to say. */
export const keepBox = async (job: string, box: Omit<Schemas["KeptBoxPost"], "id" | "by">) =>
  must(api.POST("/api/jobs/{job}/boxes", { params: { path: { job } }, body: { ...box, id: ownId("e"), by: await doer() } }));

/** Does one edit of a job. */
export const postEdit = (job: string, edit: Edit, base: number | null = null) =>
  inTurn(job, async () => {
    const by = await doer();
    const body = { id: ownId("e"), by, base, edit: named(edit, by) };
    return must(api.POST("/api/jobs/{job}/edits", { params: { path: { job } }, body }));
  });

/** An edit, the version it was made on, and what is done in the same repaint as its answer. */
type Sent = { edit: Edit; base?: number; along?: () => void };

/** Does edits; a refusal or conflict is said aloud and what was typed stays. It never draws anything again by itself: the answer does. */
export function useEdit(job: string) {
  const client = useQueryClient();
  return useMemo(() => {
    const done = async (asked: Promise<Schemas["EditAnswer"]>, along?: () => void) => {
      try {
        const answer = await asked;
        notifyManager.batch(() => {
          if (along) notifyManager.schedule(along);
          take(client, job, answer);
        });
        return answer;
      } catch (error) {
        along?.();
        tell(error);
        void client.invalidateQueries({ queryKey: keys.job(job) });
        throw error;
      }
    };
    // What sets all of a record says which it was made from, so that what another changed in it meanwhile is not written over.
    const seen = (edit: Edit) =>
      whole.has(edit.do) ? (client.getQueryData<Schemas["JobHead"]>(keys.of(job, "head"))?.version ?? null) : null;
    const mutateAsync = ({ edit, base, along }: Sent) => done(postEdit(job, edit, base ?? seen(edit)), along);
    const keep = (box: Omit<Schemas["KeptBoxPost"], "id" | "by">) => done(keepBox(job, box));
    // Told already where it fails: whoever keeps what was typed hears whether it was kept.
    const mutate = (asked: Sent): unknown =>
      mutateAsync(asked).then(
        () => true,
        () => false,
      );
    return { mutateAsync, keep, mutate };
  }, [client, job]);
}

export function useStep(job: string, which: "undo" | "redo") {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () =>
      inTurn(job, async () => {
        const init = { params: { path: { job } }, body: await stepOf() };
        return must(which === "undo" ? api.POST("/api/jobs/{job}/undo", init) : api.POST("/api/jobs/{job}/redo", init));
      }),
    onSuccess: (answer) => {
      take(client, job, answer);
      say(which === "undo" ? words.undone : words.redone, "fine");
    },
    onError: tell,
  });
}
