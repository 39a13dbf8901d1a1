import { Check, X } from "lucide-react";
import { api, must } from "../../api/client";
import { served } from "../../parts/address";
import { Button } from "../../parts/controls";
import { classWords as w } from "../../words/class";
import { practiceWords } from "../../words/practice";
import { useClassStep, type View } from "./useClass";

type Learner = View["learners"][number];
type Cell = Learner["cells"][number];

const stateOf = (cell: Cell | undefined) =>
  cell === undefined
    ? w.cell.none
    : cell.right == null
      ? w.cell.begun
      : cell.right
        ? w.cell.right
        : cell.all > 1
          ? w.cell.part(cell.steps, cell.all)
          : w.cell.wrong;

/** Who did what, live: a row a learner, a column a question; under it what the class misses. */
export function Results({ view }: { view: View }) {
  return (
    <>
      {view.learners.length === 0 ? <p className="text-lg text-ink-2">{w.nobody}</p> : <Grid view={view} />}
      <p className="text-sm text-ink-2">{view.places.map((p, i) => `${i + 1} ${p.place.says}`).join(" · ")}</p>
      <div className="flex flex-wrap gap-3">
        {[
          [served.classResults(view.id), w.resultsCsv],
          [served.classMisses(view.id), w.missesCsv],
        ].map(([to, name]) => (
          <a
            key={to}
            href={to}
            download
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
          >
            {name}
          </a>
        ))}
      </div>
      <Misses view={view} />
    </>
  );
}

function Grid({ view }: { view: View }) {
  const letIn = useClassStep(view.id, (learner: number) =>
    must(api.POST("/api/classes/{class}/learners/{learner}/let-in", { params: { path: { class: view.id, learner } } })),
  );
  return (
    <div className="overflow-x-auto rounded-2xl border-2 border-ink bg-card">
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-ink align-bottom">
            <th scope="col" className="sticky left-0 bg-card px-3 py-2">
              {w.learnerName}
            </th>
            {view.places.map((p, i) => (
              <th key={p.place.id} scope="col" title={p.place.says} className="w-12 px-1 py-2 text-center">
                <span className="figure">{i + 1}</span>
                <span className="sr-only"> {p.place.says}</span>
              </th>
            ))}
            <th scope="col" className="px-3 py-2 text-right">
              {w.allRight}
            </th>
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          {view.learners.map((l) => (
            <tr key={l.number} className="border-b border-rule">
              <th scope="row" className="sticky left-0 bg-card px-3 py-1 font-semibold whitespace-nowrap">
                <span className="figure text-ink-2">{l.number}</span> {l.name}
              </th>
              {view.places.map((p) => (
                <Mark key={p.place.id} learner={l} what={p.place.says} cell={l.cells.find((c) => c.item === p.place.id)} />
              ))}
              <td className="figure px-3 py-1 text-right whitespace-nowrap">
                {w.rightOf(l.right, l.answered)} <span className="text-sm text-ink-2">{w.time(l.seconds)}</span>
              </td>
              <td className="px-1 text-right text-sm whitespace-nowrap">
                {l.out ? (
                  <span className="px-3 text-ink-2">{w.isOut}</span>
                ) : (
                  <Button look="quiet" aria-label={w.letIn(l.name)} disabled={letIn.isPending} onClick={() => letIn.mutate(l.number)}>
                    {w.letInShort}
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="align-top">
            <th scope="row" className="sticky left-0 bg-card px-3 py-2 text-sm font-normal text-ink-2">
              {w.allRight}
            </th>
            {view.places.map((p) => (
              <td key={p.place.id} className="figure px-1 py-2 text-center text-sm">
                {p.answered > 0 && (
                  <span className={p.right * 2 < p.answered ? "font-bold text-amber" : ""}>
                    {p.right}/{p.answered}
                  </span>
                )}
                {p.seconds != null && <span className="block text-ink-2">{w.clock(p.seconds)}</span>}
              </td>
            ))}
            <td colSpan={2} className="px-3 py-2 text-right text-sm text-ink-2">
              {w.median}
            </td>
          </tr>
        </tfoot>
      </table>
    </div>
  );
}

/** One answer, by sign and word; never by colour alone. */
function Mark({ learner, what, cell }: { learner: Learner; what: string; cell: Cell | undefined }) {
  const state = stateOf(cell);
  return (
    <td className="px-1 py-1 text-center" title={w.cellOf(learner.name, what, state)}>
      <span className="sr-only">{state}</span>
      <span aria-hidden className="inline-grid size-8 place-items-center">
        {cell?.right === true && <Check size={20} className="text-moss" />}
        {cell?.right === false && cell.all <= 1 && <X size={20} className="text-barn" />}
        {cell?.right === false && cell.all > 1 && (
          <span className="figure text-sm font-bold text-amber">
            {cell.steps}/{cell.all}
          </span>
        )}
        {cell !== undefined && cell.right == null && <span className="text-ink-2">…</span>}
      </span>
    </td>
  );
}

function Misses({ view }: { view: View }) {
  const missed = view.skills.filter((s) => s.missed > 0);
  const points = view.points.filter((p) => p.faults > 0);
  return (
    <section aria-label={w.misses} className="grid gap-x-10 gap-y-4 border-t-2 border-ink pt-3 md:grid-cols-2">
      <div>
        <h2 className="text-lg">{w.misses}</h2>
        {missed.length === 0 && <p className="text-ink-2">{w.missesNone}</p>}
        <ul>
          {missed.map((s) => (
            <Bar key={s.skill} name={practiceWords.skill[s.skill]} missed={s.missed} asked={s.asked} />
          ))}
        </ul>
      </div>
      {points.length > 0 && (
        <div>
          <h2 className="text-lg">{w.points}</h2>
          <ul>
            {points.map((p) => (
              <Bar key={`${p.box}-${p.name}`} name={`${p.name}, ${p.box}`} missed={p.faults} asked={p.looked} />
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function Bar({ name, missed, asked }: { name: string; missed: number; asked: number }) {
  return (
    <li className="relative flex justify-between gap-4 border-b border-rule py-1.5">
      <span>{name}</span>
      <span className="figure">{w.missedOf(missed, asked)}</span>
      <span aria-hidden className="absolute bottom-0 left-0 h-1 bg-barn" style={{ width: `${(100 * missed) / asked}%` }} />
    </li>
  );
}
