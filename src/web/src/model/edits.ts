import type { Schemas } from "../api/client";

/** Everything a person can change, told apart by what it does. */
export type Edit = Schemas["Edit"];

type Boxless<E> = E extends { do: string; box: string } ? Omit<E, "box"> : never;

/** One kind of edit, by what it does. */
export type EditOf<D extends Edit["do"]> = Extract<Edit, { do: D }>;

/** An edit of a box, made where one box is on the screen: which box is known. */
export type OfBox = Boxless<Edit>;

/** The edit with its box. */
export const inBox = (box: string, edit: OfBox): Edit => ({ box, ...edit }) as Edit;

/** Sends one edit of the job. */
export type Send = (edit: Edit) => unknown;

/** Edits that set all of a record. */
export const whole: ReadonlySet<Edit["do"]> = new Set([
  "setProfile",
  "putPanel",
  "putSource",
  "putCircuit",
  "putPlace",
  "putWall",
  "putOnWall",
] as const);
