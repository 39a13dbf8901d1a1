import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, must, newId, type BoxView, type Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { Button, Term } from "../parts/controls";
import { FitColumn } from "../parts/FitColumn";
import { InsteadList } from "../parts/InsteadList";
import { length, volume } from "../parts/measure";
import { StillFits } from "../parts/StillFits";
import { setGhost } from "../bench/ghost";
import type { Sel } from "../bench/select";
import { Verdicts } from "../bench/Verdicts";
import { words } from "../words";
import { sameBox } from "./sameBox";
import type { BoxEdit } from "./useBoxEdit";

const w = words.fitColumn;

/** The edits that turn the box into what was found to do instead. */
function editsOf(view: BoxView, option: Schemas["InsteadOption"]) {
  const parts = Object.entries(view.box.parts ?? {});
  const rings = parts.filter(([, p]) => p.role === "Ring" || p.role === "RaisedCover");
  const edits: ({ do: Schemas["Edit"]["do"] } & Record<string, unknown>)[] = [];
  const ringStays = option.keeps && rings.some(([, p]) => p.kind === option.ring);
  const devices = Object.keys(view.box.devices ?? {}).length > 0;
  const add = (kind: string) => edits.push({ do: "addPart", id: newId("p"), kind });
  if (!option.keeps && option.box) {
    if (option.ring) add(option.ring);
    edits.push({ do: "setBoxKind", kind: option.box });
    for (const [id] of option.ring ? parts : []) edits.push({ do: "removePart", id });
    for (const [id] of option.ring ? [] : parts) edits.unshift({ do: "removePart", id });
    if (!option.ring && devices) edits.sort((a, b) => Number(b.do === "setBoxKind") - Number(a.do === "setBoxKind"));
  } else if (option.ring && !ringStays) {
    add(option.ring);
    for (const [id] of rings) edits.push({ do: "removePart", id });
  }
  if (option.extension) add(option.extension);
  const now = view.box.clamps.value;
  if (now !== option.clamps || !option.keeps) edits.push({ do: "setClamps", clamps: { how: "Marked", value: option.clamps } });
  return edits;
}

export const FitPanel = memo(
  function FitPanel({
    job,
    view,
    edit,
    onLine,
    sel,
  }: {
    job: string;
    view: BoxView;
    edit: BoxEdit;
    onLine: (ids: readonly string[] | null) => void;
    sel: Sel | null;
  }) {
    const { units } = useSettings();
    const [looking, setLooking] = useState(false);
    const { fill, crowding, depth, stillFits } = view.report;
    const instead = useQuery({
      queryKey: ["job", job, "instead", view.id, view.version, edit.of],
      queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/instead", { params: { path: { job, box: view.id }, query: edit.of } })),
      enabled: looking || fill.fit === "Over",
    });
    return (
      <aside aria-label={w.title} className="flex flex-col gap-4">
        <section className={`rounded-2xl border-2 bg-card p-3 ${fill.fit === "Over" ? "border-barn" : "border-ink"}`}>
          <h2 className="mb-2 text-xl">
            <Term word="fill">{w.title}</Term>
          </h2>
          <FitColumn fill={fill} onLine={onLine} counts={sel?.id} />
          <a
            href={`/api/jobs/${job}/boxes/${view.id}/fill.csv`}
            download
            className="no-print mt-2 inline-block min-h-8 text-sm underline underline-offset-4"
          >
            {w.csv}
          </a>
        </section>
        <Verdicts findings={view.findings} opened={view.box.contents !== "NotOpened"} onPoint={onLine} />
        <section className="by-itself rounded-2xl border-2 border-rule p-4">
          <h2 className="mb-1 text-lg">{w.instead}</h2>
          {instead.data && (looking || fill.fit === "Over") ? (
            <InsteadList answer={instead.data} onApply={(o) => void edit.batch(`${w.instead}: ${o.says}`, editsOf(view, o))} />
          ) : (
            <Button className="no-print" onClick={() => setLooking(true)}>
              {w.insteadLook}
            </Button>
          )}
        </section>
        <section className="by-itself rounded-2xl border-2 border-rule p-4">
          <h2 className="mb-1 text-lg">{w.still}</h2>
          <StillFits additions={stillFits} onGhost={setGhost} />
        </section>
        <section className="by-itself rounded-2xl border-2 border-rule p-4">
          <h2 className="mb-1 text-lg">
            <Term word="crowding">{w.crowding}</Term>: {words.crowd[crowding.crowd].toLowerCase()}
          </h2>
          <p>
            {crowding.share == null ? w.crowdUnknown : w.crowdSays(`${crowding.share} %`)}{" "}
            <span className="text-sm text-ink-2">({w.practice})</span>
          </p>
          <ul className="mt-1 text-sm">
            {crowding.lines.map((l, i) => (
              <li key={i} className="flex flex-wrap gap-x-3 border-t border-rule py-1">
                <span className="flex-1">
                  {l.count} {l.name}
                </span>
                <span className="figure">{volume(l.room, units)}</span>
                <span className="w-full text-ink-2">{l.how}</span>
              </li>
            ))}
          </ul>
        </section>
        {depth.length > 0 && (
          <section className="by-itself rounded-2xl border-2 border-rule p-4">
            <h2 className="mb-1 text-lg">{w.depth}</h2>
            <ul className="text-sm">
              {depth.map((d, i) => (
                <li key={i} className="border-t border-rule py-1 first:border-t-0">
                  <b className={d.passes === false ? "text-barn" : d.passes === true ? "text-moss" : "text-slate"}>
                    {d.passes === false ? words.depth.short : d.passes === true ? words.depth.enough : words.depth.unknown}
                  </b>{" "}
                  {d.device}: {words.depth.needs(length(d.needed, units), d.depth ? length(d.depth, units) : null)}{" "}
                  <span className="text-ink-2">{d.article}</span>
                </li>
              ))}
            </ul>
          </section>
        )}
      </aside>
    );
  },
  (was, is) => sameBox(was, is) && was.view.report === is.view.report && was.view.findings === is.view.findings,
);
