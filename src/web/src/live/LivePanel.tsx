import { type BoxView, type Edit, type Schemas } from "../api/client";
import { useEdit } from "../model/job";
import { settings } from "../api/settings";
import { Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { say } from "../parts/Notices";
import { fromKey } from "../parts/breaker";
import { words } from "../words";
import { Legend } from "../model/Badge";
import { Probe } from "../model/Probe";
import { useProbe, type BoxLive, type Look } from "../model/useLive";

const w = words.live;

/** A time as people say it. */
export const time = (seconds: number) =>
  seconds < 1
    ? `${Math.round(seconds * 1000)} ms`
    : seconds < 100
      ? `${Math.round(seconds * 10) / 10} s`
      : `${Math.round(seconds / 60)} min`;

/**
 * The box with the power on: what to throw and plant as a what-if, what opens, what a tester says and how it really is, and an
 * instrument to lay on two points.
 */
export function LivePanel({ job, view, look, live }: { job: string; view: BoxView; look: Look; live: BoxLive }) {
  const circuits = new Set(view.cables.map((c) => c.circuit));
  const own = live.breakers.filter((b) => b.circuit != null && circuits.has(b.circuit));
  return (
    <section aria-label={w.title} className="flex flex-col gap-3 rounded-2xl border-2 border-slate bg-card p-3">
      <div>
        <h2 className="text-lg">{w.title}</h2>
        <p className="text-sm text-ink-2">{w.whatIf}</p>
      </div>
      <Legend />
      {live.sources.length > 1 && <Throws title={w.sources} list={live.sources} which="sources" job={job} box={view.id} look={look} />}
      <Throws title={w.breakers} list={own.length > 0 ? own : live.breakers} which="breakers" job={job} box={view.id} look={look} />
      {own.length > 0 && live.breakers.length > own.length && (
        <details>
          <summary className="min-h-8 text-sm underline underline-offset-4">{w.otherBreakers(live.breakers.length)}</summary>
          <Throws list={live.breakers.filter((b) => !own.includes(b))} which="breakers" job={job} box={view.id} look={look} />
        </details>
      )}
      <Throws title={w.switches} list={live.switches} which="switches" job={job} box={view.id} look={look} />
      <Faults look={look} live={live} />
      <section aria-label={w.acts}>
        <h3 className="text-sm">{w.acts}</h3>
        {live.openings.length + live.mayOpen.length === 0 && <p className="text-sm">{w.nothing}</p>}
        <ol>
          {live.openings.map((o) => (
            <li key={o.guard} className="border-l-4 border-amber pl-2 text-sm first-letter:uppercase">
              {o.says}, {w.within(time(o.seconds))}
              {o.sure === "Perhaps" && `; ${w.perhaps}`}
            </li>
          ))}
          {live.mayOpen.map((o) => (
            <li key={o.guard} className="border-l-4 border-dashed border-amber pl-2 text-sm first-letter:uppercase">
              {o.says}; {w.mayOpen}
            </li>
          ))}
        </ol>
        {live.metal?.expected === "Live" && (
          <p role="alert" className="mt-1 border-l-8 border-barn bg-barn-wash p-2 font-semibold">
            {w.metal(String(live.metal.volts))}{" "}
            {live.touch &&
              w.touch(
                live.touch.milliamperes.toFixed(0),
                live.touch.seconds != null ? w.until(time(live.touch.seconds)) : live.touch.mayOpen ? w.perhapsOpens : w.never,
                live.touch.means,
              )}
          </p>
        )}
      </section>
      {live.outlets.length > 0 && <Outlets job={job} box={view.id} look={look} live={live} />}
      <Probe job={job} box={view.id} look={look} live={live} />
      <details>
        <summary className="min-h-8 text-sm underline underline-offset-4">{w.assumed(live.assumed.length)}</summary>
        <ul className="list-disc pl-5 text-sm">
          {live.assumed.map((a) => (
            <li key={a}>{a}</li>
          ))}
        </ul>
      </details>
      <p className="text-sm font-semibold">{w.caution}</p>
    </section>
  );
}

/** Breakers or switches to throw as a what-if, and to record as thrown. */
function Throws({
  title,
  list,
  which,
  job,
  box,
  look,
}: {
  title?: string;
  list: readonly Schemas["ToldThrow"][];
  which: "sources" | "breakers" | "switches";
  job: string;
  box: string;
  look: Look;
}) {
  const send = useEdit(job);
  const tripped = new Set(look.live?.openings.map((o) => o.guard));
  if (list.length === 0) return null;
  const set = (key: string, on: boolean) => look.setSetting((s) => ({ ...s, [which]: { ...s[which], [key]: on } }));
  const record = (t: Schemas["ToldThrow"]) => {
    const [a, b, lever] = t.key.split("/") as [string, string, string?];
    const by = { by: settings().who, at: new Date().toISOString() };
    const edit =
      which === "breakers"
        ? { do: "switchBreaker", panel: a, ...fromKey(b), on: t.on, ...by }
        : { do: "throwSwitch", box, device: b, on: t.on, lever: lever ?? null, ...by };
    void send.mutateAsync({ edit: edit as Edit }).then(
      () => {
        look.setSetting((s) => ({ ...s, [which]: Object.fromEntries(Object.entries(s[which]).filter(([k]) => k !== t.key)) }));
        say(w.proveAgain, "stop");
      },
      () => undefined,
    );
  };
  return (
    <section aria-label={title}>
      {title && <h3 className="text-sm">{title}</h3>}
      <ul>
        {list.map((t) => (
          <li key={t.key} className="flex flex-wrap items-center gap-2 py-0.5">
            <button
              type="button"
              role="switch"
              aria-checked={t.on}
              aria-label={t.name}
              onClick={() => set(t.key, !t.on)}
              className={`inline-flex min-h-11 min-w-20 items-center justify-center rounded-lg border-2 border-ink px-3
                font-semibold ${t.on ? "bg-ink text-on-ink" : "bg-card"}`}
            >
              {t.on ? w.on : w.off}
            </button>
            <span className="min-w-24 flex-1 text-sm">
              {t.name}
              {tripped.has(`breaker:${t.key}`) && <b className="block">{w.tripped}</b>}
            </span>
            {which !== "sources" && t.key in look.setting[which] && (
              <Button look="quiet" title={w.didHow} onClick={() => record(t)}>
                {w.did}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Faults({ look, live }: { look: Look; live: BoxLive }) {
  const planted = look.setting.faults;
  return (
    <section aria-label={w.faults}>
      <h3 className="text-sm">{w.faults}</h3>
      <Pick
        hide
        label={w.plant}
        empty={w.plant}
        value={null}
        options={live.offers.filter((o) => planted.every((p) => p.name !== o.name)).map((o) => [o.name, o.name] as const)}
        onChange={(name: string) => look.setSetting((s) => ({ ...s, faults: [...s.faults, live.offers.find((o) => o.name === name)!] }))}
      />
      {planted.some((f) => f.fault.fault === "comesAndGoes") && (
        <button
          type="button"
          role="switch"
          aria-checked={look.setting.there}
          onClick={() => look.setSetting((s) => ({ ...s, there: !s.there }))}
          className="mt-1 min-h-11 rounded-lg border-2 border-ink px-3 text-sm font-semibold"
        >
          {look.setting.there ? w.there : w.gone}
        </button>
      )}
      <ul>
        {planted.map((f) => (
          <li key={f.name} className="mt-1 flex items-center gap-2 border-l-4 border-slate pl-2 text-sm">
            <span className="flex-1 first-letter:uppercase">{f.name}</span>
            <Button
              look="quiet"
              aria-label={`${w.lift}: ${f.name}`}
              onClick={() => look.setSetting((s) => ({ ...s, faults: s.faults.filter((x) => x.name !== f.name) }))}
            >
              {w.lift}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What a plug-in tester says of each outlet beside how it really is, and its button to press. */
function Outlets({ job, box, look, live }: { job: string; box: string; look: Look; live: BoxLive }) {
  return (
    <section aria-label={w.outlets}>
      <h3 className="text-sm">{w.outlets}</h3>
      <ul className="flex flex-col gap-1.5">
        {once(live.outlets).map((o) => (
          <li key={`${o.device}${o.half}`} className={`border-l-8 py-1 pl-2 text-sm ${o.differ ? "border-barn" : "border-rule"}`}>
            <Lamps lamps={o.lamps} /> {w.tester}: <b>{o.says}</b>
            {o.half && !o.alike && <span className="text-ink-2"> ({o.half})</span>}
            <br />
            {w.really}: <b>{o.really}</b>
            {o.differ && <span className="block font-semibold text-barn">{Object.values(o.lamps).some(Boolean) ? w.differ : w.dark}</span>}
            <TestButton job={job} look={look} face={`face:${box}/${o.device}/${o.half}`} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The button of a plug-in tester in an outlet: what it opens, or why it says nothing. */
function TestButton({ job, look, face }: { job: string; look: Look; face: string }) {
  const press = useProbe(job, look);
  return (
    <>
      <Button
        look="quiet"
        className="block"
        onClick={() => press.mutate({ instrument: "plug-in", from: `${face}hot`, to: `${face}ground`, setting: look.setting })}
      >
        {w.press}
      </Button>
      {press.data && press.variables.setting === look.setting && (
        <span role="status" className="block first-letter:uppercase">
          <b>{press.data.trips[0]?.says ?? press.data.shows}.</b> {press.data.means}
        </span>
      )}
      {press.error && <span className="block">{press.error.message}</span>}
    </>
  );
}

/** Both halves in one line where they are alike. */
function once(outlets: readonly Schemas["ToldOutlet"][]) {
  const alike = (o: Schemas["ToldOutlet"]) => outlets.filter((x) => x.device === o.device && x.says === o.says && x.really === o.really);
  return outlets.filter((o) => alike(o)[0] === o).map((o) => ({ ...o, alike: alike(o).length > 1 }));
}

function Lamps({ lamps }: { lamps: Schemas["Lamps"] }) {
  const all = [lamps.hotNeutral, lamps.hotGround, lamps.neutralGround];
  return (
    <svg width="46" height="14" viewBox="0 0 46 14" className="mr-1 inline" aria-hidden>
      {all.map((lit, i) => (
        <circle key={i} cx={7 + i * 16} cy="7" r="5.5" fill={lit ? "#f5c542" : "none"} stroke="var(--ink)" strokeWidth="1.6" />
      ))}
    </svg>
  );
}
