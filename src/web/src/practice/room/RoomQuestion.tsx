import { useEffect, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { address } from "../../parts/address";
import { Button } from "../../parts/controls";
import { say } from "../../parts/Notices";
import { words } from "../../words";
import { letter, roomWords as w } from "../../words/class";
import { practiceWords } from "../../words/practice";
import { CountSheet, tryOf, type Typed } from "../CountSheet";
import { OptionList } from "../OptionList";
import { useRecord } from "../record";
import { placeOf } from "../useExercise";
import { useAnswer, useBegin, type RoomItem } from "./seat";

type Asked = RoomItem["item"];

/** One question of a learner's sheet, its answer, and how it went once that is shown. */
export function RoomQuestion({
  code,
  item,
  closed,
  onNext,
}: {
  code: string;
  item: RoomItem;
  closed: boolean;
  onNext: (() => void) | null;
}) {
  const { item: asked, mark } = item;
  const kept = useRecord();
  const answer = useAnswer(code);
  const since = useRef(0);
  useEffect(() => {
    since.current = Date.now();
  }, []);
  const [option, setOption] = useState<number | null>(item.chosen ?? null);
  const [typed, setTyped] = useState<Typed>({});
  const still = !item.answered && !closed;
  const send = () =>
    answer.mutate(
      {
        item: asked.id,
        answer: asked.count ? { count: tryOf(asked.count, typed) } : { option: option! },
        seconds: Math.round((Date.now() - since.current) / 1000),
      },
      {
        onSuccess: (sheet) => {
          const now = sheet.items.find((i) => i.item.id === asked.id)?.mark;
          if (now) kept.graded(now.skills).catch((e: unknown) => say(e instanceof Error ? e.message : words.failed, "stop"));
        },
      },
    );
  const ready = asked.count ? typed.fit !== undefined : option !== null;
  return (
    <>
      <section className="rounded-2xl border-2 border-ink bg-card p-4">
        <h2 className="text-xl">{asked.asks}</h2>
        <ul className="mt-1">
          {asked.given.map((g) => (
            <li key={g} className="border-t border-rule py-1">
              {g}
            </li>
          ))}
        </ul>
        {asked.options.length > 0 && (
          <OptionList options={asked.options} value={option} onChange={setOption} right={mark?.answer?.option ?? null} done={!still} />
        )}
        {asked.bench && <BenchList task={asked.bench} />}
        {asked.exercise && still && <OnBench code={code} item={asked.id} kind={asked.exercise} />}
      </section>
      {asked.count && still && (
        <CountSheet
          drill={asked.count}
          typed={typed}
          onType={(key, text) => setTyped((t) => ({ ...t, [key]: text }))}
          hinted={[]}
          marked={undefined}
        />
      )}
      <div className="flex flex-wrap gap-3">
        {still && !asked.bench && !asked.exercise && (
          <Button look="main" disabled={!ready || answer.isPending} onClick={send}>
            {w.answer}
          </Button>
        )}
        {onNext && (
          <Button look={still ? "plain" : "main"} onClick={onNext}>
            {w.next}
          </Button>
        )}
      </div>
      {answer.error && (
        <p role="alert" className="font-semibold text-barn">
          {answer.error.message}
        </p>
      )}
      {item.answered && !mark && <p className="text-ink-2">{w.kept}</p>}
      {mark && <Marked asked={asked} mark={mark} />}
    </>
  );
}

/** Work on the Bench: begun once, it is gone on with. */
function OnBench({ code, item, kind }: { code: string; item: string; kind: Schemas["ExerciseKind"] }) {
  const navigate = useNavigate();
  const begin = useBegin(code);
  return (
    <>
      <Button
        look="main"
        className="mt-3"
        disabled={begin.isPending}
        onClick={() => begin.mutate(item, { onSuccess: (made) => void navigate(placeOf(kind, made, code)) })}
      >
        {w.begin}
      </Button>
      {begin.error && (
        <p role="alert" className="font-semibold text-barn">
          {begin.error.message}
        </p>
      )}
    </>
  );
}

/** A box of real wire: by what it is looked over. */
function BenchList({ task }: { task: Schemas["ToldBenchTask"] }) {
  return (
    <>
      <p className="mt-2">
        {w.bench}{" "}
        <Link to={address.box(task.job, task.box)} className="underline underline-offset-4">
          {w.drawing}
        </Link>
      </p>
      <ul className="mt-1 grid gap-x-6 sm:grid-cols-2">
        {task.points.map((p) => (
          <li key={p.id} className="border-t border-rule py-1">
            <b>{p.name}</b> <span className="text-ink-2">{p.limit ?? p.says}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function Marked({ asked, mark }: { asked: Asked; mark: NonNullable<RoomItem["mark"]> }) {
  const told = mark.answer;
  return (
    <section
      role="status"
      aria-label={practiceWords.marks}
      className={`rounded-2xl border-2 border-l-8 p-4 ${mark.right ? "border-moss bg-moss-wash" : "border-amber bg-amber-wash"}`}
    >
      <h2 className="text-lg">{mark.right ? practiceWords.isRight : practiceWords.isNot}</h2>
      {!mark.right && mark.all > 1 && <p>{asked.bench ? w.pointsHeld(mark.steps, mark.all) : w.steps(mark.steps, mark.all)}</p>}
      {mark.faults.map((f) => (
        <p key={f}>{f}</p>
      ))}
      {told && (
        <>
          {told.option != null && (
            <p className="text-lg">
              {letter(told.option)} {asked.options[told.option]}
            </p>
          )}
          {told.sum.map((s) => (
            <p key={s}>{s}</p>
          ))}
          <p>{told.why}</p>
          <p className="text-sm text-ink-2">{told.article}</p>
        </>
      )}
    </section>
  );
}
