import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { StageStrip } from "../model/StageStrip";
import { address } from "../parts/address";
import { words } from "../words";
import { stageWords } from "../words/stages";

const w = words.todayNext;

/** What each open Change waits for before its next stage: what is in the way first, then what can be done. */
export function Next({ job, next }: { job: string; next: readonly Schemas["ToldWaits"][] }) {
  if (next.length === 0) return null;
  const sorted = [...next].sort((a, b) => Number(b.blocks) - Number(a.blocks));
  return (
    <section aria-label={w.title} className="mb-5">
      <h2 className="mb-1.5 border-b-2 border-ink pb-0.5 text-lg">{w.title}</h2>
      <ul className="flex flex-col gap-1.5">
        {sorted.map((n) => (
          <li key={`${n.change}|${n.box}`}>
            <Link
              to={whereTo(job, n)}
              className={`block rounded-xl border-2 px-3 py-1.5 hover:border-ink
                ${n.blocks ? "border-l-8 border-slate bg-slate-wash" : "border-rule bg-card"}`}
            >
              <span className="flex flex-wrap items-baseline gap-x-3">
                <b>{n.name}</b>
                <span className="text-sm text-ink-2">{n.blocks ? w.waits : w.next}</span>
              </span>
              <span className="block">{n.says}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function whereTo(job: string, n: Schemas["ToldWaits"]): string {
  if (!n.box) return address.changes(job);
  if (n.case === "NotOpened" || n.case === "NotRecorded") return address.survey(job, n.box);
  return n.case === "WouldFail" ? address.plan(job, n.box, n.change) : address.box(job, n.box);
}

/** Open Changes by stage: where each stands, what it lacks there, what it waits for. */
export function ByStage({ job, stages }: { job: string; stages: readonly Schemas["ToldStages"][] }) {
  if (stages.length === 0) return null;
  return (
    <section aria-label={stageWords.title} className="mb-5">
      <h2 className="mb-1.5 border-b-2 border-ink pb-0.5 text-lg">{stageWords.title}</h2>
      <ul className="flex flex-col gap-3">
        {stages.map((s) => {
          const lines = [...(s.stages.find((x) => x.now)?.lines ?? [])].sort((a, b) => Number(b.waits) - Number(a.waits));
          return (
            <li key={s.change}>
              <Link to={address.changes(job)} className="font-bold underline underline-offset-4">
                {s.name}
              </Link>
              <StageStrip stages={s.stages} />
              <ul className="mt-1 text-sm">
                {lines.slice(0, MOST).map((l) => (
                  <li key={`${l.case}|${l.box ?? ""}|${l.hold ?? ""}`} className={l.waits ? "font-semibold text-slate" : ""}>
                    {l.case === "Steps" && l.box ? (
                      <Link
                        to={address.make(job, s.change, l.box)}
                        className="inline-flex min-h-8 items-center underline underline-offset-4"
                      >
                        {l.says}
                      </Link>
                    ) : (
                      l.says
                    )}
                    {l.until && ` · ${stageWords.until(new Date(l.until).toLocaleDateString())}`}
                  </li>
                ))}
                {lines.length > MOST && <li className="text-ink-2">{stageWords.more(lines.length - MOST)}</li>}
              </ul>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

const MOST = 4;
