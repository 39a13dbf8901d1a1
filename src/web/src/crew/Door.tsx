import type { ReactNode } from "react";

/** The sheet one comes in by. */
export function Door({ title, says, onEnter, children }: { title: string; says: string; onEnter: () => void; children: ReactNode }) {
  return (
    <form
      className="mx-auto flex max-w-md flex-col gap-4 px-4 pt-10 pb-16"
      onSubmit={(e) => {
        e.preventDefault();
        onEnter();
      }}
    >
      <p className="text-2xl font-bold">
        Jolly <span className="text-barn">Barn</span>
      </p>
      <h1 className="border-b-2 border-ink pb-1 text-2xl">{title}</h1>
      <p>{says}</p>
      {children}
    </form>
  );
}

/** Why it did not go, under what was typed. */
export function Wrong({ error }: { error: unknown }) {
  if (!error) return null;
  return (
    <p role="alert" className="border-l-8 border-barn bg-card px-3 py-2 font-semibold">
      {error instanceof Error ? error.message : String(error)}
    </p>
  );
}
