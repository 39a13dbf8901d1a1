import type { Schemas } from "../api/client";
import { words } from "../words";

export type Question = {
  cables: Record<string, number>;
  devices: Record<string, number>;
  clamps: "Internal" | "Outside" | "Flap" | null;
  mark: string;
  kind: string;
  edition: Schemas["Edition"];
};

export const blank: Question = { cables: {}, devices: {}, clamps: null, mark: "", kind: "", edition: "Nec2023" };

const counts = (all: Record<string, number>) =>
  Object.entries(all)
    .filter(([, n]) => n > 0)
    .map(([k, n]) => `${k}*${n}`)
    .join("~");

const read = (text: string | null) =>
  Object.fromEntries(
    (text ?? "")
      .split("~")
      .map((part) => part.split("*"))
      .filter(([k, n]) => k && /^[a-z0-9/.-]{1,40}$/.test(k) && Number(n) > 0)
      .map(([k, n]) => [k as string, Math.min(40, Math.trunc(Number(n)))]),
  );

/** The whole question as words of an address. */
export function toSearch(q: Question): URLSearchParams {
  const search = new URLSearchParams();
  if (counts(q.cables)) search.set("cables", counts(q.cables));
  if (counts(q.devices)) search.set("front", counts(q.devices));
  if (q.clamps) search.set("clamps", q.clamps.toLowerCase());
  if (q.mark) search.set("mark", q.mark);
  if (q.kind) search.set("box", q.kind);
  if (q.edition !== blank.edition) search.set("edition", q.edition.slice(3));
  return search;
}

export function fromSearch(search: URLSearchParams): Question {
  const clamps = { internal: "Internal", outside: "Outside", flap: "Flap" } as const;
  const edition = (Object.keys(words.edition) as Question["edition"][]).find((e) => e === `Nec${search.get("edition")}`);
  return {
    cables: read(search.get("cables")),
    devices: read(search.get("front")),
    clamps: clamps[search.get("clamps") as keyof typeof clamps] ?? null,
    mark: (search.get("mark") ?? "").slice(0, 12),
    kind: (search.get("box") ?? "").slice(0, 40),
    edition: edition ?? blank.edition,
  };
}

/** Gauge, conductors and grounds of a cable's trade name: 14-2, 12-3, 14-2/no ground. */
export function cable(name: string) {
  const [size, bare] = name.split("/");
  const [gauge, conductors] = (size ?? "").split("-");
  return { gauge: gauge ?? "14", conductors: Number(conductors ?? 2), grounds: bare === "none" ? 0 : 1 };
}

/** A cable of this trade name as an edit brings it in. */
export function cableOf(name: string): Schemas["CableSpec"] {
  const { gauge, conductors, grounds } = cable(name);
  return { type: grounds ? "NmB" : "OldTwoWire", gauge, conductors, ground: grounds ? "Bare" : "None" };
}

export const isEmpty = (q: Question) => Object.keys(q.cables).length + Object.keys(q.devices).length === 0;

/** The mark as the server reads it: "18" is cubic inches, "295cm3" is not; null while nothing of use is typed. */
export const markOf = (q: Question): string | null => (parseFloat(q.mark.replace(",", ".")) > 0 ? q.mark : null);

/** What the server is asked. */
export function plain(q: Question): Schemas["PlainBox"] {
  const mark = markOf(q);
  return {
    ...(q.kind ? { kind: q.kind } : {}),
    ...(mark ? { mark } : {}),
    cables: Object.entries(q.cables).map(([name, count]) => ({ count, ...cable(name) })),
    devices: Object.entries(q.devices).map(([kind, count]) => ({ count, kind })),
    clamps: q.clamps,
    edition: q.edition,
  } as Schemas["PlainBox"];
}
