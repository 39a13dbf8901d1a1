import { Button } from "../parts/controls";
import { say } from "../parts/Notices";
import { PickFile } from "../parts/PickFile";
import { practiceWords as w } from "../words/practice";
import { daysTo, type useRecord } from "./record";

/** How well each skill is kept, in words; what comes back first stands first. The record can be taken out and put in. */
export function Record({ record, putIn }: Pick<ReturnType<typeof useRecord>, "record" | "putIn">) {
  const takeOut = () => {
    const link = document.createElement("a");
    link.href = URL.createObjectURL(new Blob([JSON.stringify(record, null, 2)], { type: "application/json" }));
    link.download = "practice.json";
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <section aria-label={w.skills} className="border-t-2 border-ink pt-3">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-auto text-lg">{w.skills}</h2>
        {record.length > 0 && (
          <Button look="quiet" onClick={takeOut}>
            {w.takeOut}
          </Button>
        )}
        <PickFile
          look="quiet"
          accept=".json,application/json"
          label={w.putIn}
          onFile={(file) => void putIn(file).catch(() => say(w.putInBad, "stop"))}
        />
      </div>
      {record.length === 0 && <p className="text-ink-2">{w.none}</p>}
      <ul className="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
        {record.map((k) => (
          <li key={k.skill} className="flex justify-between gap-4 border-b border-rule py-1.5">
            <span>{w.skill[k.skill]}</span>
            <span className={daysTo(k.due) <= 1 ? "font-semibold text-amber" : "text-ink-2"}>{w.due(daysTo(k.due))}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
