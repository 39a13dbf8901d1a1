import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import type { ReactNode } from "react";
import { words, type Term as TermKey } from "../words";

export type TermProps = { word: TermKey; children: ReactNode };

export default function TermBody({ word, children }: TermProps) {
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
