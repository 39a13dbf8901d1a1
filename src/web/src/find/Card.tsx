import { useState } from "react";
import { api, must, newId, type Edit } from "../api/client";
import { useEdit } from "../model/job";
import { Button } from "../parts/controls";
import { Field } from "../parts/Field";
import { whichWords } from "../words/which";

const w = whichWords.which;

/** From nothing: how many slots, and the words of the card as fast as one reads them. */
export function Card({ job }: { job: string }) {
  const edit = useEdit(job);
  const [slots, setSlots] = useState("20");
  const [card, setCard] = useState("");
  const count = Math.trunc(Number(slots));
  const lines = card.split("\n").filter((l) => l.trim()).length;
  const keep = async () => {
    const { breakers } = await must(api.POST("/api/read-card", { body: { card, slots: count } }));
    await edit.mutateAsync({
      edit: { do: "putPanel", id: newId("l"), panel: { name: w.panel, system: "SplitPhase", slots: count, breakers } } as Edit,
    });
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (count > 0 && lines > 0) void keep().catch(() => undefined);
      }}
    >
      <Field label={w.slots} figure="numeric" value={slots} onType={setSlots} wide={false} />
      <label className="block">
        <span className="mb-1 block font-semibold">{w.card}</span>
        <textarea
          rows={8}
          placeholder={w.cardHint}
          className="w-full rounded-lg border-2 border-rule bg-card p-3"
          value={card}
          onChange={(e) => setCard(e.target.value)}
        />
      </label>
      <p className="text-sm text-ink-2">{w.cardHow}</p>
      <Button look="main" type="submit" className="min-h-14" disabled={!(count > 0) || lines === 0}>
        {w.take(lines)}
      </Button>
    </form>
  );
}
