import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { api, must, type Schemas } from "../../api/client";
import { newSeed, setOf } from "../Setting";

/** What can be answered on paper. */
export const kinds = [
  "Count",
  "Numbers",
  "Wire",
  "Connectors",
  "Boxes",
  "House",
  "Making",
  "Heard",
  "Shows",
  "Behind",
  "Next",
  "Spot",
  "Make",
] as const satisfies readonly Schemas["SheetKind"][];
/** What no paper can ask. */
export const onScreen = ["Hunt"] as const satisfies readonly Schemas["SheetKind"][];
export type Kind = Schemas["SheetKind"];
const all: readonly Kind[] = [...kinds, ...onScreen];
const usual = "Count,Numbers,Wire,Heard,Shows";

const within = (text: string | null, other: number, most: number) => Math.max(1, Math.min(most, Math.floor(Number(text)) || other));

/** Which sheet it is stands in the address: it can be sent on, and printed again. The one on the wall is nobody's own. */
export function useSheet(wall = false) {
  const [search, setSearch] = useSearchParams();
  const { level, edition } = setOf(search);
  const chosen = (wall ? kinds : all).filter((k) => (search.get("kinds") ?? usual).split(",").includes(k));
  const ask = {
    kinds: chosen,
    level,
    edition,
    items: within(search.get("items"), 8, 40),
    learners: within(search.get("learners"), 4, 60),
    seed: String(within(search.get("seed"), 1, 99_999)),
  };
  const put = (change: Record<string, string>) =>
    setSearch(
      {
        kinds: chosen.join(","),
        level,
        edition,
        items: String(ask.items),
        learners: String(ask.learners),
        seed: ask.seed,
        ...change,
      },
      { replace: true },
    );
  const query = { ...ask, level: Number(level), seed: Number(ask.seed), ...(wall ? { first: 0, learners: 1 } : {}) };
  const sheets = useQuery({
    queryKey: ["sheets", JSON.stringify(query)],
    queryFn: () => must(api.GET("/api/practice/sheets", { params: { query: { ...query, kinds: [...chosen] } } })),
    enabled: chosen.length > 0,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  const tick = (kind: Kind, on: boolean) => put({ kinds: all.filter((k) => (k === kind ? on : chosen.includes(k))).join(",") });
  return { ask, put, tick, sheets, search: search.toString(), another: () => put({ seed: newSeed() }) };
}
