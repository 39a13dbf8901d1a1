import { Button } from "../parts/controls";
import { troubleWords as w } from "../words/trouble";
import type { useTrouble } from "./useTrouble";

/** How far the weighing is, and that it can be stopped; once stopped, that it can be taken up again. */
export function Weighing({ told, share, stop }: Pick<ReturnType<typeof useTrouble>, "told" | "share" | "stop">) {
  const going = told.isFetching;
  return (
    <div role="status" className="flex items-center gap-3 rounded-xl bg-card p-2 font-semibold text-ink-2">
      {going ? (
        <>
          <span>{w.weighing}</span>
          <span role="progressbar" aria-label={w.weighing} aria-valuenow={Math.round(100 * share)} className="h-3 flex-1 bg-rule">
            <span className="block h-full bg-slate" style={{ width: `${100 * share}%` }} />
          </span>
          <span className="figure w-12 text-right">{Math.round(100 * share)} %</span>
        </>
      ) : (
        <span className="flex-1">{w.stopped}</span>
      )}
      <Button onClick={going ? stop : () => void told.refetch()}>{going ? w.stop : w.weigh}</Button>
    </div>
  );
}
