import { useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { Ask, Button } from "../parts/controls";
import { wayWords as w } from "../words/ways";

type Question = Schemas["ToldWish"];
const keyOf = (a: Question) => `later.${a.ask}${a.box ? `.${a.box}` : ""}`;

/** Questions whose answer would put another way first. Not known yet, the ways stay as they are, marked with what to look at. */
export function Asks({ asks, put }: { asks: readonly Question[]; put: (change: Record<string, string | null>) => void }) {
  const [search] = useSearchParams();
  const open = asks.filter((a) => !search.has(keyOf(a)));
  if (open.length === 0) return null;
  return (
    <section aria-label={w.ask.title} className="mt-3 rounded-2xl border-2 border-slate bg-slate-wash p-3">
      <h2 className="mb-1 text-base">{w.ask.title}</h2>
      <ul className="grid gap-x-10 gap-y-2 md:grid-cols-2">
        {open.map((a) => (
          <li key={keyOf(a)} className="flex flex-wrap items-end gap-2">
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
            {a.ask === "Slack" && <span className="flex-1">{w.ask.Slack}</span>}
            {(a.ask === "Closed" || a.ask === "Under") && (
              <YesNo says={w.ask[a.ask]} onAnswer={(yes) => put({ [a.ask.toLowerCase()]: yes })} />
            )}
            <Button look="quiet" aria-label={`${w.ask.later}: ${named(a)}`} onClick={() => put({ [keyOf(a)]: "1" })}>
              {w.ask.later}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const named = (a: Question) => (a.ask === "Away" ? w.ask.Away(a.name ?? "") : w.ask[a.ask]);

function YesNo({ says, onAnswer }: { says: string; onAnswer: (answer: "yes" | "no") => void }) {
  return (
    <>
      <span className="w-full self-center md:w-auto md:min-w-40 md:flex-1">{says}</span>
      {(["yes", "no"] as const).map((answer) => (
        <Button key={answer} aria-label={`${says} ${w.ask[answer]}`} onClick={() => onAnswer(answer)}>
          {w.ask[answer]}
        </Button>
      ))}
    </>
  );
}
