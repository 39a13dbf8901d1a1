import type { Schemas } from "../api/client";
import { whichWords } from "../words/which";

const w = whichWords.walk;

/** An outlet of the round: one tap says it went dead, another that it is live; one nobody tapped was not looked at. */
export function Outlet({
  outlet,
  shows,
  onTap,
}: {
  outlet: Pick<Schemas["ToldWalked"], "name">;
  shows: "Dead" | "Live" | null;
  onTap: () => void;
}) {
  const look = shows === "Dead" ? "border-ink bg-ink text-on-ink" : shows === "Live" ? "border-ink bg-card" : "border-dashed border-ink-2";
  return (
    <li>
      <button
        type="button"
        onClick={onTap}
        className={`flex min-h-12 w-full items-center gap-3 rounded-xl border-2 px-3 text-left ${look}`}
      >
        <b className="flex-1">{outlet.name}</b>
        <span className="text-sm">{shows === "Dead" ? w.dead : shows === "Live" ? w.live : w.left}</span>
      </button>
    </li>
  );
}
