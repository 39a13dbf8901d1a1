import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { api, must, type Edit, type Schemas } from "../api/client";
import { useEdit, useHead } from "../model/job";
import { keys } from "../model/keys";
import { address } from "../parts/address";
import { Back } from "../parts/Back";
import { keyOf } from "../parts/breaker";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { sheetWords } from "../words/sheet";

const w = sheetWords.directory;
type Line = Schemas["DirectoryLineTold"];

/** The directory of a panel as it should be written, in the panel's own layout, beside what is written; and on paper. */
export default function Directory() {
  const { job = "", panel = "" } = useParams();
  const head = useHead(job);
  const edit = useEdit(job);
  const told = useQuery({
    queryKey: keys.of(job, "directory", panel),
    queryFn: () => must(api.GET("/api/jobs/{job}/panels/{panel}/directory", { params: { path: { job, panel } } })),
  });
  if (told.isPending || head.isPending) return <p className="text-ink-2">{words.loading}</p>;
  const own = head.data?.panels[panel];
  if (!told.data || !own) return <Nowhere error={told.error ?? head.error} />;
  const { lines, slots, free, pairs } = told.data;
  const write = (take: readonly Line[]) => {
    const should = new Map(take.map((l) => [l.key, l.should]));
    const breakers = (own.breakers ?? []).map((b) => (should.has(keyOf(b)) ? { ...b, says: should.get(keyOf(b)) ?? b.says } : b));
    void edit.mutateAsync({ edit: { do: "putPanel", id: panel, panel: { ...own, breakers } } as Edit }).catch(() => undefined);
  };
  const other = lines.filter((l) => l.should != null && l.should !== l.written);
  const rows = Math.ceil(slots / 2);
  return (
    <div className="mx-auto max-w-5xl">
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <div className="mr-auto">
          <Back to={address.sheet(job, panel)} />
          <h1 className="text-2xl">{w.title(told.data.panel)}</h1>
          <p className="text-ink-2">
            {head.data!.name}
            {own.mainAmperes != null && `, ${own.mainAmperes} A`}
          </p>
        </div>
        <span className="no-print flex gap-2">
          {other.length > 0 && (
            <Button look="main" onClick={() => write(other)}>
              {w.writeAll(other.length)}
            </Button>
          )}
          <Button onClick={() => window.print()}>{words.todayVerdicts.print}</Button>
        </span>
      </div>
      <p className="no-print mb-3 text-sm text-ink-2">{w.how}</p>
      <ol
        aria-label={w.title(told.data.panel)}
        className="by-itself grid grid-cols-1 gap-x-4 gap-y-1 sm:grid-flow-col sm:grid-cols-2"
        style={{ gridTemplateRows: `repeat(${rows}, auto)` }}
      >
        {[1, 2].flatMap((side) =>
          Array.from({ length: rows }, (_, i) => {
            const slot = side + 2 * i;
            return slot > slots ? null : (
              <Slot
                key={slot}
                slot={slot}
                lines={lines.filter((l) => l.slots.some((s) => parseInt(s, 10) === slot))}
                onWrite={(l) => write([l])}
              />
            );
          }),
        )}
      </ol>
      <p className="no-print mt-3">{w.room(free, pairs)}</p>
    </div>
  );
}

/** A slot with what is written for it and what should be; the second pole of a breaker points to the first. */
function Slot({ slot, lines, onWrite }: { slot: number; lines: readonly Line[]; onWrite: (line: Line) => void }) {
  return (
    <li className="flex min-h-12 items-start gap-3 rounded-lg border-2 border-rule bg-card px-2 py-1">
      <span className="figure w-7 text-right text-lg font-bold">{slot}</span>
      <div className="min-w-0 flex-1">
        {lines.length === 0 && <span className="text-ink-2">{w.empty}</span>}
        {lines.map((l) =>
          parseInt(l.slots[0]!, 10) !== slot ? (
            <span key={l.key} className="text-ink-2">
              {words.housePage.samePole(parseInt(l.slots[0]!, 10))}
            </span>
          ) : (
            <div key={l.key} className="flex flex-wrap items-baseline gap-x-3">
              <span className="min-w-0 flex-1 font-semibold">
                {l.should ?? l.written ?? w.nothing}
                {l.should != null && l.written != null && l.written !== l.should && (
                  <span className="no-print block text-sm font-normal text-ink-2">{w.written(l.written)}</span>
                )}
                {l.open && <span className="no-print block text-sm font-normal text-slate">{w.open}</span>}
              </span>
              <span className="figure text-sm text-ink-2">
                {l.amperes ?? "?"} A {l.legs}
              </span>
              {l.should != null && l.should !== l.written && (
                <button
                  type="button"
                  className="no-print min-h-9 px-1 text-sm underline underline-offset-4"
                  aria-label={`${w.write}: ${l.should}`}
                  onClick={() => onWrite(l)}
                >
                  {w.write}
                </button>
              )}
            </div>
          ),
        )}
      </div>
    </li>
  );
}
