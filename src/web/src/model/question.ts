import type { Catalogue, Schemas } from "../api/client";
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

export const isEmpty = (q: Question) => Object.keys(q.cables).length + Object.keys(q.devices).length === 0;

/** The mark as the server reads it: "18" is cubic inches, "295cm3" is not; null while nothing of use is typed. */
export const markOf = (q: Question): string | null => (parseFloat(q.mark.replace(",", ".")) > 0 ? q.mark : null);

/** Cables of the question that the catalogue does not have: a mistyped address must not fit by leaving one out. */
export const unknownCables = (q: Question, sorts: Catalogue["cables"]) =>
  Object.keys(q.cables).filter((id) => !sorts.some((s) => s.id === id));

/** What the server is asked, with the cables of the catalogue. */
export function plain(q: Question, sorts: Catalogue["cables"]): Schemas["PlainBox"] {
  const mark = markOf(q);
  const cables = sorts.flatMap(({ id, spec }) => {
    const count = q.cables[id] ?? 0;
    return count > 0
      ? [{ count, gauge: spec.gauge, conductors: spec.conductors, grounds: spec.ground === "Bare" || spec.ground === "Insulated" ? 1 : 0 }]
      : [];
  });
  return {
    ...(q.kind ? { kind: q.kind } : {}),
    ...(mark ? { mark } : {}),
    cables,
    devices: Object.entries(q.devices).map(([kind, count]) => ({ count, kind })),
    clamps: q.clamps,
    edition: q.edition,
  } as Schemas["PlainBox"];
}
