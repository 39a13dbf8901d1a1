import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { useEffect, useRef } from "react";

type Item = readonly [text: string, run: () => void];

/** A menu at a point of the window, px from its corner. It stays inside, and whoever had the focus has it again when it closes. */
export default function MenuAt({
  x,
  y,
  name,
  items,
  onClose,
}: {
  x: number;
  y: number;
  name: string;
  items: readonly Item[];
  onClose: () => void;
}) {
  const anchor = useRef<HTMLButtonElement>(null);
  // It opens by its button's own key, so that the first item has the focus.
  useEffect(() => {
    anchor.current!.dispatchEvent(new KeyboardEvent("keydown", { key: "ArrowDown", bubbles: true }));
  }, []);
  return (
    <Menu>
      {({ open }) => (
        <>
          <MenuButton ref={anchor} aria-label={name} tabIndex={-1} className="fixed size-0" style={{ left: x, top: y }} />
          <Closed open={open} onClose={onClose} />
          <MenuItems
            anchor={{ to: "bottom start", padding: 8 }}
            aria-label={name}
            className="z-50 w-72 rounded-xl border-2 border-ink bg-card p-1 shadow-xl outline-none"
          >
            <div className="px-3 py-1 text-sm font-bold first-letter:uppercase">{name}</div>
            {items.map(([text, run]) => (
              <MenuItem key={text}>
                <button
                  type="button"
                  className="flex min-h-11 w-full items-center rounded-lg px-3 text-left data-focus:bg-slate-wash"
                  onClick={run}
                >
                  {text}
                </button>
              </MenuItem>
            ))}
          </MenuItems>
        </>
      )}
    </Menu>
  );
}

/** Says when what was open is no more, and gives the focus back. */
function Closed({ open, onClose }: { open: boolean; onClose: () => void }) {
  const before = useRef<Element | null>(null);
  const opened = useRef(false);
  useEffect(() => {
    before.current ??= document.activeElement;
    if (opened.current && !open) {
      if (before.current instanceof HTMLElement || before.current instanceof SVGElement) before.current.focus();
      onClose();
    }
    opened.current = open;
  }, [open, onClose]);
  return null;
}
