import { useMemo, useState } from "react";
import { newId, type BoxView } from "../api/client";
import type { Sel } from "../bench/select";
import { litOf } from "../bench/stops";
import { usePhotos } from "../model/job";
import { deviceName, jointName, leadName } from "../model/names";
import { Ask, TakeOut } from "../parts/controls";
import { say } from "../parts/Notices";
import { PickFile } from "../parts/PickFile";
import { words } from "../words";
import type { BoxEdit } from "../model/useBoxEdit";
import { served } from "../parts/address";
import { PinnedPhoto, type Pinned } from "./PinnedPhoto";

const w = words.photos;
/** Everything of a box that is seen in a picture of it. */
const thingsOf = (view: BoxView): Pinned[] => [
  ...Object.keys({ ...view.box.leads, ...view.box.pigtails }).map((id) => ({ kind: "strand" as const, id, name: leadName(view, id) })),
  ...Object.keys(view.box.joints ?? {}).map((id) => ({ kind: "joint" as const, id, name: words.bench.inJoint(jointName(view, id)) })),
  ...Object.keys(view.box.devices ?? {}).map((id) => ({ kind: "device" as const, id, name: deviceName(view, id) })),
];

/** Pictures of the box with their pins. */
export function Photos({
  job,
  view,
  edit,
  sel,
  lit,
  onSelect,
}: {
  job: string;
  view: BoxView;
  edit: BoxEdit;
  sel: Sel | null;
  lit: readonly string[];
  onSelect: (sel: Sel) => void;
}) {
  const photos = usePhotos(job, view.id);
  const things = useMemo(() => thingsOf(view), [view]);
  const chosen = useMemo(() => litOf(view.cables, sel, lit), [view.cables, sel, lit]);
  const [busy, setBusy] = useState(false);
  const add = async (file: File) => {
    setBusy(true);
    try {
      const { sendPicture } = await import("../parts/picture");
      const answer = await sendPicture(served.photos(job), file);
      await edit.ready({
        do: "addPhoto",
        id: newId("f"),
        photo: {
          box: view.id,
          sha: answer.sha,
          width: answer.width,
          height: answer.height,
          bytes: answer.bytes,
          when: new Date().toISOString(),
        },
      });
    } catch (problem) {
      say(problem instanceof Error ? problem.message : words.failed, "stop");
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-label={w.title} className="by-itself rounded-2xl border-2 border-rule p-4">
      <h2 className="mb-1 text-lg">{w.title}</h2>
      {photos.data?.length === 0 && <p className="text-sm text-ink-2">{w.none}</p>}
      <ul className="grid gap-3">
        {(photos.data ?? []).map((photo) => (
          <li key={photo.id}>
            {photo.missing ? (
              <p className="rounded-lg border-2 border-dashed border-rule p-3 text-sm text-ink-2">{w.missing}</p>
            ) : (
              <PinnedPhoto job={job} photo={photo} things={things} lit={chosen} edit={edit} onSelect={onSelect} />
            )}
            {photo.lead && <p className="text-sm text-ink-2">{w.of(leadName(view, photo.lead))}</p>}
            <div className="mt-1 flex items-end gap-2">
              <div className="flex-1">
                <Ask
                  hide
                  label={w.caption}
                  hint={w.caption}
                  value={photo.caption ?? ""}
                  onKeep={(caption) => edit.ready({ do: "setPhoto", id: photo.id, caption: caption || null, lead: photo.lead })}
                />
              </div>
              <TakeOut
                verb={w.remove}
                name={photo.caption ?? w.title}
                onClick={() => void edit.ready({ do: "removePhoto", id: photo.id })}
              />
            </div>
          </li>
        ))}
      </ul>
      <PickFile className="no-print mt-2" accept="image/*" label={w.add} disabled={busy} onFile={(file) => void add(file)}>
        {busy ? words.loading : w.add}
      </PickFile>
    </section>
  );
}
