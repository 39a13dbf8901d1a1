import { useState } from "react";
import { newId } from "../api/client";
import { useToday } from "../model/job";
import { Button, TakeOut } from "../parts/controls";
import { Field } from "../parts/Field";
import { Pick } from "../parts/Pick";
import { troubleWords as w } from "../words/trouble";
import type { Trouble } from "./useTrouble";

/** Who is said to have worked where lately. */
export function Late({ job, trouble, edit }: { job: string; trouble: Trouble; edit: (edit: object) => void }) {
  const today = useToday(job);
  const [box, setBox] = useState("");
  const [who, setWho] = useState("");
  const [when, setWhen] = useState("");
  const data = today.data;
  const boxes = data ? [...data.over, ...data.full, ...data.unknown, ...data.fine] : [];
  return (
    <details open={trouble.worked.length > 0}>
      <summary className="min-h-11 content-center underline underline-offset-4">{w.worked}</summary>
      <p className="text-sm text-ink-2">{w.workedHow}</p>
      <ul>
        {trouble.worked.map((x) => (
          <li key={x.id} className="flex items-center gap-2">
            <span className="flex-1">{x.says}</span>
            {!trouble.closed && (
              <TakeOut name={x.says} verb={w.strike} onClick={() => edit({ do: "unsayWorked", complaint: trouble.id, id: x.id })} />
            )}
          </li>
        ))}
      </ul>
      {!trouble.closed && (
        <form
          className="grid gap-2 sm:grid-cols-[1fr_1fr_1fr_auto] sm:items-end"
          onSubmit={(e) => {
            e.preventDefault();
            if (!box || !who.trim()) return;
            edit({
              do: "sayWorked",
              complaint: trouble.id,
              id: newId("w"),
              work: { box, who: who.trim(), when: when.trim() || null },
            });
            setWho("");
          }}
        >
          <Pick label={w.at} value={box} empty={w.at} onChange={setBox} options={boxes.map((b) => [b.id, b.name] as const)} />
          <Field label={w.who} value={who} onType={setWho} />
          <Field label={w.when} value={when} onType={setWhen} />
          <Button type="submit" disabled={!box || !who.trim()}>
            {w.say}
          </Button>
        </form>
      )}
    </details>
  );
}
