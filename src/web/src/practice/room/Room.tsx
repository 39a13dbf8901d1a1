import { Check, CircleDashed, X } from "lucide-react";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { Told } from "../../api/client";
import { address } from "../../parts/address";
import { Button } from "../../parts/controls";
import { Field } from "../../parts/Field";
import { Nowhere } from "../../parts/Nowhere";
import { words } from "../../words";
import { roomWords as w } from "../../words/class";
import { RoomQuestion } from "./RoomQuestion";
import { leave, seatOf, useRoom, useSit, type RoomItem, type RoomSheet } from "./seat";

/** A class as a learner has it on a phone: the code and a name, then the own sheet. */
export default function Room() {
  const { code = "" } = useParams();
  const [, setLeft] = useState(0);
  const room = useRoom(code);
  const lost = room.error instanceof Told && room.error.status === 401;
  if (code === "" || seatOf(code) === null || lost) return <Door code={code} />;
  if (room.error) return <Nowhere error={room.error} />;
  if (!room.data) return <p className="text-ink-2">{words.loading}</p>;
  const out = () => {
    leave(code);
    setLeft((n) => n + 1);
  };
  return <Sheet code={code} sheet={room.data} onLeave={out} />;
}

function Door({ code: given }: { code: string }) {
  const navigate = useNavigate();
  const [code, setCode] = useState(given);
  const [name, setName] = useState("");
  const sit = useSit((at) => navigate(address.room(at), { replace: true }));
  return (
    <form
      className="mx-auto flex max-w-md flex-col gap-4 pt-4"
      onSubmit={(e) => {
        e.preventDefault();
        sit.mutate({ code: code.trim().toLowerCase(), name: name.trim() });
      }}
    >
      <h1 className="text-2xl">{w.title}</h1>
      <p className="text-ink-2">{w.how}</p>
      <Field label={w.code} value={code} onType={setCode} />
      <Field label={w.name} value={name} onType={setName} />
      <Button look="main" type="submit" disabled={code.trim() === "" || name.trim() === "" || sit.isPending}>
        {w.enter}
      </Button>
      {sit.error && (
        <p role="alert" className="font-semibold text-barn">
          {sit.error.message}
        </p>
      )}
    </form>
  );
}

const stateOf = (item: RoomItem) => (item.mark ? (item.mark.right ? "right" : "wrong") : item.answered ? "answered" : "open");

function Sheet({ code, sheet, onLeave }: { code: string; sheet: RoomSheet; onLeave: () => void }) {
  const first = sheet.items.findIndex((i) => !i.answered && !i.item.bench);
  const [at, setAt] = useState(Math.max(0, first));
  const done = sheet.items.filter((i) => i.answered).length;
  const marked = sheet.items.filter((i) => i.mark != null);
  const item = sheet.items[Math.min(at, sheet.items.length - 1)]!;
  return (
    <div className="mx-auto flex max-w-3xl flex-col gap-3 pb-8">
      <div className="flex flex-wrap items-end gap-x-6">
        <div className="mr-auto">
          <h1 className="text-xl">{sheet.class}</h1>
          <p className="text-ink-2">{w.hello(sheet.name, sheet.number)}</p>
        </div>
        <p role="status" className="figure text-right">
          {w.done(done, sheet.items.length)}
          {marked.length > 0 && (
            <span className="block text-ink-2">{w.right(marked.filter((m) => m.mark!.right).length, marked.length)}</span>
          )}
        </p>
      </div>
      {sheet.closed && <p className="font-semibold text-amber">{w.closed}</p>}
      {!sheet.closed && sheet.shown === "AtTheEnd" && <p className="text-sm text-ink-2">{w.later}</p>}
      <nav aria-label={w.back} className="flex flex-wrap gap-1.5">
        {sheet.items.map((i, n) => {
          const state = stateOf(i);
          return (
            <button
              key={i.item.id}
              type="button"
              aria-label={w.item(n + 1, w.state[state])}
              aria-current={n === at ? "step" : undefined}
              onClick={() => setAt(n)}
              className={`inline-flex min-h-11 min-w-11 items-center justify-center gap-0.5 rounded-xl border-2 px-1.5 font-semibold
                ${n === at ? "border-ink bg-ink text-on-ink" : "border-rule bg-card"}`}
            >
              <span className="figure">{n + 1}</span>
              {state === "right" && <Check size={16} aria-hidden />}
              {state === "wrong" && <X size={16} aria-hidden />}
              {state === "answered" && <CircleDashed size={14} aria-hidden />}
            </button>
          );
        })}
      </nav>
      <RoomQuestion
        key={item.item.id}
        code={code}
        item={item}
        closed={sheet.closed}
        onNext={at + 1 < sheet.items.length ? () => setAt(at + 1) : null}
      />
      <Button look="quiet" className="self-start" onClick={onLeave}>
        {w.leave}
      </Button>
    </div>
  );
}
