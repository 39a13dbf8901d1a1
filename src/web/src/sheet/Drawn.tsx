import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type Schemas } from "../api/client";
import { setSettings, useSettings } from "../api/settings";
import { useCatalogue } from "../model/job";
import { keys } from "../model/keys";
import { Outcome } from "../model/Outcome";
import { CablePicker, madeOf } from "../parts/CablePicker";
import { CableSize } from "../parts/CableSize";
import { Button, Choice } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { drawWords } from "../words/draw";

const w = drawWords.draw;
export type Spot = Schemas["SheetSpot"];

/** What drawing from one thing of the sheet to another may mean: each meaning with what it would do; one tap does it. */
export function Drawn({
  job,
  version,
  from,
  to,
  names,
  onDo,
  onClose,
}: {
  job: string;
  version: number;
  from: Spot;
  to: Spot;
  /** What both are called. */
  names: readonly [string, string];
  /** Does it; false where it was refused. */
  onDo: (edit: Schemas["Edit"]) => Promise<boolean>;
  onClose: () => void;
}) {
  const { cable: kept } = useSettings();
  const sorts = useCatalogue().data?.cables ?? [];
  const [run] = useState(() => newId("r"));
  const [meant, setMeant] = useState<Schemas["SheetMove"] | null>(null);
  const [picking, setPicking] = useState(false);
  const [doing, setDoing] = useState(false);
  const sort = sorts.find((s) => s.id === kept.size) ?? sorts[0];
  // Until somebody picks one, a new cable is like the one that is there.
  const cable = picking && sort ? madeOf(sort, kept) : null;
  const ways = useQuery({
    queryKey: keys.of(job, "draw", version, JSON.stringify([from, to, run, cable])),
    queryFn: () => must(api.POST("/api/jobs/{job}/sheet/draw", { params: { path: { job } }, body: { from, to, run, cable } })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled: !doing,
  });
  const all = ways.data ?? [];
  const way = all.find((x) => x.move === meant) ?? all[0];
  const act = async () => {
    setDoing(true);
    if (await onDo(way!.edit)) onClose();
    else setDoing(false);
  };
  return (
    <Sheet title={w.title(...names)} open onClose={onClose}>
      <div className="flex flex-col gap-4">
        {ways.error && <p role="alert">{ways.error.message}</p>}
        {ways.data?.length === 0 && <p>{w.nothing}</p>}
        {all.length > 1 && (
          <Choice label={w.means} value={way!.move} onChange={setMeant} options={all.map((x) => [x.move, w.moves[x.move]] as const)} />
        )}
        {way && (
          <>
            <p className="font-semibold">{way.says}</p>
            {way.move === "NewCable" && sort && (
              <details open={picking} onToggle={(e) => setPicking(e.currentTarget.open)}>
                <summary className="min-h-8 text-sm underline underline-offset-4">{w.another}</summary>
                <CablePicker sorts={sorts}>
                  {({ sort: { id, size } }) => (
                    <CableSize key={id} size={size} picked={id === sort.id} onPick={() => setSettings({ cable: { ...kept, size: id } })} />
                  )}
                </CablePicker>
              </details>
            )}
            {way.why && (
              <p role="alert" className="rounded-lg border-l-6 border-barn bg-barn-wash p-2">
                {way.why.says}
              </p>
            )}
            {way.outcome && <Outcome of={way.outcome} />}
            <p className="text-sm text-ink-2">{way.move === "ToBreaker" || from.stop == null || to.stop == null ? w.panel : w.record}</p>
            <Button look="main" disabled={doing || way.why != null || ways.isPlaceholderData} onClick={() => void act()}>
              {w.act[way.move]}
            </Button>
          </>
        )}
      </div>
    </Sheet>
  );
}
