import type { BoxView, Catalogue } from "../api/client";
import { cableName, leadName } from "../model/names";
import type { BoxEdit } from "../model/useBoxEdit";
import { answered } from "../model/facts";
import { Ask, Choice } from "../parts/controls";
import { pointing } from "../parts/pointing";
import { words } from "../words";

const DAMAGE = "cable-damage";

/** Marks and colours as seen, what each cable is called, and whether it is hurt. */
export function Marks({
  view,
  edit,
  catalogue,
  onPoint,
}: {
  view: BoxView;
  edit: BoxEdit;
  catalogue: Catalogue;
  onPoint: (ids: readonly string[]) => void;
}) {
  const damage = catalogue.facts.find((f) => f.key === DAMAGE)!;
  const leads = Object.entries(view.box.leads ?? {}).filter(([, l]) => l.run && l.use !== "Ground");
  const ends = (c: BoxView["cables"][number]) => `${c.run}.${c.side === "A" ? "a" : "b"}`;
  return (
    <div className="flex flex-col gap-5">
      <section aria-label={words.box.cables}>
        <h2 className="mb-1 text-lg">{words.box.cables}</h2>
        <ul className="flex flex-col gap-3">
          {view.cables.map((c) => (
            <li
              key={ends(c)}
              className="rounded-xl border-2 border-rule bg-card p-3"
              aria-label={cableName(view, c)}
              {...pointing(onPoint, ends(c))}
            >
              <Ask
                label={`${words.box.from}, ${c.size}`}
                hint={words.box.fromHint}
                value={c.says ?? ""}
                onKeep={(says) => edit.send({ do: "nameCable", run: c.run, side: c.side, says: says || null, feeds: c.feeds })}
              />
              <Choice
                label={damage.asks}
                value={view.box.noted?.[ends(c)]?.facts?.[DAMAGE]?.value ?? null}
                onChange={(value) => void edit.send({ do: "noteFact", of: ends(c), key: DAMAGE, fact: answered(value) })}
                options={damage.choices.map((x) => [x.value, x.name] as const)}
              />
            </li>
          ))}
        </ul>
      </section>
      <section aria-label={words.box.asColour}>
        <h2 className="mb-1 text-lg">{words.box.asColour}</h2>
        <ul className="flex flex-col">
          {leads.map(([id, l]) => (
            <li key={id} className="flex flex-wrap items-center gap-2 border-t border-rule py-1" {...pointing(onPoint, id)}>
              <span className="min-w-40 flex-1 first-letter:uppercase">
                {leadName(view, id)}
                {l.markedAs && `, ${words.bench.taped(l.markedAs)}`}
              </span>
              {l.colour === "white" && (
                <button
                  type="button"
                  className="min-h-11 rounded-lg border-2 border-rule bg-card px-3 text-sm font-semibold"
                  aria-label={`${l.markedAs ? words.bench.untape : words.bench.tapeBlack}: ${leadName(view, id)}`}
                  onClick={() =>
                    void edit.send({
                      do: "identifyLead",
                      lead: id,
                      colour: l.colour,
                      use: l.markedAs ? "Neutral" : "Hot",
                      markedAs: l.markedAs ? null : "black",
                    })
                  }
                >
                  {l.markedAs ? words.bench.untape : words.bench.tapeBlack}
                </button>
              )}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
