import { Radio, RadioGroup } from "@headlessui/react";
import { practiceWords as w } from "../words/practice";

/** Answers to choose from; once it is known, the right one stands out. */
export function OptionList({
  options,
  value,
  onChange,
  right,
  done,
}: {
  options: readonly string[];
  value: number | null;
  onChange: (value: number) => void;
  right: number | null;
  done: boolean;
}) {
  return (
    <RadioGroup
      value={value}
      onChange={(v: number | null) => v !== null && onChange(v)}
      disabled={done}
      aria-label={w.answers}
      className="mt-3 flex flex-col gap-2"
    >
      {options.map((o, i) => (
        <Radio
          key={i}
          value={i}
          className={`flex min-h-12 items-center justify-between gap-2 rounded-xl border-2 px-4 py-1.5 text-lg
            data-checked:border-ink data-checked:bg-ink data-checked:text-on-ink
            ${right === i ? "border-moss bg-moss-wash font-bold" : "border-rule bg-card"}`}
        >
          {o}
          {right === i && <span className="text-base">{w.rightOne}</span>}
        </Radio>
      ))}
    </RadioGroup>
  );
}
