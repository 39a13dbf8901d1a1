import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { GraduationCap, Keyboard, MoreHorizontal, Smartphone, SunMoon, Users } from "lucide-react";
import { Link } from "react-router";
import { signsIn, useMe } from "../model/me";
import { address } from "../parts/address";
import { words } from "../words";
import { crewWords as w } from "../words/crew";
import { elsewhereOf } from "./places";

const item = "flex min-h-11 w-full items-center gap-2 rounded-lg px-3 data-focus:bg-slate-wash";

/** What is reached seldom, behind one button. */
export default function More({ job, onLook, onKeys }: { job: string; onLook: () => void; onKeys: () => void }) {
  const me = useMe();
  return (
    <Menu>
      <MenuButton aria-label={words.more} className="grid size-11 place-items-center rounded-xl border-2 border-ink">
        <MoreHorizontal size={20} aria-hidden />
      </MenuButton>
      <MenuItems anchor={{ to: "bottom end", gap: 6 }} className="z-50 w-56 rounded-xl border-2 border-ink bg-card p-1 shadow-xl">
        {job &&
          elsewhereOf(job).map(({ to, name }) => (
            <MenuItem key={to}>
              <Link to={to} className={item}>
                {name}
              </Link>
            </MenuItem>
          ))}
        {!job && (
          <MenuItem>
            <Link to={address.practice} className={item}>
              <GraduationCap size={18} aria-hidden /> {words.practice}
            </Link>
          </MenuItem>
        )}
        {signsIn && (
          <>
            {me.data?.role === "Owner" && (
              <MenuItem>
                <Link to={address.people} className={item}>
                  <Users size={18} aria-hidden /> {w.people}
                </Link>
              </MenuItem>
            )}
            <MenuItem>
              <Link to={address.devices} className={item}>
                <Smartphone size={18} aria-hidden /> {me.data?.name}, {w.devices}
              </Link>
            </MenuItem>
          </>
        )}
        <MenuItem>
          <button type="button" onClick={onLook} className={item}>
            <SunMoon size={18} aria-hidden /> {words.look}
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" onClick={onKeys} className={item}>
            <Keyboard size={18} aria-hidden /> {words.keys}
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
}
