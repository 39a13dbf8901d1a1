import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { api, must, type Schemas } from "../api/client";
import { setSettings } from "../api/settings";

export type Role = Schemas["CrewRole"];

/** True where people sign in: others are served by HTTPS alone, and this machine alone without. */
export const signsIn = location.protocol === "https:";

/** The plain door of a class: this program by another name than this machine's own. */
export const byClass = !signsIn && !["localhost", "127.0.0.1", "[::1]"].includes(location.hostname);

const key = ["me"];

/** Who is signed in here; asked again when an answer says that nobody is. */
export function useMe() {
  const client = useQueryClient();
  useEffect(() => {
    const again = () => void client.invalidateQueries({ queryKey: key });
    window.addEventListener("signed-out", again);
    return () => window.removeEventListener("signed-out", again);
  }, [client]);
  return useQuery({
    queryKey: key,
    enabled: signsIn,
    queryFn: async () => {
      const me = await must(api.GET("/api/me"));
      // The log, holds and proofs go by who is signed in: nobody is asked for a name.
      if (me.name) setSettings({ who: me.name });
      return me;
    },
  });
}

/** Somebody came in or went out: nothing that was seen before counts. */
export function useEntered() {
  const client = useQueryClient();
  return (me: Schemas["Me"] | null) => {
    client.clear();
    if (me?.name) setSettings({ who: me.name });
    client.setQueryData(key, me ?? { signsIn: true, byClass: false });
    // What more there is to know of who came in is asked.
    void client.invalidateQueries({ queryKey: key });
  };
}
