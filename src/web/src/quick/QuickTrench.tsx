import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, must, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { Ask, Choice } from "../parts/controls";
import { length } from "../parts/measure";
import { Answer } from "./Answer";
import { Section } from "./Section";
import { useAsked } from "./useAsked";
import { trenchWords as w } from "../words/trench";

type Raceway = (typeof w.whats)[number][0];

/** A trench from four answers, with no job open. The whole question is in the address. */
export default function QuickTrench() {
  const { text, put } = useAsked();
  const { units } = useSettings();
  const over = (text("over") || "Soil") as Schemas["BuriedUnder"];
  const [along, post, frost, raceway] = [text("along"), text("post") || "18", text("frost"), text("raceway") as Raceway];
  const guarded = text("guarded") === "yes";
  const ask = { along, over, guarded, post, raceway: raceway || null, ...(frost && { frost }) };
  const job = text("job");
  const answer = useQuery({
    queryKey: ["trench", ask, job],
    queryFn: () => must(api.POST("/api/trench", { params: { query: job ? { job } : {} }, body: ask })),
    enabled: along !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });
  const told = along ? answer.data : undefined;
  return (
    <div className="mx-auto grid max-w-6xl gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,26rem)_1fr]">
      <div className="flex flex-col gap-3">
        <h1 className="text-2xl">{w.title}</h1>
        <p className="text-sm text-ink-2">{w.how}</p>
        <div className="grid grid-cols-3 items-end gap-3">
          <Ask mono label={w.along} hint="40'" value={along} onKeep={(v) => put({ along: /^[\d.]+$/.test(v) ? `${v}'` : v })} />
          <Ask mono label={w.post} hint="18" value={post} onKeep={(v) => put({ post: v })} />
          <Ask mono label={w.frost} hint="36" value={frost} onKeep={(v) => put({ frost: v })} />
        </div>
        <Choice
          label={w.over}
          value={over}
          onChange={(v) => put({ over: v })}
          options={Object.entries(w.overs) as [Schemas["BuriedUnder"], string][]}
        />
        <Choice label={w.what} value={raceway} onChange={(v) => put({ raceway: v })} options={w.whats} />
        <Choice
          label={w.guarded}
          value={guarded ? "yes" : "no"}
          onChange={(v) => put({ guarded: v === "yes" ? v : "" })}
          options={[
            ["no", w.no],
            ["yes", w.yes],
          ]}
        />
      </div>
      <Answer error={answer.error}>
        {told && (
          <>
            <section className="rounded-2xl border-2 border-ink bg-card p-4">
              <p className="text-ink-2">{w.cover}</p>
              <p className="figure text-4xl text-barn">{length(told.cover, units)}</p>
              <p className="text-sm text-ink-2">{told.article}</p>
            </section>
            <Section title={w.dig} lines={told.dig} />
            <Section title={w.cuts} lines={told.cuts} />
            <Section title={w.before} lines={told.before} />
          </>
        )}
      </Answer>
    </div>
  );
}
