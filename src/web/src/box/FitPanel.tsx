import { memo } from "react";
import type { BoxView } from "../api/client";
import type { Sel } from "../bench/select";
import { Term } from "../parts/Term";
import { FitColumn } from "../parts/FitColumn";
import { words } from "../words";
import { sameBox } from "../model/sameBox";
import { served } from "../parts/address";

const w = words.fitColumn;

/** The Fit column of the box: tap a band and its leads light up. */
export const FitPanel = memo(
  function FitPanel({
    job,
    view,
    onLine,
    sel,
  }: {
    job: string;
    view: BoxView;
    onLine: (ids: readonly string[] | null) => void;
    sel: Sel | null;
  }) {
    const { fill } = view.report;
    return (
      <aside aria-label={w.title}>
        <section className={`rounded-2xl border-2 bg-card p-3 ${fill.fit === "Over" ? "border-barn" : "border-ink"}`}>
          <h2 className="sr-only">{w.title}</h2>
          <FitColumn fill={fill} onLine={onLine} counts={sel?.id} tall={170} tight />
          <div className="no-print mt-1 flex items-center justify-between text-sm">
            <Term word="fill">{w.what}</Term>
            <a href={served.fill(job, view.id)} download className="inline-block min-h-8 underline underline-offset-4">
              {w.csv}
            </a>
          </div>
        </section>
      </aside>
    );
  },
  (was, is) => sameBox(was, is) && was.view.report === is.view.report,
);
