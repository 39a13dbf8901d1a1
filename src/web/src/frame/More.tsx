import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { Keyboard, MoreHorizontal, SunMoon } from "lucide-react";
import { words } from "../words";

/** What is reached seldom, behind one button. */
export default function More({ onLook, onKeys }: { onLook: () => void; onKeys: () => void }) {
  return (
    <Menu>
      <MenuButton aria-label={words.more} className="grid size-11 place-items-center rounded-xl border-2 border-ink">
        <MoreHorizontal size={20} aria-hidden />
      </MenuButton>
      <MenuItems anchor={{ to: "bottom end", gap: 6 }} className="z-50 w-56 rounded-xl border-2 border-ink bg-card p-1 shadow-xl">
        <MenuItem>
          <button
            type="button"
            onClick={onLook}
            className="flex min-h-11 w-full items-center gap-2 rounded-lg px-3 data-focus:bg-slate-wash"
          >
            <SunMoon size={18} aria-hidden /> {words.look}
          </button>
        </MenuItem>
        <MenuItem>
          <button
            type="button"
            onClick={onKeys}
            className="flex min-h-11 w-full items-center gap-2 rounded-lg px-3 data-focus:bg-slate-wash"
          >
            <Keyboard size={18} aria-hidden /> {words.keys}
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
}
