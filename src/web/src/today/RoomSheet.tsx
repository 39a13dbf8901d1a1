import { useState } from "react";
import { newId, type Edit, type Schemas } from "../api/client";
import { useCatalogue, useEdit } from "../model/job";
import { Ask, Button, Choice } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { Sheet } from "../parts/Sheet";
import { say } from "../parts/Notices";
import { words } from "../words";
import { todayWords as w } from "../words/today";

type What = "clamps" | "contents" | "kind";

/** Sets one thing for all boxes of a room, and makes rooms. */
export function RoomSheet({ job, head, onClose }: { job: string; head: Schemas["JobHead"]; onClose: () => void }) {
  const edit = useEdit(job);
  const [applying, setApplying] = useState(false);
  const catalogue = useCatalogue();
  const places = Object.entries(head.places).map(([id, p]) => [id, p.name] as const);
  const [place, setPlace] = useState(places[0]?.[0] ?? "");
  const [what, setWhat] = useState<What>("clamps");
  const [value, setValue] = useState<string>("Outside");
  const apply = async () => {
    const each =
      what === "clamps"
        ? { do: "setClamps", box: "each", clamps: { how: "Marked", value } }
        : what === "contents"
          ? { do: "setContents", box: "each", contents: value }
          : { do: "setBoxKind", box: "each", kind: value };
    try {
      await edit.mutateAsync({ edit: { do: "forRoom", place, each } as Edit });
      onClose();
    } catch {
      // Said by the edit itself.
    }
  };
  return (
    <Sheet title={w.roomTitle} open onClose={onClose}>
      <div className="flex flex-col gap-4">
        {places.length > 0 && <Pick label={w.roomWhich} value={place} onChange={setPlace} options={places} />}
        <Ask
          label={w.newRoom}
          value=""
          onKeep={async (name) => {
            const id = newId("p");
            const kept = await edit.mutate({ edit: { do: "putPlace", id, place: { name } } as Edit });
            if (!kept) return false;
            say(name, "fine");
            setPlace(id);
            return true;
          }}
        />
        <Choice
          label={w.roomWhat}
          value={what}
          onChange={(next) => {
            setWhat(next);
            setValue(next === "clamps" ? "Outside" : next === "contents" ? "Complete" : "nm-1g-20");
          }}
          options={[
            ["clamps", words.box.clamps],
            ["contents", words.box.contents],
            ["kind", words.box.kind],
          ]}
        />
        {what === "clamps" && (
          <Choice label={words.box.clamps} hide value={value} onChange={setValue} options={Object.entries(words.clamps)} />
        )}
        {what === "contents" && (
          <Choice label={words.box.contents} hide value={value} onChange={setValue} options={Object.entries(words.contents)} />
        )}
        {what === "kind" && (
          <Pick
            label={words.box.kind}
            hide
            value={value}
            onChange={setValue}
            options={(catalogue.data?.boxes ?? []).map((b) => [b.id, b.name] as const)}
          />
        )}
        <Button
          look="main"
          disabled={!place || applying}
          onClick={() => {
            setApplying(true);
            void apply().finally(() => setApplying(false));
          }}
        >
          {words.fitColumn.apply}
        </Button>
      </div>
    </Sheet>
  );
}
