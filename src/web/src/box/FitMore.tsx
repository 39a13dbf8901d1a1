import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, must, type BoxView } from "../api/client";
import { useSettings } from "../api/settings";
import { setGhost } from "../parts/ghost";
import { Button } from "../parts/controls";
import { Term } from "../parts/Term";
import { InsteadList } from "../parts/InsteadList";
import { length, volume } from "../parts/measure";
import { StillFits } from "../parts/StillFits";
import { words } from "../words";
import { sameBox } from "../model/sameBox";
import type { BoxEdit } from "../model/useBoxEdit";
import { keys } from "../model/keys";

const w = words.fitColumn;

/** What would do instead, what would still fit, how crowded and how deep it is. */
export const FitMore = memo(
  function FitMore({ job, view, edit }: { job: string; view: BoxView; edit: BoxEdit }) {
    const { units } = useSettings();
    const [looking, setLooking] = useState(false);
    const { fill, crowding, depth, stillFits } = view.report;
    const instead = useQuery({
      queryKey: keys.of(job, "instead", view.id, view.version, edit.of),
      queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/instead", { params: { path: { job, box: view.id }, query: edit.of } })),
      enabled: looking || fill.fit === "Over",
    });
    return (
      <div className="flex flex-col gap-4">
        <section className="by-itself rounded-2xl border-2 border-rule p-4">
          <h2 className="mb-1 text-lg">{w.instead}</h2>
          {instead.data && (looking || fill.fit === "Over") ? (
            <InsteadList answer={instead.data.answer} onApply={(_, i) => void edit.ready(instead.data.edits[i]!)} />
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
      </div>
    );
  },
  (was, is) => sameBox(was, is) && was.view.report === is.view.report,
);
