import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { Schemas } from "../api/client";
import { served } from "../parts/address";
import { own } from "./job";
import { boxOf, keys } from "./keys";

/**
 * Hears of other screens' edits and looks again at what they touched. Only while this screen is seen: a browser
 * keeps few connections to one host, and hidden tabs must not hold them.
 */
export function useEvents(job: string) {
  const client = useQueryClient();
  useEffect(() => {
    if (job === "") return;
    let source: EventSource | undefined;
    const heard = (event: Event) => {
      const change = JSON.parse((event as MessageEvent<string>).data) as Schemas["JobChanged"];
      if (own.has(change.editId)) return;
      void client.invalidateQueries({
        queryKey: keys.job(job),
        predicate: (q) => {
          const box = boxOf(q.queryKey);
          if (box === null) return true;
          const held = client.getQueryData<Schemas["BoxView"]>(q.queryKey);
          const concerned = change.everything || change.boxes.includes(box);
          return concerned && (held?.version ?? 0) < change.version;
        },
      });
    };
    const listen = () => {
      const wanted = document.visibilityState === "visible";
      if (wanted && !source) {
        source = new EventSource(served.events(job));
        source.addEventListener("changed", heard);
      } else if (!wanted) leave();
    };
    const leave = () => {
      source?.close();
      source = undefined;
    };
    listen();
    document.addEventListener("visibilitychange", listen);
    window.addEventListener("pagehide", leave);
    window.addEventListener("pageshow", listen);
    return () => {
      leave();
      document.removeEventListener("visibilitychange", listen);
      window.removeEventListener("pagehide", leave);
      window.removeEventListener("pageshow", listen);
    };
  }, [job, client]);
}
