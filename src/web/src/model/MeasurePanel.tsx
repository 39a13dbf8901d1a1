import { memo, useState } from "react";
import type { BoxView, Schemas } from "../api/client";
import type { BoxEdit } from "./useBoxEdit";
import { answered } from "./facts";
import { sameBox } from "./sameBox";
import { Ask, Button } from "../parts/controls";
import { words } from "../words";
import { SmallPicture } from "./SmallPicture";
import { TapeSheet } from "./TapeSheet";

type Question = Schemas["ToldQuestion"];
type Kind = Schemas["FactKind"];
const w = words.measurePanel;

/** The unknown facts of the box, in the order a hand with a tape takes them, each with what it would decide. */
export const MeasurePanel = memo(
  function MeasurePanel({
    view,
    edit,
    catalogue,
    onPoint,
    all: wide,
  }: {
    view: BoxView;
    edit: BoxEdit;
    catalogue: Schemas["Catalogue"];
    onPoint: (ids: readonly string[]) => void;
    /** Show every question, not the first few. */
    all?: boolean;
  }) {
    const [all, setAll] = useState(wide ?? false);
    const [taking, setTaking] = useState<Question | null>(null);
    const kindOf = (q: Question) => catalogue.facts.find((k) => k.key === q.key)!;
    const note = (q: Question, fact: Schemas["Observation"] | null) => edit.send({ do: "noteFact", of: q.of, key: q.key, fact });
    const first = view.questions.filter((q) => q.first);
    const shown = all ? view.questions : first;
    const like = (q: Question) => view.questions.filter((o) => o.key === q.key).length - 1;
    const right = shown.filter((q) => kindOf(q).right != null);
    const taken = taking && kindOf(taking);
    return (
      <section aria-label={w.title}>
        <h2 className="mb-1 flex items-baseline gap-2 text-lg">
          {w.title} <span className="figure text-base text-slate">{view.questions.length}</span>
        </h2>
        <p className="mb-2 text-sm text-ink-2">
          {view.questions.length > 0 ? (all ? w.order : w.first) : view.box.contents === "NotOpened" ? words.bench.notJudged : w.all}
        </p>
        <ol className="flex flex-col gap-2">
          {shown.map((q) => (
            <li
              key={`${q.of}|${q.key}`}
              className="rounded-xl border-2 border-l-8 border-slate bg-card p-2.5"
              onFocus={() => onPoint(q.of === "box" ? [] : [q.of])}
              onPointerDown={() => onPoint(q.of === "box" ? [] : [q.of])}
            >
              <QuestionRow kind={kindOf(q)} question={q} onNote={(f) => note(q, f)} onTape={() => setTaking(q)} />
              {!all && like(q) > 0 && <p className="text-sm text-ink-2">{w.like(like(q))}</p>}
            </li>
          ))}
        </ol>
        {right.length > 1 && (
          <div className="mt-2">
            <Button
              onClick={() =>
                void edit.batch(
                  w.right(right.length),
                  right.map((q) => ({ do: "noteFact", of: q.of, key: q.key, fact: answered(kindOf(q).right!) })),
                )
              }
            >
              {w.right(right.length)}
            </Button>
            <p className="text-sm text-ink-2">{w.rightHow}</p>
          </div>
        )}
        {view.questions.length > first.length && (
          <button
            type="button"
            data-all="questions"
            aria-expanded={all}
            className="mt-1 min-h-11 underline underline-offset-4"
            onClick={() => setAll(!all)}
          >
            {all ? w.fewer : w.more(view.questions.length)}
          </button>
        )}
        {taking && taken && (
          <TapeSheet
            kind={taken}
            what={taking.what ?? null}
            where={taking.of !== "box" && <SmallPicture view={view} lit={[taking.of]} />}
            value=""
            onClose={() => setTaking(null)}
            onKeep={(text) => {
              note(taking, answered(text));
              setTaking(null);
            }}
          />
        )}
      </section>
    );
  },
  (was, is) => sameBox(was, is) && was.view.questions === is.view.questions,
);

function QuestionRow({
  kind,
  question,
  onNote,
  onTape,
}: {
  kind: Kind;
  question: Question;
  onNote: (fact: Schemas["Observation"] | null) => unknown;
  onTape: () => void;
}) {
  const about = question.what ? ` ${question.what}` : "";
  return (
    <>
      <button type="button" className="w-full text-left">
        <span className="font-semibold">{kind.asks}</span>
        {question.what && <span className="block text-sm first-letter:uppercase">{question.what}</span>}
        <span className="block text-sm text-ink-2">
          {w.decides}: {question.decides.join(", ").toLowerCase()}
        </span>
      </button>
      <div className="mt-1.5 flex flex-wrap items-center gap-1.5" role="group" aria-label={kind.asks + about}>
        {kind.type === "Length" && (
          <Button onClick={onTape} aria-label={`${w.take}: ${kind.asks}${about}`}>
            {w.take}
          </Button>
        )}
        {kind.type === "Number" && (
          <div className="w-28">
            <Ask mono hide label={kind.asks + about} hint={kind.unit ?? ""} value="" onKeep={(t) => t && onNote(answered(t))} />
          </div>
        )}
        {kind.choices.map((c) => (
          <button
            key={c.value}
            type="button"
            className="min-h-11 rounded-lg border-2 border-rule bg-card px-3 text-sm font-semibold hover:border-ink"
            onClick={() => onNote(answered(c.value))}
          >
            {c.name}
          </button>
        ))}
        {kind.type !== "Choice" && (
          <button
            type="button"
            className="min-h-9 px-2 text-sm text-ink-2 underline underline-offset-4"
            onClick={() => onNote({ how: "NotApplicable" })}
          >
            {w.skip}
          </button>
        )}
      </div>
    </>
  );
}
