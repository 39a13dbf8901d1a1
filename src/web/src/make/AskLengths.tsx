import { newId, type Edit } from "../api/client";
import { useEdit } from "../model/job";
import { useSettings } from "../api/settings";
import { Ask } from "../parts/controls";
import { makeWords as w } from "../words/make";
import type { Step } from "./useCard";

/** Lengths nobody measured, of the leads in the hand: written down, they are recorded as found while it is done, and the step follows. */
export function AskLengths({ job, change, box, step }: { job: string; change: string; box: string; step: Step }) {
  const { who } = useSettings();
  const send = useEdit(job);
  const unknown = step.leads.filter((l) => !l.tail && !l.length);
  if (unknown.length === 0) return null;
  const keep = (lead: string, text: string) => {
    const length = { how: "Measured", value: text, entered: text, who, when: new Date().toISOString().slice(0, 10) };
    const edit = { do: "setLeadLength", box, lead, length };
    return send.mutateAsync({ edit: { do: "recordDone", change, id: newId("q"), edit } as Edit }).then(
      () => true,
      () => false,
    );
  };
  return (
    <details className="rounded-xl border-2 border-slate bg-slate-wash px-3">
      <summary className="min-h-12 content-center font-semibold">{w.measure}</summary>
      <div className="grid grid-cols-2 gap-2 pb-3">
        {unknown.map((l) => (
          <Ask
            key={l.id}
            mono
            label={`${l.colour}, ${l.name}`}
            hint="8"
            value=""
            onKeep={(text) => (text.trim() ? keep(l.id, text.trim()) : false)}
          />
        ))}
      </div>
    </details>
  );
}
