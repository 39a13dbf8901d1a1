const lines = new Map<string, Promise<unknown>>();

/**
 * What this screen sends of a job reaches the program one after the other, in the order it was done: a tap that comes while the last one
 * is still under way waits for it.
 */
export function inTurn<T>(job: string, send: () => Promise<T>): Promise<T> {
  const turn = (lines.get(job) ?? Promise.resolve()).then(send, send);
  lines.set(
    job,
    turn.catch(() => undefined),
  );
  return turn;
}
