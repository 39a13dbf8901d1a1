import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api, must, type Schemas } from "../api/client";
import { pieces } from "../api/pieces";
import { keys } from "../model/keys";
import { wayWords } from "../words/ways";

export type Wish = Schemas["Wish"];
export type Kind = Schemas["WishKind"];
type Weights = Readonly<Record<string, number>>;

const flag = (text: string | null) => (text === null ? null : text === "yes");

/** What is wished for, in the address: it can be sent on, and back works. */
export function useWish(): { wish: Wish | null; kind: Kind | null; put: (change: Record<string, string | null>) => void } {
  const [search, setSearch] = useSearchParams();
  const kind = search.get("kind") as Kind | null;
  const put = (change: Record<string, string | null>) => {
    const next = new URLSearchParams(search);
    for (const [key, value] of Object.entries(change)) {
      if (value === null) next.delete(key);
      else next.set(key, value);
    }
    setSearch(next, { replace: true });
  };
  if (!kind) return { wish: null, kind, put };
  const away: Record<string, string> = {};
  for (const [key, value] of search) if (key.startsWith("away.")) away[key.slice("away.".length)] = value;
  const text = (key: string) => search.get(key);
  const wish: Wish = {
    kind,
    box: text("box"),
    run: text("run"),
    hurt: text("hurt"),
    rule: text("rule"),
    of: text("of"),
    place: text("place"),
    device: text("device"),
    wall: text("wall"),
    spot: spotOf(text),
    closed: flag(text("closed")),
    under: flag(text("under")),
    away: away as Wish["away"],
    panel: text("panel"),
    amperes: text("amperes") === null ? null : Number(text("amperes")),
    line: text("report") === null ? null : { report: text("report")!, line: text("line") ?? "" },
  };
  const about =
    kind === "NewBreaker" ? kind : kind === "MendCable" ? wish.run : kind === "MoreOutlets" ? (wish.box ?? wish.place) : wish.box;
  return { wish: about ? wish : null, kind, put };
}

/** Where on its wall: from the left corner to the middle, and its height over the finished floor, as the wall's page hands them on. */
function spotOf(text: (key: string) => string | null): Schemas["WallSpot"] | null {
  const [x, y] = [text("x"), text("y")];
  if (x === null || y === null) return null;
  const tape = (from: "LeftCorner" | "FinishedFloor", value: string, to: Schemas["TapeTo"]) =>
    ({ from, to, edge: "Middle", way: { how: "Measured", value, entered: value } }) as const;
  return { side: text("side") === "Far" ? "Far" : "Near", across: tape("LeftCorner", x, "Middle"), up: tape("FinishedFloor", y, "Low") };
}

type Found = Schemas["ToldWay"];

/** The ways to a wish, each shown as it is found, best so far first; asked anew when the wish, a weight or the job changes. */
export function useWays(job: string, version: number, wish: Wish | null, weights: Weights) {
  const [soFar, setSoFar] = useState<readonly Found[]>([]);
  const all = useQuery({
    queryKey: keys.of(job, "ways", version, JSON.stringify([wish, weights])),
    queryFn: async ({ signal }) => {
      setSoFar([]);
      const body = await must(
        api.POST("/api/jobs/{job}/ways/as-found", {
          params: { path: { job } },
          body: { ...wish!, weights },
          parseAs: "stream",
          signal,
        }),
      );
      for await (const { way, answer } of pieces<Schemas["WayProgress"]>(body)) {
        if (answer) return answer;
        if (way && !signal.aborted) setSoFar((found) => [...found, way].sort(best));
      }
      throw new Error(wayWords.broken);
    },
    enabled: wish !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
  // Stopped, what was found until then stays.
  const whole = all.data !== undefined && !all.isPlaceholderData;
  return { ...all, soFar: whole ? [] : soFar };
}

const best = (a: Found, b: Found) => Number(b.decided) - Number(a.decided) || a.worth - b.worth;
