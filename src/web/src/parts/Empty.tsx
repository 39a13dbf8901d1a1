import type { ReactNode } from "react";

/** An empty place that says what to do first: an open box with nothing in it yet. */
export function Empty({ title, how, children }: { title: string; how: string; children?: ReactNode }) {
  return (
    <div className="mx-auto flex max-w-lg flex-col items-center gap-3 rounded-2xl border-2 border-dashed border-rule p-8 text-center">
      <svg width="96" height="96" viewBox="0 0 96 96" fill="none" stroke="currentColor" strokeWidth="3" aria-hidden>
        <rect x="22" y="16" width="52" height="64" rx="6" fill="var(--wall)" />
        <rect x="30" y="24" width="36" height="48" rx="3" />
        <path d="M38 16V8M58 16V8" strokeWidth="6" strokeLinecap="round" />
        <path d="M38 24c0 14 20 12 20 26" stroke="var(--band-grounds)" />
      </svg>
      <h2 className="text-xl">{title}</h2>
      <p className="text-ink-2">{how}</p>
      <div className="flex flex-wrap justify-center gap-2">{children}</div>
    </div>
  );
}
