import { keepPreviousData, useMutation, useQuery } from "@tanstack/react-query";
import { useMemo, useRef, useState } from "react";
import { api, must, type BoxView, type Schemas } from "../api/client";
import type { BoxEdit } from "./useBoxEdit";
import { keys } from "./keys";

export type BoxLive = Schemas["ToldLive"];
export type PointLive = Schemas["ToldPoint"];
type Fault = Schemas["Fault"];

/** How things are set for a look with the power on: only what differs from what is recorded. */
export type Setting = {
  sources: Record<string, boolean>;
  breakers: Record<string, boolean>;
  switches: Record<string, boolean>;
  plugged: Record<string, number>;
  faults: { name: string; fault: Fault }[];
  /** Faults that come and go are there just now. */
  there: boolean;
};

const asRecorded: Setting = { sources: {}, breakers: {}, switches: {}, plugged: {}, faults: [], there: true };

/** The setting as the server takes it. */
export const situationOf = (s: Setting) =>
  ({
    sources: s.sources,
    breakers: s.breakers,
    switches: s.switches,
    plugged: s.plugged,
    faults: s.faults.map((f) => f.fault),
    there: s.there,
  }) as Schemas["Situation"];

/** A look at the box with the power on: on or not, the setting, and what the server says of it. */
export function useLive(job: string, view: BoxView, edit: Pick<BoxEdit, "of">, begins = false) {
  const [on, setOn] = useState(begins);
  const [setting, setSetting] = useState(asRecorded);
  const asked = useQuery({
    queryKey: keys.of(job, "live", view.id, view.version, edit.of, setting),
    queryFn: () =>
      must(
        api.POST("/api/jobs/{job}/boxes/{box}/live", {
          params: { path: { job, box: view.id } },
          body: { situation: situationOf(setting), change: edit.of.change ?? null, state: edit.of.state ?? null, edit: null },
        }),
      ),
    enabled: on,
    placeholderData: keepPreviousData,
  });
  const live = on ? (asked.data?.live ?? null) : null;
  return useMemo(() => ({ on, setOn, setting, setSetting, live, of: edit.of }), [on, setting, live, edit.of]);
}

export type Look = ReturnType<typeof useLive>;

/** What an edit would do with the power on, in sentences; nothing while the look is not on. */
export function useWould(job: string, view: BoxView, edit: BoxEdit, look: Look, would: Schemas["Edit"] | null): readonly string[] {
  const asked = useQuery({
    queryKey: keys.of(job, "would", view.id, view.version, edit.of, look.setting, would),
    queryFn: () =>
      must(
        api.POST("/api/jobs/{job}/boxes/{box}/live", {
          params: { path: { job, box: view.id } },
          body: { situation: situationOf(look.setting), change: edit.of.change ?? null, state: edit.of.state ?? null, edit: would },
        }),
      ),
    enabled: look.on && would !== null,
  });
  return look.on && would ? (asked.data?.would ?? []) : [];
}

/** Holds what a real instrument showed against what is expected; it can be stopped. */
export function useCompare(job: string, box: string, look: Look) {
  const running = useRef<AbortController | null>(null);
  const compare = useMutation({
    mutationFn: (real: Schemas["RealReading"]) => {
      running.current = new AbortController();
      return must(
        api.POST("/api/jobs/{job}/boxes/{box}/compare", {
          params: { path: { job, box } },
          body: { real, situation: situationOf(look.setting), change: look.of.change ?? null, state: look.of.state ?? null },
          signal: running.current.signal,
        }),
      );
    },
  });
  const stop = () => {
    running.current?.abort();
    compare.reset();
  };
  return { ...compare, stop };
}

/** Lays an instrument between two points as things are set. */
export const useProbe = (job: string, look: Look) =>
  useMutation({
    mutationFn: ({ instrument, from, to, setting }: { instrument: string; from: string; to: string; setting: Setting }) =>
      must(
        api.POST("/api/jobs/{job}/probe", {
          params: { path: { job } },
          body: { instrument, from, to, situation: situationOf(setting), change: look.of.change ?? null, state: look.of.state ?? null },
        }),
      ),
  });
