import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { words } from "../words";
import { Button } from "./controls";
import { FitBadge } from "./FitBadge";
import { volume } from "./measure";

type Option = Schemas["ToldOption"];

/** What would do instead, best first, and the next smaller with why not. */
export function InsteadList({ answer, onApply }: { answer: Schemas["ToldInstead"]; onApply?: (option: Option, index: number) => void }) {
  const { units } = useSettings();
  if (answer.cannotTell) return <p className="text-ink-2">{answer.cannotTell}</p>;
  return (
    <div>
      {answer.options.length === 0 && <p>{words.fitColumn.nothingFits}</p>}
      <ol>
        {answer.options.map((o, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule py-2 first:border-t-0">
            <div className="min-w-48 flex-1">
              <div className="font-semibold first-letter:uppercase">
                {o.says}
                {o.inVan && (!o.keeps || o.ring || o.extension) && (
                  <span className="ml-2 inline-block rounded-full border border-moss px-2 text-sm font-normal text-moss normal-case">
                    {words.fitColumn.inVan}
                  </span>
                )}
              </div>
              <div className="text-sm text-ink-2">
                <span className="figure">
                  {volume(o.needed, units, false)} / {volume(o.available, units)}
                </span>
                , {o.left === 0 ? words.quickFit.full.toLowerCase() : words.quickFit.left(volume(o.left, units))} ·{" "}
                {o.keeps ? words.fitColumn.keepsBox : words.fitColumn.newBox} · {words.fitColumn.opens(o.opens)}
              </div>
            </div>
            {onApply && (
              <Button onClick={() => onApply(o, i)} aria-label={`${words.fitColumn.apply}: ${o.says}`}>
                {words.fitColumn.apply}
              </Button>
            )}
          </li>
        ))}
      </ol>
      {answer.nextSmaller && (
        <div className="mt-2 rounded-lg border-2 border-dashed border-rule p-3 text-sm">
          <div className="flex flex-wrap items-center gap-2">
            <span className="text-ink-2">{words.fitColumn.nextSmaller}:</span> <b>{answer.nextSmaller.says}</b> <FitBadge fit="Over" />
          </div>
          <div className="figure mt-1">
            {volume(answer.nextSmaller.needed, units, false)} / {volume(answer.nextSmaller.available, units)},{" "}
            {words.quickFit.over(volume(-answer.nextSmaller.left, units))}
          </div>
        </div>
      )}
      <p className="mt-2 text-sm text-ink-2">{words.fitColumn.searched(answer.searched)}</p>
    </div>
  );
}
