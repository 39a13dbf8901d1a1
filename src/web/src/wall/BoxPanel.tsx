import { useState } from "react";
import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { measured } from "../model/facts";
import { Ask, Button } from "../parts/controls";
import { length } from "../parts/measure";
import { wallWords as w } from "../words/wall";
import { withWay, type Place, type Tape, type Wall, type WallBox } from "./useWall";
import { ASIDE } from "./look";

/** A box of a wall: its numbers, the mark on the other face, what its hole meets. */
export function BoxPanel({ wall, box, place, onClose }: { wall: Wall; box: WallBox; place: Place; onClose: () => void }) {
  const { units } = useSettings();
  const { across, up } = box.spot;
  const loose = [across, up].some((t) => t.way.how === "Estimated");
  const sure = (tape: Tape) => (tape.way.value ? withWay(tape, measured(tape.way.value)) : tape);
  const first = box.cut?.through.find((t) => t.far);
  return (
    <aside aria-label={box.name} className={ASIDE}>
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-xl">{box.name}</h2>
        <Button look="quiet" onClick={onClose}>
          {w.allOfIt}
        </Button>
      </div>
      {loose && (
        <div className="rounded-xl bg-amber-wash p-3">
          <p className="mb-2 text-sm">{w.drawn}</p>
          <Button onClick={() => place(box, sure(across), sure(up))}>{w.keep}</Button>
        </div>
      )}
      <Numbers title={w.across} box={box} up={false} wall={wall} place={place} />
      <Numbers title={w.up} box={box} up wall={wall} place={place} />
      {first && (
        <section aria-label={w.markOut} className="rounded-xl border-2 border-rule p-3">
          <h3 className="text-lg">{w.markOut}</h3>
          <p className="text-sm text-ink-2">{w.nearSays(wall.from, first.by)}</p>
          <p className="figure text-xl">{length(first.near, units)}</p>
          <p className="text-sm text-ink-2">{w.widerSays(wall.fromBehind)}</p>
          <p className="figure text-xl">{length(first.wider!, units)}</p>
          <p className="text-sm text-ink-2">{w.farSays(wall.fromBehind)}</p>
          <p className="figure text-3xl text-barn">{length(first.far!, units)}</p>
          {!first.sure && <p className="font-semibold text-amber">{w.waitsGuess}</p>}
          {first.off && <p className="text-sm text-ink-2">{w.offSays(length(first.off, units))}</p>}
        </section>
      )}
      {box.cut && <Meets cut={box.cut} />}
    </aside>
  );
}

/** Every number of one axis. Typing one moves the box; holding the tape elsewhere does not. */
function Numbers({ title, box, up, wall, place }: { title: string; box: WallBox; up: boolean; wall: Wall; place: Place }) {
  const { units } = useSettings();
  const put = (tape: Tape) => place(box, up ? box.spot.across : tape, up ? tape : box.spot.up);
  const typed = (n: Schemas["ToldNumber"], text: string) => {
    if (text === "") return false;
    const back = n.way.startsWith("-") && !text.startsWith("-");
    return put(withWay(n.tape, measured(back ? `-${text}` : text)));
  };
  const [open, setOpen] = useState(false);
  const axis = box.numbers.filter((n) => n.up === up);
  const [used, rest] = [axis.find((n) => n.used), axis.filter((n) => !n.used)];
  return (
    <section aria-label={title}>
      <h3 className="text-lg">{title}</h3>
      <ul>
        {[used, ...(open ? rest : [])].map(
          (n) =>
            n && (
              <li key={`${n.tape.from} ${n.tape.of ?? ""} ${n.tape.edge}`} className="grid grid-cols-[7.5rem_1fr] items-center gap-3 py-1">
                <Ask hide mono label={n.from} value={length(n.way.replace("-", ""), units)} onKeep={(t) => typed(n, t)} />
                <div className="min-w-0 text-sm">
                  <p>
                    {n.from}
                    {!n.sure && <b className="text-amber"> · {w.guessed}</b>}
                  </p>
                  {!n.used && (
                    <button type="button" className="min-h-6 text-ink-2 underline underline-offset-4" onClick={() => put(n.tape)}>
                      {w.hold}
                    </button>
                  )}
                </div>
              </li>
            ),
        )}
      </ul>
      {rest.length > 0 && (
        <Button look="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? w.fewer : w.more(rest.length)}
        </Button>
      )}
      {up && wall.wall.kind === "Wall" && (
        <div role="group" aria-label={w.heights} className="flex flex-wrap gap-1.5">
          {wall.heights.map((h) => (
            <button
              key={h.for}
              type="button"
              className="min-h-11 rounded-full border-2 border-rule px-3 text-sm"
              onClick={() => put({ from: "FinishedFloor", to: h.to, edge: "Middle", way: measured(h.height) })}
            >
              {h.says}
            </button>
          ))}
        </div>
      )}
    </section>
  );
}

const looks: Record<Schemas["CutWeight"], string> = {
  Stop: "border-barn bg-barn-wash",
  Fix: "border-amber bg-amber-wash",
  Ask: "border-slate bg-slate-wash",
  Tell: "border-transparent",
};

function Meets({ cut }: { cut: Schemas["ToldWallCut"] }) {
  return (
    <section aria-label={w.meets} className="flex flex-col gap-1.5">
      <h3 className="text-lg">{w.meets}</h3>
      {cut.notes.map((n, i) => (
        <p key={i} className={`rounded-xl border-l-4 px-3 py-1.5 ${looks[n.weight]}`}>
          {w.weights[n.weight] && <b className="mr-1.5">{w.weights[n.weight]}:</b>}
          {n.says}
        </p>
      ))}
    </section>
  );
}
