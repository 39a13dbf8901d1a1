import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useParams, useSearchParams } from "react-router";
import { api, must } from "../api/client";
import { keys } from "../model/keys";
import { address, served } from "../parts/address";
import { Back } from "../parts/Back";
import { Button, Choice } from "../parts/controls";
import { Field } from "../parts/Field";
import { Nowhere } from "../parts/Nowhere";
import { say } from "../parts/Notices";
import { words } from "../words";
import { outageWords as w } from "../words/stages";

const HANDS = ["1", "2", "3", "4"] as const;

/** Tomorrow at eight, as the household's clock says it. */
const tomorrow = () => {
  const day = new Date(Date.now() + 86_400_000);
  day.setHours(8, 0, 0, 0);
  return local(day);
};

const local = (at: Date) => new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);

/** A time with the offset of this clock, so that the notice says the household's hours. */
const offset = (text: string) => {
  const minutes = -new Date(text).getTimezoneOffset();
  const [h, m] = [Math.floor(Math.abs(minutes) / 60), Math.abs(minutes) % 60];
  return `${text}:00${minutes < 0 ? "-" : "+"}${String(h).padStart(2, "0")}:${String(m).padStart(2, "0")}`;
};

const clock = (iso: string) => iso.slice(11, 16);

/** What goes off when, over all open Changes: who does what, what is dark, and the notice to the household. */
export default function Outage() {
  const { job = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const start = search.get("start") ?? tomorrow();
  const hands = HANDS.find((h) => h === search.get("hands")) ?? "1";
  const put = (change: Record<string, string>) => setSearch({ start, hands, ...change }, { replace: true });
  const good = !Number.isNaN(Date.parse(start));
  const asked = { start: good ? offset(start) : "", hands: Number(hands) };
  const outage = useQuery({
    queryKey: keys.of(job, "outage", asked.start, hands),
    queryFn: () => must(api.GET("/api/jobs/{job}/outage", { params: { path: { job }, query: asked } })),
    enabled: good,
    placeholderData: keepPreviousData,
  });
  if (outage.isPending && good) return <p className="text-ink-2">{words.loading}</p>;
  if (!outage.data) return <Nowhere error={outage.error} />;
  const told = outage.data;
  const notice = told.notice.join("\n\n");
  return (
    <div className="mx-auto max-w-5xl">
      <div className="no-print">
        <Back to={address.changes(job)} name={words.changes} />
        <h1 className="text-2xl">{w.title}</h1>
        <p className="mb-3 text-ink-2">{w.how}</p>
        <div className="mb-4 flex flex-wrap items-end gap-4">
          <Field label={w.start} type="datetime-local" value={start} onType={(at) => put({ start: at })} wide={false} />
          <Choice label={w.hands} value={hands} onChange={(h) => put({ hands: h })} options={HANDS.map((h) => [h, h] as const)} />
          {told.dark.length > 0 && (
            <a
              className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
              href={served.outage(job, asked.start, asked.hands)}
              download
            >
              {w.ics}
            </a>
          )}
        </div>
        {told.notKnown.length > 0 && (
          <p className="mb-3 rounded-lg border-l-6 border-slate bg-slate-wash p-2">{w.notKnown(told.notKnown)}</p>
        )}
        {told.dark.length === 0 && <p>{w.nothing}</p>}
      </div>
      <div className="grid items-start gap-6 md:grid-cols-2">
        <div className="no-print">
          <ul className="flex flex-col gap-2">
            {told.dark.map((d) => (
              <li key={d.key} className="rounded-xl border-2 border-ink bg-card p-3">
                <b>{d.breaker}</b>
                <p className="figure">{w.from(clock(d.from), clock(d.until), d.minutes)}</p>
                <p className="text-sm text-ink-2">
                  {w.rooms}: {d.rooms.join(", ") || "?"}
                </p>
                {d.things.length > 0 && (
                  <p className="text-sm font-semibold">
                    {w.things}: {d.things.join(", ")}
                  </p>
                )}
              </li>
            ))}
          </ul>
          {told.dark.length > 0 && <p className="my-2 text-sm">{w.ask}</p>}
          {told.slots.length > 0 && <h2 className="mt-4 text-lg">{w.who}</h2>}
          <ul>
            {told.slots.map((s) => (
              <li key={`${s.change}|${s.box}`} className="flex gap-3 border-t border-rule py-1.5">
                <span className="figure shrink-0">
                  {clock(s.from)}–{clock(s.until)}
                </span>
                <span className="min-w-0 flex-1">
                  {s.name}
                  <span className="block text-sm text-ink-2">
                    {s.changeName} · {s.breakers.join(", ")}
                  </span>
                </span>
                <span className="shrink-0 text-sm">{w.hand(s.hand)}</span>
              </li>
            ))}
          </ul>
        </div>
        <section aria-label={w.notice} className="rounded-2xl border-2 border-ink bg-card p-4">
          <h2 className="text-lg">{w.notice}</h2>
          {told.notice.map((line) => (
            <p key={line} className="my-2 text-lg">
              {line}
            </p>
          ))}
          <div className="no-print flex gap-2">
            <Button onClick={() => void navigator.clipboard.writeText(notice).then(() => say(w.copied, "fine"))}>{w.copy}</Button>
            <Button onClick={() => window.print()}>{w.print}</Button>
          </div>
        </section>
      </div>
    </div>
  );
}
