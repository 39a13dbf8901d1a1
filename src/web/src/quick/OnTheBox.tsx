import { useState } from "react";
import type { Catalogue } from "../api/client";
import { useSettings } from "../api/settings";
import type { Question } from "../model/question";
import { Ask, Button, TakeOut } from "../parts/controls";
import { KindPicker } from "../parts/KindPicker";
import { volume } from "../parts/measure";
import { words } from "../words";

const w = words.quickFit;
const sides = [words.box.height, words.box.width, words.box.depth] as const;

/** What is on the box and in it beside cables and devices: rings, extensions and covers, its measured size, studs. */
export function OnTheBox({
  catalogue,
  question,
  set,
}: {
  catalogue: Catalogue;
  question: Question;
  set: (change: Partial<Question>) => void;
}) {
  const { units } = useSettings();
  const [parts, setParts] = useState(false);
  const shape = catalogue.boxes.find((b) => b.id === question.kind)?.shape;
  const on = Object.entries(question.parts).filter(([, n]) => n > 0);
  const begun = on.length > 0 || question.studs > 0 || question.size.some(Boolean);
  return (
    <details open={begun || undefined}>
      <summary className="min-h-9 text-sm underline underline-offset-4">{w.onTheBox}</summary>
      <ul>
        {on.map(([id, n]) => {
          const name = catalogue.parts.find((p) => p.id === id)?.name ?? id;
          return (
            <li key={id} className="flex items-center gap-2 border-t border-rule">
              <span className="flex-1">
                {n > 1 && `${n} × `}
                {name}
              </span>
              <TakeOut name={name} onClick={() => set({ parts: { ...question.parts, [id]: n - 1 } })} />
            </li>
          );
        })}
      </ul>
      <div className="flex flex-wrap items-end gap-2 pt-1">
        <Button onClick={() => setParts(true)}>{words.box.addPart}</Button>
        <Button aria-label={w.studs(question.studs)} onClick={() => set({ studs: (question.studs + 1) % 3 })}>
          {w.studs(question.studs)}
        </Button>
        {sides.map((side, i) => (
          <div key={side} className="w-20">
            <Ask
              mono
              label={side}
              hint={words.box.lengthHint}
              value={question.size[i]!}
              onKeep={(text) => set({ size: question.size.map((s, at) => (at === i ? text : s)) as [string, string, string] })}
            />
          </div>
        ))}
      </div>
      <KindPicker
        title={words.box.addPart}
        open={parts}
        onClose={() => setParts(false)}
        kinds={catalogue.parts
          .filter((p) => shape === undefined || p.fits === shape || p.role === "Plate")
          .map((p) => ({ id: p.id, name: p.name, right: p.volume ? volume(p.volume, units) : "" }))}
        onPick={(id) => set({ parts: { ...question.parts, [id]: (question.parts[id] ?? 0) + 1 } })}
      />
    </details>
  );
}
