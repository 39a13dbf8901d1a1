import type { ReactNode } from "react";

/** What comes of a question, or why nothing does; read aloud as it changes. */
export function Answer({ error, children }: { error: Error | null; children: ReactNode }) {
  return (
    <div aria-live="polite" className="flex flex-col gap-4">
      {error && (
        <p role="alert" className="font-semibold text-barn">
          {error.message}
        </p>
      )}
      {children}
    </div>
  );
}
