import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, newId, type BoxView, type Catalogue, type Schemas } from "../api/client";
import { setSettings, useSettings } from "../api/settings";
import { CablePicker, madeOf } from "../parts/CablePicker";
import { CableSize } from "../parts/CableSize";
import { Ask, Button, Choice } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { inBox } from "../model/edits";
import { words } from "../words";
import type { BoxEdit } from "../model/useBoxEdit";
import { keys } from "../model/keys";

const w = words.box;

/** Brings a cable in: what it is, where it comes in, what it does here, with what the sum becomes. */
export function AddCable({
  job,
  view,
  sorts,
  edit,
  entry,
  onClose,
}: {
  job: string;
  view: BoxView;
  /** Cables that can be brought in. */
  sorts: Catalogue["cables"];
  edit: BoxEdit;
  entry?: string | undefined;
  onClose: () => void;
}) {
  const { cable: kept } = useSettings();
  const sort = sorts.find((s) => s.id === kept.size) ?? sorts[0]!;
  const cable = madeOf(sort, kept);
  const [side, setSide] = useState<Schemas["EntrySide"]>(view.box.entries?.[entry ?? ""]?.side ?? "Top");
  const [feeds, setFeeds] = useState<Schemas["Feeds"]>("CannotTell");
  const [says, setSays] = useState("");
  const idle = Object.entries(view.box.entries ?? {}).filter(([, e]) => e.side === side && e.state !== "Used");
  const through = (idle.find(([id]) => id === entry) ?? idle.find(([, e]) => e.state !== "Plugged"))?.[0];
  const bring = (run: string, entry: string) => ({
    do: "addCable" as const,
    run,
    entry,
    cable,
    side,
    says: says || null,
    feeds,
  });
  const preview = useQuery({
    queryKey: keys.of(job, "preview", view.version, edit.of, cable),
    queryFn: () =>
      must(
        api.POST("/api/jobs/{job}/preview", {
          params: { path: { job } },
          body: { edits: [inBox(view.id, bring("preview", "preview"))], change: edit.of.change ?? null, state: edit.of.state ?? null },
        }),
      ),
  });
  const after = preview.data?.[0]?.boxes.find((b) => b.id === view.id)?.report.fill;
  return (
    <Sheet title={w.addCable} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void edit.send(bring(newId("r"), through ?? newId("k"))).then((ok) => ok && onClose());
        }}
      >
        <CablePicker sorts={sorts}>
          {({ sort: { id, size } }) => (
            <CableSize key={id} size={size} picked={id === sort.id} onPick={() => setSettings({ cable: { ...kept, size: id } })} />
          )}
        </CablePicker>
        {after && (
          <p className={`figure rounded-lg p-3 ${after.fit === "Over" ? "bg-barn-wash text-barn" : "bg-slate-wash"}`} aria-live="polite">
            {words.fitColumn.neededSays(String(after.needed.low), String(after.available.low))}, <b>{words.fit[after.fit].toLowerCase()}</b>
          </p>
        )}
        <Choice
          label={w.comesIn}
          value={side}
          onChange={setSide}
          options={Object.entries(words.sides) as [Schemas["EntrySide"], string][]}
        />
        <Choice
          label={w.feedsLabel}
          value={feeds}
          onChange={setFeeds}
          options={Object.entries(words.feeds) as [Schemas["Feeds"], string][]}
        />
        <Ask label={w.from} hint={w.fromHint} value={says} onKeep={setSays} />
        <Button look="main" type="submit">
          {w.addThis}
        </Button>
      </form>
    </Sheet>
  );
}
