import createClient from "openapi-fetch";
import type { components, paths } from "./schema.gen";

export type Schemas = components["schemas"];
export type Edit = Schemas["Edit"];
export type BoxView = Schemas["BoxView"];
export type Catalogue = Schemas["Catalogue"];
export type FillAnswer = Schemas["ToldFill"];
export type Span = Schemas["VolumeSpan"];

export const api = createClient<paths>({ baseUrl: "/" });

/** A sentence from the server, with the field it is about. */
export class Told extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
    readonly body?: unknown,
  ) {
    super(message);
  }
}

type Reply<T> = { data?: T; error?: unknown; response: Response };

/** The data of a reply, or the server's sentence thrown. */
export async function must<T>(call: Promise<Reply<T>>): Promise<T> {
  let reply: Reply<T>;
  try {
    reply = await call;
  } catch {
    throw new Told("The program does not answer. What you typed is still here; try again.", 0);
  }
  if (reply.response.ok) return reply.data as T;
  // Who stands at the door decides: nobody is signed in here any more.
  if (reply.response.status === 401) window.dispatchEvent(new Event("signed-out"));
  const problem = reply.error as { detail?: string; title?: string; field?: string } | undefined;
  throw new Told(
    problem?.detail ?? problem?.title ?? "That did not work; nothing was changed.",
    reply.response.status,
    problem?.field,
    reply.error,
  );
}

/** A new id: ten letters and figures from the browser's own random source. */
export function newId(prefix = ""): string {
  const bytes = crypto.getRandomValues(new Uint8Array(10));
  return prefix + Array.from(bytes, (b) => "0123456789abcdefghijkmnpqrstuvwxyz"[b % 34]).join("");
}
