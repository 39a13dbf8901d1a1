import type { Schemas } from "../api/client";
import { Button } from "../parts/controls";
import { wayWords as w } from "../words/ways";

/** A way as one hands it over: what, why, the price by the house's rate and minutes, and which unknown would change it. */
export function Offer({ way, rate, name, onClose }: { way: Schemas["ToldWay"]; rate: number; name: string; onClose: () => void }) {
  const minutes = way.ops.reduce((sum, o) => sum + o.minutes, 0);
  const labour = (minutes * rate) / 60;
  const parts = way.parts.reduce((sum, p) => sum + p.price, 0);
  const open = [...way.look, ...way.measure.map((m) => m.says)];
  return (
    <article aria-label={w.offerTitle} className="mx-auto max-w-2xl">
      <div className="no-print mb-3 flex gap-2">
        <Button look="main" onClick={() => window.print()}>
          {w.print}
        </Button>
        <Button onClick={onClose}>{w.backToWays}</Button>
      </div>
      <p className="text-ink-2">{name}</p>
      <h1 className="text-2xl">{`${w.offerTitle}: ${way.title}`}</h1>
      {way.first.map((f) => (
        <p key={f} className="mt-1 font-semibold">
          {f}
        </p>
      ))}
      {way.gone.length > 0 && (
        <>
          <h2 className="mt-3 text-lg">{w.gone}</h2>
          <ul className="list-disc pl-5">
            {way.gone.map((f) => (
              <li key={f.rule + f.of + f.case}>{`${f.says} (${f.article})`}</li>
            ))}
          </ul>
        </>
      )}
      <table className="mt-3 w-full">
        <tbody>
          {way.parts
            .filter((p) => p.count > 0)
            .map((p) => (
              <tr key={p.part} className="border-t border-rule">
                <td>{`${p.feet ? `${p.count} ft` : p.count} ${p.name}`}</td>
                <td className="figure text-right">{w.sum(p.price)}</td>
              </tr>
            ))}
          <tr className="border-t-2 border-ink">
            <td>{w.work(Math.round(minutes), rate)}</td>
            <td className="figure text-right">{w.sum(labour)}</td>
          </tr>
          <tr className="border-t-2 border-ink text-lg font-bold">
            <td>{w.inAll}</td>
            <td className="figure text-right">{w.sum(labour + parts)}</td>
          </tr>
        </tbody>
      </table>
      {open.length > 0 && (
        <>
          <h2 className="mt-3 text-lg">{w.unknownChanges}</h2>
          <ul className="list-disc pl-5">
            {open.map((o) => (
              <li key={o}>{o}</li>
            ))}
          </ul>
        </>
      )}
      {way.off.length > 0 && <p className="mt-2">{`${w.off}: ${way.off.join("; ")}`}</p>}
      <p className="mt-3 text-sm text-ink-2">{w.offerHow}</p>
    </article>
  );
}
