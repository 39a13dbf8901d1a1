import { Minus } from "lucide-react";
import { useState, type ReactNode } from "react";
import { words } from "../words";

const w = words.quickFit;

export function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div role="group" aria-label={title}>
      <div className="mb-1 text-sm text-ink-2">{title}</div>
      <div className="grid grid-cols-4 gap-1.5">{children}</div>
    </div>
  );
}

/** One more at each tap; a small minus takes one back. */
export function Tap({ name, count, onCount }: { name: string; count: number; onCount: (n: number) => void }) {
  return (
    <div className="relative">
      <button
        type="button"
        aria-label={count > 0 ? `${name}, ${count}` : name}
        className={`min-h-13 w-full rounded-xl border-2 px-1 py-1 text-[0.9rem] leading-tight tracking-tight font-bold
          ${count > 0 ? "border-ink bg-ink pb-5 text-on-ink" : "border-rule bg-card"}`}
        onClick={() => onCount(Math.min(40, count + 1))}
      >
        {name}
      </button>
      {count > 0 && (
        <>
          <span
            aria-hidden
            className="figure pointer-events-none absolute -top-2 -right-1 grid min-w-6 place-items-center rounded-full
              bg-slate px-1.5 text-sm font-bold text-card"
          >
            {count}
          </span>
          <button
            type="button"
            aria-label={words.quickFit.oneLess(name)}
            className="absolute inset-x-2 bottom-0 grid h-6 place-items-center text-on-ink"
            onClick={() => onCount(count - 1)}
          >
            <Minus size={16} aria-hidden />
          </button>
        </>
      )}
    </div>
  );
}

/** The mark as it is typed: kept here until the field is left, because the address follows a moment later. */
export function TypedMark({ label, value, onType }: { label: string; value: string; onType: (text: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      placeholder={w.type}
      className="figure min-h-12 w-20 rounded-lg border-2 border-rule bg-card px-2"
      value={typed ?? value}
      onChange={(e) => {
        const text = e.target.value.replace(/[^\d.,]/g, "").slice(0, 7);
        setTyped(text);
        onType(text);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
