import { Search } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { newId } from "../api/client";
import { useCatalogue, useEdit, useToday, useVerdicts } from "../model/job";
import { useSettings } from "../api/settings";
import { Button, Choice } from "../parts/controls";
import { Empty } from "../parts/Empty";
import { KindPicker } from "../parts/KindPicker";
import { volume } from "../parts/measure";
import { Nowhere } from "../parts/Nowhere";
import { boxChoices } from "../model/kinds";
import { words } from "../words";
import { todayWords as w } from "../words/today";
import { troubleWords } from "../words/trouble";
import { BoxList } from "./BoxList";
import { Interims } from "./Interims";
import { ByStage, Next } from "./Next";
import { OpenRuns } from "./OpenRuns";
import { PunchList, type Sort } from "./PunchList";
import { RoomSheet } from "./RoomSheet";
import { Troubles } from "./Troubles";
import { address, served } from "../parts/address";

const v = words.todayVerdicts;
const SHOWS = ["all", "Stop", "Fix", "Better", "measure"] as const;
type Show = (typeof SHOWS)[number];

/** Where the job stands: what can hurt somebody now, what fails, what nobody knows yet; and every box with its fill. */
export default function Today() {
  const { job = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const today = useToday(job);
  const verdicts = useVerdicts(job);
  const catalogue = useCatalogue();
  const edit = useEdit(job);
  const navigate = useNavigate();
  const { units } = useSettings();
  const [room, setRoom] = useState(false);
  const [sort, setSort] = useState<Sort>("verdict");
  const find = search.get("find") ?? "";
  const adding = search.get("add") === "1";
  const show = SHOWS.find((s) => s === search.get("show")) ?? "all";
  const put = (change: Record<string, string>) => {
    const next = { ...(find ? { find } : {}), ...(show === "all" ? {} : { show }), ...change };
    setSearch(Object.fromEntries(Object.entries(next).filter(([, x]) => x !== "" && x !== "all")), { replace: true });
  };
  if (today.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!today.data) return <Nowhere error={today.error} />;
  const data = today.data;
  const templates = catalogue.data?.templates ?? [];
  const parts = find.toLowerCase().split(/\s+/).filter(Boolean);
  const has = (text: string) => parts.every((p) => text.toLowerCase().includes(p));
  const all = [...data.over, ...data.full, ...data.unknown, ...data.fine];
  const boxes = all.filter((b) => has(`${b.name} ${b.place ?? ""} ${b.kindName}`));
  const found = (verdicts.data ?? []).filter((f) => has(`${f.name} ${f.place ?? ""} ${all.find((b) => b.id === f.box)?.kindName ?? ""}`));
  const count = (verdict: string) => found.filter((f) => f.finding.verdict === verdict).length;
  const toMeasure = boxes.reduce((n, b) => n + b.measure, 0);
  const addBox = async (kind: string) => {
    const id = newId("b");
    const template = templates.find((t) => `template|${t.id}` === kind);
    const kindName = catalogue.data?.boxes.find((b) => b.id === kind)?.name ?? kind;
    const name = (template?.name ?? kindName).replace(/^./, (c) => c.toUpperCase());
    if (template) await edit.keep({ box: id, name, holds: template.box, says: `${w.template}: ${template.name}` });
    else await edit.mutateAsync({ edit: { do: "addBox", id, name, kind } });
    void navigate(address.box(job, id));
  };
  const kinds = [
    ...templates.map((t) => ({ id: `template|${t.id}`, name: t.name, right: w.template, group: w.template })),
    ...(catalogue.data ? boxChoices(catalogue.data, (b) => (b.volume == null ? "" : volume(b.volume, units))) : []),
  ];
  const shows: readonly (readonly [Show, string])[] = [
    ["all", `${v.all} ${found.length}`],
    ["Stop", `${words.verdict.Stop} ${count("Stop")}`],
    ["Fix", `${words.verdict.Fix} ${count("Fix")}`],
    ["Better", `${words.verdict.Better} ${count("Better")}`],
    ["measure", `${v.measure} ${toMeasure}`],
  ];

  return (
    <div className="mx-auto max-w-7xl">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <div className="mr-auto">
          <h1 className="text-2xl">{data.job.name}</h1>
          <p className="text-ink-2">
            {w.counted(all.length)} · NEC {words.edition[data.job.profile.edition]}
            {data.binned > 0 && ` · ${w.bin(data.binned)}`} ·{" "}
            <Link to={address.log(job)} className="underline underline-offset-4">
              {words.log}
            </Link>
          </p>
        </div>
        <label className="no-print flex min-h-11 items-center gap-2 rounded-xl border-2 border-rule bg-card px-3">
          <Search size={18} aria-hidden />
          <input
            aria-label={w.search}
            placeholder={w.search}
            className="w-56 bg-transparent outline-none"
            value={find}
            onChange={(e) => put({ find: e.target.value })}
          />
        </label>
        <Link
          to={address.troubles(job)}
          className="no-print inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
        >
          {troubleWords.todayNone}
        </Link>
        <Button className="no-print" onClick={() => setRoom(true)}>
          {w.room}
        </Button>
        <Button className="no-print" look="main" onClick={() => setSearch({ add: "1" })}>
          {w.addBox}
        </Button>
      </div>
      <Troubles job={job} />
      <Interims job={job} interims={data.interims} boxes={all} send={(e) => edit.mutate({ edit: e })} />
      {all.length === 0 && (
        <Empty title={w.empty} how={w.emptyHow}>
          <Link
            to={`/quick?job=${job}`}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-ink px-5 font-semibold text-on-ink"
          >
            {words.quick}
          </Link>
        </Empty>
      )}
      {all.length > 0 && boxes.length === 0 && <p>{w.none}</p>}
      {boxes.length > 0 && (
        <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
          <section aria-label={v.show}>
            <div className="no-print mb-2 flex flex-wrap items-end justify-between gap-3">
              <Choice hide label={v.show} value={show} onChange={(s) => put({ show: s })} options={shows} />
              <Choice
                hide
                label={v.sort}
                value={sort}
                onChange={setSort}
                options={[
                  ["verdict", v.byVerdict],
                  ["room", v.byRoom],
                ]}
              />
            </div>
            {show === "measure" && <OpenRuns job={job} has={has} />}
            <PunchList job={job} show={show} sort={sort} found={found} boxes={boxes} />
            <div className="no-print mt-3 flex flex-wrap gap-3">
              <a
                href={served.verdicts(job)}
                download
                className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
              >
                {v.csv}
              </a>
              <Button onClick={() => window.print()}>{v.print}</Button>
            </div>
          </section>
          <div>
            {!find && <Next job={job} next={data.next} />}
            {!find && <ByStage job={job} stages={data.stages} />}
            <BoxList job={job} data={data} keep={(b) => boxes.includes(b)} />
          </div>
        </div>
      )}
      <KindPicker title={w.addBox} open={adding} onClose={() => put({ add: "" })} kinds={kinds} onPick={(id) => void addBox(id)} />
      {room && <RoomSheet job={job} head={data.job} onClose={() => setRoom(false)} />}
    </div>
  );
}
