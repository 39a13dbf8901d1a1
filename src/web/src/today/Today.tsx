import { Search } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { newId, type Edit, type Schemas } from "../api/client";
import { useCatalogue, useEdit, useToday } from "../api/job";
import { useSettings } from "../api/settings";
import { Button } from "../parts/controls";
import { Empty } from "../parts/Empty";
import { FitBadge } from "../parts/FitBadge";
import { KindPicker } from "../parts/KindPicker";
import { span, volume } from "../parts/measure";
import { editsOf } from "../quick/KeepAsBox";
import { words } from "../words";
import { RoomSheet } from "./RoomSheet";
import { templates } from "./templates";

type Box = Schemas["BoxSummary"];
const w = words.todayPage;

/** Where the job stands: over-full first, then what just fits, then what nobody knows. */
export default function Today() {
  const { job = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const today = useToday(job);
  const catalogue = useCatalogue();
  const edit = useEdit(job);
  const navigate = useNavigate();
  const { units } = useSettings();
  const [room, setRoom] = useState(false);
  const find = search.get("find") ?? "";
  const adding = search.get("add") === "1";
  const setFind = (text: string) => setSearch(text ? { find: text } : {}, { replace: true });
  if (today.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!today.data) return <p>{words.notFound}</p>;
  const data = today.data;
  const parts = find.toLowerCase().split(/\s+/).filter(Boolean);
  const keep = (boxes: readonly Box[]) =>
    boxes.filter((b) => parts.every((p) => `${b.name} ${b.place ?? ""} ${b.kindName}`.toLowerCase().includes(p)));
  const groups = [
    ["over", w.over, w.overNone, keep(data.over)],
    ["full", w.full, w.fullNone, keep(data.full)],
    ["unknown", w.unknown, w.unknownNone, keep(data.unknown)],
    ["fine", w.fine, w.fineNone, keep(data.fine)],
  ] as const;
  const total = data.over.length + data.full.length + data.unknown.length + data.fine.length;
  const shown = groups.reduce((n, g) => n + g[3].length, 0);
  const addBox = async (kind: string) => {
    const id = newId("b");
    const template = templates.find((t) => `template|${t.id}` === kind);
    const kindName = catalogue.data?.boxes.find((b) => b.id === kind)?.name ?? kind;
    const name = (template?.name ?? kindName).replace(/^./, (c) => c.toUpperCase());
    const one = template
      ? { do: "batch", name: `${w.template}: ${template.name}`, edits: editsOf(template.question, id, name, null) }
      : { do: "addBox", id, name, kind };
    await edit.mutateAsync({ edit: one as Edit });
    void navigate(`/jobs/${job}/boxes/${id}`);
  };
  const kinds = [
    ...templates.map((t) => ({ id: `template|${t.id}`, name: t.name, right: w.template, group: w.template })),
    ...(catalogue.data?.boxes ?? []).map((b) => ({ id: b.id, name: b.name, right: b.volume == null ? "" : volume(b.volume, units) })),
  ];

  return (
    <div className="mx-auto max-w-7xl">
      <div className="mb-5 flex flex-wrap items-center gap-2">
        <div className="mr-auto">
          <h1 className="text-2xl">{data.job.name}</h1>
          <p className="text-ink-2">
            {w.counted(total)} · NEC {words.edition[data.job.profile.edition]}
            {data.binned > 0 && ` · ${w.bin(data.binned)}`}
          </p>
        </div>
        <label className="flex min-h-11 items-center gap-2 rounded-xl border-2 border-rule bg-card px-3">
          <Search size={18} aria-hidden />
          <input
            aria-label={w.search}
            placeholder={w.search}
            className="w-56 bg-transparent outline-none"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        </label>
        <Button onClick={() => setRoom(true)}>{w.room}</Button>
        <a
          href={`/api/jobs/${job}/boxes.csv`}
          download
          className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
        >
          {w.csv}
        </a>
        <Button look="main" onClick={() => setSearch({ add: "1" })}>
          {w.addBox}
        </Button>
      </div>
      {total === 0 && (
        <Empty title={w.empty} how={w.emptyHow}>
          <Link
            to={`/quick?job=${job}`}
            className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-ink px-5 font-semibold text-on-ink"
          >
            {words.quick}
          </Link>
        </Empty>
      )}
      {total > 0 && shown === 0 && <p>{w.none}</p>}
      {total > 0 && shown > 0 && (
        <div className="grid gap-6 md:grid-cols-2 xl:grid-cols-[1.15fr_1fr_1fr]">
          {[[groups[0]!, groups[1]!], [groups[2]!], [groups[3]!]].map((column, i) => (
            <div key={i} className="flex flex-col gap-6">
              {column.map(([key, title, none, boxes]) => (
                <section key={key} aria-label={title}>
                  <h2
                    className={`mb-2 flex items-baseline gap-2 border-b-2 pb-1 text-lg ${key === "over" && boxes.length > 0 ? "border-barn text-barn" : "border-ink"}`}
                  >
                    {title} <span className="figure text-base">{boxes.length}</span>
                  </h2>
                  {boxes.length === 0 && <p className="text-ink-2">{none}</p>}
                  <ul className="flex flex-col gap-1.5">
                    {boxes.map((b) => (
                      <li key={b.id}>
                        <Link
                          to={`/jobs/${job}/boxes/${b.id}`}
                          className={`block rounded-xl border-2 px-3 py-2 hover:border-ink ${key === "over" ? "border-barn bg-barn-wash" : "border-rule bg-card"}`}
                        >
                          <span className="flex flex-wrap items-center justify-between gap-x-3">
                            <b>{b.name}</b>
                            {key !== "fine" && <FitBadge fit={b.fit} />}
                          </span>
                          <span className="flex flex-wrap justify-between gap-x-3 text-sm">
                            <span className="text-ink-2">{[b.place, b.kindName].filter(Boolean).join(" · ")}</span>
                            <span className="figure ml-auto font-bold">{figure(b, units)}</span>
                          </span>
                        </Link>
                      </li>
                    ))}
                  </ul>
                </section>
              ))}
            </div>
          ))}
        </div>
      )}
      <KindPicker
        title={w.addBox}
        open={adding}
        onClose={() => setSearch({}, { replace: true })}
        kinds={kinds}
        onPick={(id) => void addBox(id)}
      />
      {room && <RoomSheet job={job} head={data.job} onClose={() => setRoom(false)} />}
    </div>
  );
}

function figure(b: Box, units: ReturnType<typeof useSettings>["units"]): string {
  if (b.fit === "Over") return w.over_by(volume(-(b.left.high ?? b.left.low), units));
  if (b.fit === "Fits") return w.left_(span(b.left, units));
  if (b.fit === "ExactlyFull") return span(b.available, units);
  return b.needed.low > 0 ? w.atLeast(volume(b.needed.low, units)) : "";
}
