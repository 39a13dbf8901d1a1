import { Check, CircleHelp, X } from "lucide-react";
import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { words } from "../words";
import { volume } from "./measure";

/** Common additions, and what each would leave. */
export function StillFits({ additions, onGhost }: { additions: readonly Schemas["ToldAddition"][]; onGhost?: (volume: number) => void }) {
  const { units } = useSettings();
  return (
    <ul className="grid grid-cols-1 gap-x-6 sm:grid-cols-2 lg:grid-cols-1">
      {additions.map((a) => {
        const over = a.fit === "Over";
        const known = over || a.fit === "Fits" || a.fit === "ExactlyFull";
        const Icon = over ? X : known ? Check : CircleHelp;
        return (
          <li
            key={a.id}
            className="flex items-center gap-2 border-t border-rule py-1.5"
            onPointerEnter={() => onGhost?.(a.adds.low)}
            onPointerLeave={() => onGhost?.(0)}
          >
            <Icon size={18} aria-hidden className={over ? "text-barn" : known ? "text-moss" : "text-slate"} />
            <span className="flex-1">{a.name}</span>
            <span className={`figure text-sm ${over ? "text-barn" : "text-ink-2"}`}>
              {over
                ? words.fitColumn.addsOver(volume(-(a.left.high ?? a.left.low), units))
                : known
                  ? words.fitColumn.addsLeft(volume(a.left.low, units))
                  : words.fit[a.fit].toLowerCase()}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
