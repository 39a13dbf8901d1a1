import { useState } from "react";
import { newId } from "../api/client";
import { useEdit, useHead } from "../model/job";
import { Ask } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { whichWords } from "../words/which";

const w = whichWords.walk;

/** An outlet that is not on the list, met on the way: its room and its name, and it is among what is looked at. */
export function Found({ job }: { job: string }) {
  const head = useHead(job);
  const edit = useEdit(job);
  const [place, setPlace] = useState("");
  const [turn, setTurn] = useState(0);
  const add = (name: string) => {
    if (!name) return;
    void edit.mutate({
      edit: { do: "addBox", id: newId("b"), name, kind: "device-1g", place: place || null, contents: "NotOpened" },
    });
    setTurn(turn + 1);
  };
  return (
    <section aria-label={w.found} className="grid grid-cols-2 items-end gap-3">
      <Pick
        label={w.foundRoom}
        value={place}
        onChange={setPlace}
        options={[["", words.quickFit.noRoom], ...Object.entries(head.data?.places ?? {}).map(([id, p]) => [id, p.name] as const)]}
      />
      <Ask key={turn} label={w.found} hint={w.foundHint} value="" onKeep={add} />
    </section>
  );
}
