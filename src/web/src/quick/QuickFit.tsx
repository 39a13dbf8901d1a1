import { useQuery } from "@tanstack/react-query";
import { keepPreviousData } from "@tanstack/react-query";
import { Link2, RotateCcw } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { api, must } from "../api/client";
import { useCatalogue } from "../model/job";
import { useSettings } from "../api/settings";
import { Button, Choice } from "../parts/controls";
import { CablePicker } from "../parts/CablePicker";
import { Term } from "../parts/Term";
import { FitColumn } from "../parts/FitColumn";
import { InsteadList } from "../parts/InsteadList";
import { KindPicker } from "../parts/KindPicker";
import { volume } from "../parts/measure";
import { say } from "../parts/Notices";
import { StillFits } from "../parts/StillFits";
import { boxChoices } from "../model/kinds";
import { words } from "../words";
import { address } from "../parts/address";
import { Group, Tap, TypedMark } from "./Taps";
import { blank, cableKey, cableOf, fromSearch, isEmpty, plain, toSearch, unknownCables, type Form, type Question } from "../model/question";
import { OnTheBox } from "./OnTheBox";
import { keys } from "../model/keys";

const KeepAsBox = lazy(() => import("../model/KeepAsBox"));
const usualDevices = ["receptacle", "switch", "protective", "dimmer"];
const moreDevices = ["luminaire", "switch-3way", "smart-switch", "combination", "range-receptacle"];
const marks = ["16", "18", "20", "22.5"];
const w = words.quickFit;

const deviceWords: Record<string, string> = {
  receptacle: "receptacle",
  switch: "switch",
  protective: "GFCI",
  dimmer: "dimmer",
  luminaire: "luminaire",
  "switch-3way": "three-way",
  "smart-switch": "smart switch",
  combination: "switch + receptacle",
  "range-receptacle": "range, two gangs",
};

/** Does it fit, with no job open and one thumb. The whole question is in the address. */
export default function QuickFit() {
  const [search, setSearch] = useSearchParams();
  const question = fromSearch(search);
  const { units } = useSettings();
  const [more, setMore] = useState(false);
  const [kinds, setKinds] = useState(false);
  const [form, setForm] = useState<Form>("Ended");
  const [keeping, setKeeping] = useState(false);
  const catalogue = useCatalogue();
  const job = search.get("job") ?? "";
  const set = (change: Partial<Question>) => {
    const next = toSearch({ ...question, ...change });
    if (job) next.set("job", job);
    setSearch(next, { replace: true });
  };
  const sorts = catalogue.data?.cables ?? [];
  const asked = plain(question, sorts);
  const unknown = sorts.length === 0 ? [] : unknownCables(question, sorts);
  const empty = isEmpty(question) || sorts.length === 0 || unknown.length > 0;
  const boxed = Boolean(question.mark || question.kind);
  const answer = useQuery({
    queryKey: keys.fill(asked),
    queryFn: () => must(api.POST("/api/fill", { body: asked })),
    enabled: !empty,
    placeholderData: keepPreviousData,
  });
  const instead = useQuery({
    queryKey: keys.instead([asked, job]),
    queryFn: () => must(api.POST("/api/fill/instead", { params: { query: job ? { job } : {} }, body: asked })),
    enabled: !empty,
    placeholderData: keepPreviousData,
  });
  const fill = empty ? undefined : answer.data?.fill;
  const kind = catalogue.data?.boxes.find((b) => b.id === question.kind);
  const link = async () => {
    try {
      await navigator.clipboard.writeText(window.location.href);
      say(w.linked, "fine");
    } catch {
      say(w.linkHere, "fine");
    }
  };

  return (
    <div className="mx-auto grid max-w-6xl gap-x-10 gap-y-4 pb-24 lg:grid-cols-[minmax(0,26rem)_1fr] lg:pb-4">
      <div className="flex flex-col gap-3">
        <div className="flex items-center justify-between">
          <h1 className="text-2xl">{words.quick}</h1>
          <Link to={address.mark(job)} className="inline-flex min-h-11 items-center text-sm underline underline-offset-4">
            {words.mark}
          </Link>
          <div className="flex items-center gap-1">
            <select
              aria-label={words.bookPage.edition}
              className="figure min-h-11 rounded-lg border-2 border-rule bg-card px-2"
              value={question.edition}
              onChange={(e) => set({ edition: e.target.value as Question["edition"] })}
            >
              {Object.entries(words.edition).map(([id, name]) => (
                <option key={id} value={id}>
                  NEC {name}
                </option>
              ))}
            </select>
            <button type="button" aria-label={w.clear} className="grid size-11 place-items-center rounded-lg" onClick={() => set(blank)}>
              <RotateCcw size={20} aria-hidden />
            </button>
          </div>
        </div>
        <div role="group" aria-label={w.cables}>
          <div className="mb-1 flex flex-wrap items-center justify-between gap-2 text-sm text-ink-2">
            {w.cables}
            {(more || Object.keys(question.cables).some((k) => cableOf(k).form !== "Ended")) && (
              <Choice hide label={w.forms} value={form} onChange={setForm} options={Object.entries(w.form) as [Form, string][]} />
            )}
          </div>
          {sorts.length > 0 && (
            <CablePicker sorts={sorts} plain>
              {({ sort: { id, size } }) => (
                <Tap
                  key={id}
                  name={size}
                  count={question.cables[cableKey(id, form)] ?? 0}
                  onCount={(n) => set({ cables: { ...question.cables, [cableKey(id, form)]: n } })}
                />
              )}
            </CablePicker>
          )}
        </div>
        <Group title={w.front}>
          {[...usualDevices, ...(more ? moreDevices : moreDevices.filter((d) => question.devices[d]))].map((d) => (
            <Tap
              key={d}
              name={deviceWords[d] ?? d}
              count={question.devices[d] ?? 0}
              onCount={(n) => set({ devices: { ...question.devices, [d]: n } })}
            />
          ))}
        </Group>
        {!more && (
          <button type="button" className="-my-1 min-h-9 self-start text-sm underline underline-offset-4" onClick={() => setMore(true)}>
            {w.more}
          </button>
        )}
        <Choice
          label={w.clamps}
          value={question.clamps}
          onChange={(clamps) => set({ clamps })}
          options={[
            ["Internal", words.clamps.Internal],
            ["Outside", words.clamps.Outside],
            ["Flap", words.clamps.Flap],
          ]}
        />
        <div>
          <div className="mb-1 text-sm text-ink-2">
            <Term word="mark">{w.mark(units)}</Term>
          </div>
          <div className="flex flex-wrap gap-1.5">
            {marks.map((m) => (
              <button
                key={m}
                type="button"
                aria-pressed={question.mark === m}
                className="figure min-h-12 min-w-14 flex-1 rounded-lg border-2 border-rule bg-card font-bold
                  aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-on-ink"
                onClick={() => set({ mark: question.mark === m ? "" : m, kind: "" })}
              >
                {units === "metric" ? volume(Number(m), units, false) : m}
              </button>
            ))}
            <TypedMark
              label={w.mark(units)}
              value={marks.includes(question.mark) ? "" : question.mark.replace("cm3", "")}
              onType={(typed) => set({ mark: typed && units === "metric" ? `${typed}cm3` : typed, kind: "" })}
            />
            <Button className="flex-1" look={kind ? "main" : "plain"} onClick={() => setKinds(true)}>
              {kind?.name ?? w.kinds}
            </Button>
          </div>
        </div>
        {catalogue.data && <OnTheBox catalogue={catalogue.data} question={question} set={set} />}
      </div>

      <div className="flex flex-col gap-4">
        <section
          aria-live="polite"
          className={`rounded-2xl border-2 p-4 ${fill?.fit === "Over" ? "border-barn bg-barn-wash" : "border-ink bg-card"}`}
          data-fit={fill?.fit}
        >
          {!fill && (
            <>
              <p className="text-lg font-bold">{unknown.length > 0 ? w.unknownCable(unknown.join(", ")) : w.nothing}</p>
              <p className="text-ink-2">{unknown.length > 0 ? w.unknownHow : w.nothingHow}</p>
            </>
          )}
          {fill && (
            <>
              <p className={`text-3xl font-bold ${fill.fit === "Over" ? "text-barn" : ""}`}>
                {fill.fit === "Over"
                  ? w.over(volume(-(fill.left.high ?? fill.left.low), units))
                  : fill.fit === "Fits"
                    ? w.left(volume(fill.left.low, units))
                    : fill.fit === "ExactlyFull"
                      ? w.full
                      : !boxed
                        ? `${volume(fill.needed.low, units)}`
                        : words.fit[fill.fit]}
              </p>
              <p className="mb-3 text-ink-2">{boxed ? (fill.fit === "Fits" || fill.fit === "ExactlyFull" ? w.fitsNote : "") : w.noBox}</p>
              <FitColumn fill={fill} tall={190} />
            </>
          )}
        </section>
        {fill && instead.data && (!boxed || fill.fit === "Over") && (
          <section className="rounded-2xl border-2 border-dashed border-rule p-4">
            <h2 className="mb-1 text-lg">{w.instead}</h2>
            <InsteadList answer={{ ...instead.data, options: instead.data.options.slice(0, 4) }} />
          </section>
        )}
        {fill && boxed && answer.data && (
          <section className="rounded-2xl border-2 border-rule p-4">
            <h2 className="mb-1 text-lg">{words.fitColumn.still}</h2>
            <StillFits additions={answer.data.stillFits} />
          </section>
        )}
      </div>

      <div
        className="no-print fixed inset-x-0 bottom-(--bar) z-30 flex gap-2 border-t-2 border-rule bg-lime p-3 lg:static
        lg:col-span-2 lg:border-0 lg:p-0"
      >
        <Button onClick={() => void link()} disabled={empty} className="min-h-14 px-6">
          <Link2 size={18} aria-hidden /> {w.link}
        </Button>
        <Button look="main" disabled={empty} onClick={() => setKeeping(true)} className="min-h-14 flex-1 lg:flex-none lg:px-10">
          {w.keepAs}
        </Button>
      </div>

      <KindPicker
        title={words.box.kind}
        open={kinds}
        onClose={() => setKinds(false)}
        kinds={
          catalogue.data
            ? boxChoices({ ...catalogue.data, boxes: catalogue.data.boxes.filter((b) => b.volume != null) }, (b) =>
                volume(b.volume!, units),
              )
            : []
        }
        onPick={(id) =>
          set({ kind: id, mark: "", clamps: question.clamps ?? catalogue.data?.boxes.find((b) => b.id === id)?.clamps ?? null })
        }
      />
      <Suspense>{keeping && <KeepAsBox question={question} job={job} onClose={() => setKeeping(false)} />}</Suspense>
    </div>
  );
}
