import { Check, CircleHelp, DoorClosed, Equal, FileQuestion, OctagonX } from "lucide-react";
import type { Schemas } from "../api/client";
import { words } from "../words";

type Fit = Schemas["Fit"];

const looks: Record<Fit, [typeof Check, string]> = {
  Over: [OctagonX, "bg-barn text-on-barn border-barn"],
  ExactlyFull: [Equal, "bg-card border-ink"],
  Fits: [Check, "bg-moss-wash text-moss border-moss"],
  CannotTell: [CircleHelp, "bg-slate-wash text-slate border-slate"],
  NotOpened: [DoorClosed, "bg-slate-wash text-slate border-slate border-dashed"],
  ByListing: [FileQuestion, "bg-slate-wash text-slate border-slate"],
  OutOfScope: [FileQuestion, "bg-slate-wash text-slate border-slate"],
};

/** The verdict with its shape and its word. */
export function FitBadge({ fit }: { fit: Fit }) {
  const [Icon, look] = looks[fit];
  return (
    <span className={`inline-flex items-center gap-1.5 rounded-lg border-2 px-2 py-0.5 text-sm font-bold whitespace-nowrap ${look}`}>
      <Icon size={16} strokeWidth={2.5} aria-hidden />
      {words.fit[fit]}
    </span>
  );
}
