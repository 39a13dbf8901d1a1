import {
  Dialog,
  DialogBackdrop,
  DialogPanel,
  DialogTitle,
  Listbox,
  ListboxButton,
  ListboxOption,
  ListboxOptions,
  Popover,
  PopoverButton,
  PopoverPanel,
  Radio,
  RadioGroup,
} from "@headlessui/react";
import { Check, ChevronDown, Trash2, X } from "lucide-react";
import { useState, type ButtonHTMLAttributes, type ReactNode } from "react";
import { words, type Term as TermKey } from "../words";

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

/** One of many, in a list that opens. */
export function Pick<T extends string>({
  label,
  value,
  options,
  onChange,
  hide,
  empty = "",
  wide,
  quiet,
}: {
  label: string;
  value: T | null;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
  hide?: boolean;
  empty?: string;
  wide?: boolean;
  quiet?: boolean;
}) {
  const name = options.find(([v]) => v === value)?.[1] ?? empty;
  return (
    <div className={wide ? "w-full" : "min-w-0"}>
      {!hide && <div className="mb-1 text-sm text-ink-2">{label}</div>}
      <Listbox value={value} onChange={(v: T | null) => v !== null && onChange(v)}>
        <ListboxButton
          aria-label={`${label}: ${name}`}
          className={`flex min-h-11 w-full items-center justify-between gap-2 rounded-lg border-2 px-2.5 text-left
            ${quiet ? "border-transparent hover:border-rule" : "border-rule bg-card"}`}
        >
          <span className="min-w-0 break-words">{name}</span>
          <ChevronDown size={16} aria-hidden className="shrink-0" />
        </ListboxButton>
        <ListboxOptions
          anchor={{ to: "bottom start", gap: 4, padding: 8 }}
          className="z-50 max-h-80 min-w-(--button-width) overflow-auto rounded-xl border-2 border-ink bg-card p-1 shadow-xl"
        >
          {options.map(([v, text]) => (
            <ListboxOption
              key={v}
              value={v}
              className="flex min-h-11 items-center gap-2 rounded-lg px-3 data-focus:bg-slate-wash data-selected:font-bold"
            >
              <Check size={16} aria-hidden className={v === value ? "" : "invisible"} />
              {text}
            </ListboxOption>
          ))}
        </ListboxOptions>
      </Listbox>
    </div>
  );
}

/** Text that is kept when Enter is pressed or the field is left; Escape puts the old back. */
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
  onKeep: (text: string) => void;
  hint?: string;
  hide?: boolean;
  mono?: boolean;
  wide?: boolean;
  quiet?: boolean;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== value) onKeep(typed.trim());
    setTyped(null);
  };
  return (
    <label className={`block min-w-0 ${wide ? "w-full" : ""}`}>
      <span className={hide ? "sr-only" : "mb-1 block text-sm text-ink-2"}>{label}</span>
      <input
        className={`min-h-11 w-full rounded-lg border-2 px-2.5 placeholder:text-ink-2 ${mono ? "figure" : ""}
          ${quiet ? "border-transparent bg-transparent font-semibold hover:border-rule focus:border-rule" : "border-rule bg-card"}`}
        value={typed ?? value}
        placeholder={hint}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => {
          if (e.key === "Enter") keep();
          if (e.key === "Escape") setTyped(null);
        }}
      />
    </label>
  );
}

/** A sheet over the page. */
export function Sheet({ title, open, onClose, children }: { title: string; open: boolean; onClose: () => void; children: ReactNode }) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-[rgb(0_0_0/0.5)]" />
      <div className="fixed inset-0 flex items-end justify-center sm:items-center sm:p-6">
        <DialogPanel className="flex max-h-[92dvh] w-full max-w-xl flex-col rounded-t-2xl border-2 border-ink bg-lime sm:rounded-2xl">
          <div className="flex items-center justify-between gap-4 border-b-2 border-rule px-5 py-3">
            <DialogTitle className="text-lg font-bold">{title}</DialogTitle>
            <button type="button" aria-label={words.close} onClick={onClose} className="grid size-11 place-items-center rounded-lg">
              <X size={22} aria-hidden />
            </button>
          </div>
          <div className="overflow-auto p-5">{children}</div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

/** A trade word that explains itself when tapped. */
export function Term({ word, children }: { word: TermKey; children: ReactNode }) {
  return (
    <Popover className="inline">
      <PopoverButton className="inline-block min-h-6 underline decoration-dotted underline-offset-4">{children}</PopoverButton>
      <PopoverPanel
        anchor={{ to: "bottom start", gap: 6, padding: 8 }}
        className="z-50 max-w-xs rounded-xl border-2 border-ink bg-card p-3 text-sm font-normal tracking-normal text-ink
          normal-case shadow-xl"
      >
        {words.glossary[word]}
      </PopoverPanel>
    </Popover>
  );
}
