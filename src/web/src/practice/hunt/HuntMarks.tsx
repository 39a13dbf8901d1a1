import type { ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { huntWords as w } from "../../words/hunt";

type Mark = Schemas["ToldHuntMark"];
type Path = Schemas["ToldHuntPath"];

/** What it was, and both ways to it beside each other: what each test left. */
export function HuntMarks({ mark, children }: { mark: Mark; children: ReactNode }) {
  const found = mark.outcome === "Found";
  return (
    <section role="status" className="flex flex-col gap-4">
      <div className={`rounded-xl border-2 border-l-8 p-3 ${found ? "border-moss bg-moss-wash" : "border-amber bg-amber-wash"}`}>
        <p className="text-lg">
          <b>{w.outcome[mark.outcome]}</b> {w.itWas(mark.truth)}
        </p>
        {!found && <p>{w.youSaid(mark.claim)}</p>}
        {mark.against.length > 0 && <p>{w.against(mark.against)}</p>}
        {mark.apart && <p>{w.apart(mark.apart)}</p>}
        {mark.does && <p className="font-semibold">{mark.does}</p>}
        {!mark.fair && <p>{w.unfair}</p>}
        <p className="mt-1 text-ink-2">
          {w.mends}: {mark.mends.join(" ")}
        </p>
      </div>
      {children}
      <div className="grid items-start gap-6 md:grid-cols-2">
        <Way title={w.mine} path={mark.mine} />
        <Way title={w.own} path={mark.own} />
      </div>
    </section>
  );
}

function Way({ title, path }: { title: string; path: Path }) {
  return (
    <section aria-label={title}>
      <h2 className="text-lg">{title}</h2>
      <p className="text-ink-2">{w.sum(path.used.minutes, path.used.openings, path.used.dangers)}</p>
      <p className="mt-2 text-sm">{w.start(path.start)}</p>
      <Left left={path.start} of={path.start} />
      <ol>
        {path.steps.map((s, i) => (
          <li key={i} className="border-t border-rule py-1.5">
            <span className="figure mr-2 text-ink-2">{i + 1}</span>
            {s.says}: <b>{s.shows}</b>
            <span className="block text-sm text-ink-2">
              {[
                w.minutes(s.minutes),
                ...s.opened.map((b) => w.openIt(b.name)),
                ...(s.danger ? [w.danger[s.danger]] : []),
                w.stillLeft(s.left ?? 0),
              ].join(" · ")}
            </span>
            <Left left={s.left ?? 0} of={path.start} />
            {s.better && <span className="mt-0.5 block text-sm italic">{w.better(s.better)}</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** How many faults are left of those there were at first. */
function Left({ left, of }: { left: number; of: number }) {
  return (
    <span aria-hidden className="mt-1 block h-2 rounded-full bg-rule">
      <span className="block h-full rounded-full bg-ink" style={{ width: `${(100 * left) / Math.max(1, of)}%` }} />
    </span>
  );
}
