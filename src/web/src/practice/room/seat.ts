import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, must, type Schemas } from "../../api/client";

export type RoomSheet = Schemas["RoomSheet"];
export type RoomItem = Schemas["RoomItem"];

/** Length of what a phone shows from then on. */
const TOKEN = 32;
const letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789";
const place = (code: string) => `jolly-barn-seat-${code.toLowerCase()}`;

/** What this phone shows at a class; null where it sits in none by that code. */
export const seatOf = (code: string) => localStorage.getItem(place(code));
export const leave = (code: string) => localStorage.removeItem(place(code));

/** Made by the browser's own random source, without a letter likelier than another. */
function newToken(): string {
  let token = "";
  while (token.length < TOKEN)
    for (const b of crypto.getRandomValues(new Uint8Array(TOKEN)))
      if (b < 4 * letters.length && token.length < TOKEN) token += letters[b % 62];
  return token;
}

const shown = (code: string) => ({ authorization: `Bearer ${seatOf(code) ?? ""}` });
const keyOf = (code: string) => ["room", code.toLowerCase()] as const;

/** The learner's own sheet. */
export const useRoom = (code: string) =>
  useQuery({
    enabled: code !== "" && seatOf(code) !== null,
    queryKey: keyOf(code),
    queryFn: () => must(api.GET("/api/rooms/{code}/sheet", { params: { path: { code } }, headers: shown(code) })),
    refetchInterval: 15_000,
  });

/** Sits down: the same phone once more has the same place. */
export function useSit(done: (code: string) => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ code, name }: { code: string; name: string }) => {
      const token = seatOf(code) ?? newToken();
      const sheet = await must(api.POST("/api/rooms/{code}/learners", { params: { path: { code } }, body: { name, token } }));
      localStorage.setItem(place(code), token);
      return sheet;
    },
    onSuccess: (sheet, { code }) => {
      client.setQueryData(keyOf(code), sheet);
      done(code);
    },
  });
}

export function useAnswer(code: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ item, answer, seconds }: { item: string; answer: Schemas["ClassAnswer"]; seconds: number }) =>
      must(
        api.POST("/api/rooms/{code}/items/{item}/answer", {
          params: { path: { code, item } },
          headers: shown(code),
          body: { answer, seconds },
        }),
      ),
    onSuccess: (sheet) => client.setQueryData(keyOf(code), sheet),
  });
}

/** Begins work on the Bench, or goes on with it. */
export const useBegin = (code: string) =>
  useMutation({
    mutationFn: (item: string) =>
      must(api.POST("/api/rooms/{code}/items/{item}/bench", { params: { path: { code, item } }, headers: shown(code) })),
  });
