import type { Schemas } from "../api/client";
import { panelWords } from "../words/panel";

const w = panelWords.panelRoom;

/** What hangs on each leg of a panel, and where a new circuit may go. */
export function PanelRoom({ room, main }: { room: Schemas["PanelRoom"]; main: number | null }) {
  const most = Math.max(1, ...room.legs.map((l) => l.amperes));
  const by = (takes: Schemas["SlotTakes"]) => room.offers.filter((o) => o.takes === takes);
  const rows = (["OnePole", "TwoPoles", "Tandem"] as const).map((takes) => [takes, by(takes)] as const);
  return (
    <section aria-label={w.title} className="mt-3 grid gap-4 rounded-xl border-2 border-rule p-3 md:grid-cols-2">
      <div>
        <h3 className="mb-1">{w.legs}</h3>
        <ul className="flex flex-col gap-1.5">
          {room.legs.map((l) => (
            <li key={l.leg} className="flex items-center gap-2">
              <b className="w-5">{w.leg(l.leg)}</b>
              <span className="h-5 min-w-0 flex-1 rounded border-2 border-ink bg-card" aria-hidden>
                <span className="block h-full bg-slate" style={{ width: `${(100 * l.amperes) / most}%` }} />
              </span>
              <span className="figure w-44 text-sm">{w.amperes(l)}</span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-sm text-ink-2">{w.balance(room.legs, main)}</p>
      </div>
      <div>
        <h3 className="mb-1">{w.more}</h3>
        <dl className="flex flex-col gap-1 text-sm">
          {rows.map(([takes, offers]) => (
            <div key={takes} className="flex gap-2">
              <dt className="w-24 text-ink-2">{w.takes[takes]}</dt>
              <dd className="flex-1">{w.offers(takes, offers)}</dd>
            </div>
          ))}
        </dl>
        <p className="mt-1 text-sm text-ink-2">{w.kinds}</p>
      </div>
    </section>
  );
}
