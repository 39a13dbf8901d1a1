import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { api, must, type Schemas } from "../../api/client";
import { served } from "../../parts/address";
import { say } from "../../parts/Notices";
import { words } from "../../words";

export type View = Schemas["ClassView"];

const keyOf = (one: string) => ["class", one] as const;

/** A class as it stands; looked at again whenever something of it changed. */
export function useClass(one: string) {
  const client = useQueryClient();
  useEffect(() => {
    const source = new EventSource(served.classEvents(one));
    source.addEventListener("changed", () => void client.invalidateQueries({ queryKey: keyOf(one) }));
    return () => source.close();
  }, [one, client]);
  return useQuery({
    queryKey: keyOf(one),
    queryFn: () => must(api.GET("/api/classes/{class}", { params: { path: { class: one } } })),
  });
}

/** Does something to a class that answers with the class as it is then. */
export function useClassStep<T>(one: string, step: (what: T) => Promise<View>, done?: (what: T) => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: step,
    onSuccess: (view, what) => {
      client.setQueryData(keyOf(one), view);
      done?.(what);
    },
    onError: (e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop"),
  });
}

/** Changes what a class does. */
export const usePlan = (one: string, done?: () => void) =>
  useClassStep(one, (plan: View["plan"]) => must(api.POST("/api/classes/{class}", { params: { path: { class: one } }, body: plan })), done);
