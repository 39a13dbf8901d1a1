import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from "@headlessui/react";
import { Check, ChevronDown } from "lucide-react";

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
