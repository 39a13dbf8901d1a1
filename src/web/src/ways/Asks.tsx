import type { Schemas } from "../api/client";
import { Ask, Button } from "../parts/controls";
import { wayWords as w } from "../words/ways";

/** Questions whose answer would put another way first. Not answering keeps the ways as they are, marked with what to look at. */
export function Asks({ asks, put }: { asks: readonly Schemas["ToldWish"][]; put: (change: Record<string, string | null>) => void }) {
  if (asks.length === 0) return null;
  return (
    <section aria-label={w.ask.title} className="mt-3 rounded-2xl border-2 border-slate bg-slate-wash p-3">
      <h2 className="mb-1 text-base">{w.ask.title}</h2>
      <ul className="grid gap-x-10 gap-y-2 md:grid-cols-2">
        {asks.map((a) => (
          <li key={a.ask + (a.box ?? "")} className="flex flex-wrap items-center gap-2">
            {a.ask === "Away" && (
              <span className="flex-1">
                <Ask
                  mono
                  label={w.ask.Away(a.name ?? "")}
                  hint={w.ask.feet}
                  value=""
                  onKeep={(text) => text && put({ [`away.${a.box}`]: text })}
                />
              </span>
            )}
            {a.ask === "Slack" && <span>{w.ask.Slack}</span>}
            {(a.ask === "Closed" || a.ask === "Under") && (
              <>
                <span className="flex-1">{w.ask[a.ask]}</span>
                {(["yes", "no"] as const).map((answer) => (
                  <Button
                    key={answer}
                    aria-label={`${w.ask[a.ask as "Closed" | "Under"]} ${w.ask[answer]}`}
                    onClick={() => put({ [a.ask.toLowerCase()]: answer })}
                  >
                    {w.ask[answer]}
                  </Button>
                ))}
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
