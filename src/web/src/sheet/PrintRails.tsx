import { useSettings } from "../api/settings";
import { run } from "../parts/measure";
import { sheetWords } from "../words/sheet";
import type { Rail, Stop } from "./show";

const w = sheetWords.sheet;

/** The rails as they are printed: one circuit under another, each whole on its page, its stops in feed order, set in where they fork. */
export function PrintRails({ rails }: { rails: readonly Rail[] }) {
  return (
    <div className="hidden print:block">
      {rails.map((rail) => (
        <section key={rail.key} className="mb-5 break-inside-avoid">
          <h2 className="border-b-2 border-ink text-lg">
            {rail.breakers.length > 0 && <span className="figure mr-3">{w.railShort(rail)}</span>}
            {rail.name ?? rail.breakers[0]?.says ?? (rail.breakers.length > 0 ? w.noName : w.notFollowed)}
          </h2>
          {rail.stops.length === 0 && <p>{w.nothing}</p>}
          <ol>
            {inTree(rail).map(([s, depth]) => (
              <Line key={s.key} stop={s} depth={depth} />
            ))}
          </ol>
        </section>
      ))}
    </div>
  );
}

function Line({ stop: s, depth }: { stop: Stop; depth: number }) {
  const { units } = useSettings();
  const length = s.length ? run(s.length, units) : "";
  return (
    <li className="flex gap-3 border-b border-rule py-0.5 text-sm" style={{ paddingLeft: Math.min(depth, 8) * 14 }}>
      <span className="flex-1">
        <b>{s.name}</b> {[w.under(s), s.guards.length > 0 ? w.behind(s.guards) : ""].filter(Boolean).join(", ")}
      </span>
      <span className="figure">{[s.size, length].filter(Boolean).join(", ")}</span>
      <span className="figure w-28 text-right">
        {[s.drop == null ? "" : `${s.drop.toFixed(1)} %`, s.faultAmperes == null ? "" : `${s.faultAmperes} A`].filter(Boolean).join(", ")}
      </span>
    </li>
  );
}

/** Each stop right under the one it comes from, with how many are ahead of it. */
function inTree(rail: Rail): [Stop, number][] {
  const known = new Set(rail.stops.map((s) => s.key));
  const from = (s: Stop) => (s.from != null && known.has(s.from) ? s.from : null);
  const under = (key: string | null, depth: number): [Stop, number][] =>
    rail.stops.filter((s) => from(s) === key).flatMap((s) => [[s, depth] as [Stop, number], ...under(s.key, depth + 1)]);
  return under(null, 0);
}
