import { Radio, RadioGroup } from "@headlessui/react";
import { Trash2 } from "lucide-react";
import { useRef, useState, type ButtonHTMLAttributes } from "react";
import { words } from "../words";

type Kind = "main" | "plain" | "quiet" | "stop";
const looks: Record<Kind, string> = {
  main: "bg-ink text-on-ink border-ink",
  plain: "bg-card border-ink",
  quiet: "border-transparent underline decoration-rule underline-offset-4 hover:decoration-ink",
  stop: "bg-card border-barn text-barn",
};

export function Button({ look = "plain", className = "", ...rest }: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Kind }) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-xl border-2 px-4 font-semibold
        disabled:opacity-50 ${looks[look]} ${className}`}
      {...rest}
    />
  );
}

/** Takes one thing out of a list. */
export function TakeOut({ name, onClick, verb = words.box.takeOut }: { name: string; onClick: () => void; verb?: string }) {
  return (
    <button
      type="button"
      aria-label={`${verb}: ${name}`}
      title={verb}
      className="grid size-11 shrink-0 place-items-center rounded-lg"
      onClick={onClick}
    >
      <Trash2 size={18} aria-hidden />
    </button>
  );
}

/** One of a few, side by side. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  hide,
}: {
  label: string;
  value: T | null;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
  hide?: boolean;
}) {
  return (
    <RadioGroup value={value} onChange={(v: T | null) => v !== null && onChange(v)} aria-label={label} className="min-w-0">
      {!hide && <div className="mb-1 text-sm text-ink-2">{label}</div>}
      <div className="flex flex-wrap gap-1">
        {options.map(([v, name]) => (
          <Radio
            key={v}
            value={v}
            className="flex min-h-11 items-center rounded-lg border-2 border-rule bg-card px-3 text-sm font-semibold
              data-checked:border-ink data-checked:bg-ink data-checked:text-on-ink"
          >
            {name}
          </Radio>
        ))}
      </div>
    </RadioGroup>
  );
}

/**
 * Text that is kept when Enter is pressed or the field is left; Escape puts the old back. Where keeping it fails, what was typed stays,
 * marked, and Enter tries again.
 */
export function Ask({
  label,
  value,
  onKeep,
  hint,
  hide,
  mono,
  wide,
  quiet,
}: {
  label: string;
  value: string;
  /** What comes of it where that takes time: false when it was not kept. */
  onKeep: (text: string) => unknown;
  hint?: string;
  hide?: boolean;
  mono?: boolean;
  wide?: boolean;
  quiet?: boolean;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [lost, setLost] = useState<string | null>(null);
  const sent = useRef<string | null>(null);
  const notKept = lost !== null && lost === typed;
  const drop = () => {
    setTyped(null);
    setLost(null);
  };
  const keep = (again: boolean) => {
    if (typed === null || typed.trim() === value) return drop();
    if (sent.current === typed || (notKept && !again)) return;
    const done = onKeep(typed.trim());
    if (!(done instanceof Promise)) return drop();
    sent.current = typed;
    void done
      .then(
        (kept) => kept !== false,
        () => false,
      )
      .then((kept) => {
        sent.current = null;
        // Typed on meanwhile: that is still to be kept.
        if (kept) setTyped((now) => (now === typed ? null : now));
        setLost(kept ? null : typed);
      });
  };
  return (
    <label className={`block min-w-0 ${wide ? "w-full" : ""}`}>
      <span className={hide ? "sr-only" : "mb-1 block text-sm text-ink-2"}>{label}</span>
      <input
        className={`min-h-11 w-full rounded-lg border-2 px-2.5 placeholder:text-ink-2 ${mono ? "figure" : ""}
          ${notKept ? "border-dashed border-barn" : quiet ? "border-transparent hover:border-rule focus:border-rule" : "border-rule"}
          ${quiet ? "bg-transparent font-semibold" : "bg-card"}`}
        aria-invalid={notKept}
        value={typed ?? value}
        placeholder={hint}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => keep(false)}
        onKeyDown={(e) => {
          if (e.key === "Enter") keep(true);
          if (e.key === "Escape") drop();
        }}
      />
    </label>
  );
}
