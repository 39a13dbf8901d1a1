import { useState } from "react";
import { newId, type BoxView } from "../api/client";
import { settings } from "../api/settings";
import { Ask, TakeOut } from "../parts/controls";
import { words } from "../words";
import type { BoxEdit } from "./useBoxEdit";

/** What people said of the box: kept, and never taken for a fact. */
export function SaidList({ view, edit }: { view: BoxView; edit: BoxEdit }) {
  const [key, setKey] = useState(0);
  const said = Object.entries(view.box.said ?? {});
  return (
    <section aria-label={words.survey.said}>
      <h3 className="mb-1">{words.survey.said}</h3>
      <ul>
        {said.map(([id, s]) => (
          <li key={id} className="flex items-center gap-2 border-t border-rule first:border-t-0">
            <span className="flex-1 py-1">
              “{s.text}” <span className="text-sm text-ink-2">{[s.who, s.when].filter(Boolean).join(", ")}</span>
            </span>
            <TakeOut verb={words.said.forget} name={s.text} onClick={() => void edit.send({ do: "forgetSaid", id })} />
          </li>
        ))}
      </ul>
      <Ask
        key={key}
        hide
        wide
        label={words.survey.said}
        hint={words.survey.saidHint}
        value=""
        onKeep={async (text) => {
          if (!text) return true;
          const when = new Date().toISOString().slice(0, 10);
          const kept = await edit.send({ do: "hearSaid", id: newId("h"), text, who: settings().who, when });
          if (kept) setKey(key + 1);
          return kept;
        }}
      />
    </section>
  );
}
