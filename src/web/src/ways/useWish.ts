import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { api, must, type Schemas } from "../api/client";
import { keys } from "../model/keys";

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
    closed: flag(text("closed")),
    under: flag(text("under")),
    away: away as Wish["away"],
  };
  const about = kind === "MendCable" ? wish.run : kind === "MoreOutlets" ? (wish.box ?? wish.place) : wish.box;
  return { wish: about ? wish : null, kind, put };
}

/** The ways to a wish; asked anew when the wish, a weight or the job changes. */
export const useWays = (job: string, version: number, wish: Wish | null, weights: Weights) =>
  useQuery({
    queryKey: keys.of(job, "ways", version, JSON.stringify([wish, weights])),
    queryFn: ({ signal }) => must(api.POST("/api/jobs/{job}/ways", { params: { path: { job } }, body: { ...wish!, weights }, signal })),
    enabled: wish !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
