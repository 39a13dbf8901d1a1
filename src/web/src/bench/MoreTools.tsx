import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import { words } from "../words";

/** Something that can be done: its name, and what does it. */
export type Tool = readonly [name: string, act: () => void];

/** What else can be done with the box, behind one button, where there is no room for all of it. */
export default function MoreTools({ tools }: { tools: readonly Tool[] }) {
  return (
    <Menu>
      <MenuButton className="inline-flex min-h-11 items-center gap-2 rounded-xl border-2 border-ink bg-card px-4 font-semibold">
        {words.bench.doMore}
        <ChevronDown size={18} aria-hidden />
      </MenuButton>
      <MenuItems anchor={{ to: "bottom end", gap: 6 }} className="z-50 w-60 rounded-xl border-2 border-ink bg-card p-1 shadow-xl">
        {tools.map(([name, act]) => (
          <MenuItem key={name}>
            <button
              type="button"
              onClick={act}
              className="flex min-h-11 w-full items-center rounded-lg px-3 text-left data-focus:bg-slate-wash"
            >
              {name}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
