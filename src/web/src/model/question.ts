import type { Catalogue, Schemas } from "../api/client";
import { words } from "../words";

export type Question = {
  cables: Record<string, number>;
  devices: Record<string, number>;
  clamps: "Internal" | "Outside" | "Flap" | null;
  mark: string;
  kind: string;
  edition: Schemas["Edition"];
  /** Rings, extensions and covers on it, by kind. */
  parts: Record<string, number>;
  /** Inside height, width and depth as typed. */
  size: readonly [string, string, string];
  studs: number;
};

const noSize = ["", "", ""] as const;

export const blank: Question = {
  cables: {},
  devices: {},
  clamps: null,
  mark: "",
  kind: "",
  edition: "Nec2023",
  parts: {},
  size: noSize,
  studs: 0,
};

/** What a cable does in the box: it ends, passes through, or loops unbroken. */
export type Form = Schemas["LeadForm"];
const forms = { Ended: "", PassingThrough: ".through", Loop: ".loop" } as const;

/** A cable of the question by its sort and what it does there. */
export const cableKey = (sort: string, form: Form) => sort + forms[form];

/** The sort and form a key stands for. */
export function cableOf(key: string): { sort: string; form: Form } {
  const form = (["PassingThrough", "Loop"] as const).find((f) => key.endsWith(forms[f])) ?? "Ended";
  return { sort: key.slice(0, key.length - forms[form].length), form };
}

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
  if (counts(q.parts)) search.set("on", counts(q.parts));
  if (q.size.some(Boolean)) search.set("inside", q.size.join("x"));
  if (q.studs > 0) search.set("studs", String(q.studs));
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
    parts: read(search.get("on")),
    size: [0, 1, 2].map((i) => ((search.get("inside") ?? "").split("x")[i] ?? "").slice(0, 12)) as [string, string, string],
    studs: Math.min(4, Math.max(0, Math.trunc(Number(search.get("studs"))) || 0)),
  };
}

export const isEmpty = (q: Question) => Object.keys(q.cables).length + Object.keys(q.devices).length === 0;

/** The wires of a luminaire on a canopy: two of 18 AWG and its ground. */
const canopy = (count: number) => [
  { count: 2 * count, gauge: "18", ground: false },
  { count, gauge: "18", ground: true },
];

/** The mark as the server reads it: "18" is cubic inches, "295cm3" is not; null while nothing of use is typed. */
export const markOf = (q: Question): string | null => (parseFloat(q.mark.replace(",", ".")) > 0 ? q.mark : null);

/** Cables of the question that the catalogue does not have: a mistyped address must not fit by leaving one out. */
export const unknownCables = (q: Question, sorts: Catalogue["cables"]) =>
  Object.keys(q.cables).filter((key) => !sorts.some((s) => s.id === cableOf(key).sort));

/** What the server is asked, with the cables of the catalogue; kept as a box, its luminaire brings its own wires. */
export function plain(q: Question, sorts: Catalogue["cables"], kept = false): Schemas["PlainBox"] {
  const mark = markOf(q);
  const cables = sorts.flatMap(({ id, spec }) =>
    (["Ended", "PassingThrough", "Loop"] as const).flatMap((form) => {
      const count = q.cables[cableKey(id, form)] ?? 0;
      const grounds = spec.ground === "Bare" || spec.ground === "Insulated" ? 1 : 0;
      return count > 0
        ? [{ count, gauge: spec.gauge, conductors: spec.conductors, grounds, form, type: spec.type, ground: spec.ground }]
        : [];
    }),
  );
  const [height, width, depth] = q.size.map((t) => t.trim() || null);
  const luminaires = q.devices["luminaire"] ?? 0;
  return {
    ...(q.kind ? { kind: q.kind } : {}),
    ...(mark ? { mark } : {}),
    cables,
    devices: Object.entries(q.devices).map(([kind, count]) => ({ count, kind })),
    clamps: q.clamps,
    edition: q.edition,
    parts: Object.entries(q.parts).flatMap(([part, count]) => Array.from({ length: count }, () => ({ kind: part }))),
    studs: q.studs,
    ...(height && width && depth ? { height, width, depth } : {}),
    ...(luminaires > 0 && !kept ? { canopy: canopy(luminaires) } : {}),
  } as Schemas["PlainBox"];
}
