/** What is asked of the server, each by one key: what belongs to a job starts alike, so that it can be looked at again together. */
export const keys = {
  catalogue: ["catalogue"] as const,
  /** What lies in the label printer's tray. */
  tray: () => ["label-tray"] as const,
  jobs: (binned?: boolean) => (binned === undefined ? (["jobs"] as const) : (["jobs", binned] as const)),
  limits: (edition: unknown) => ["limits", edition] as const,
  fill: (asked: unknown) => ["fill", asked] as const,
  instead: (asked: unknown) => ["fill-instead", asked] as const,
  /** Everything of a job. */
  job: (job: string) => ["job", job] as const,
  /** One view of a job, and what it depends on besides. */
  of: (job: string, view: View, ...by: readonly unknown[]) => ["job", job, view, ...by] as const,
  /** A box as it is recorded. */
  box: (job: string, box: string) => keys.of(job, "box", box),
};

export type View =
  | "acceptance"
  | "boxes"
  | "breaker"
  | "card"
  | "box"
  | "changes"
  | "difference"
  | "directory"
  | "ends"
  | "exercise"
  | "hunt"
  | "gestures"
  | "handover"
  | "head"
  | "held"
  | "instead"
  | "into"
  | "labels"
  | "live"
  | "loads"
  | "looks"
  | "log"
  | "makes"
  | "may-run"
  | "photos"
  | "preview"
  | "draw"
  | "order"
  | "outage"
  | "outcome"
  | "proof"
  | "readings"
  | "rejudge"
  | "remedies"
  | "reports"
  | "sheet"
  | "stages"
  | "state"
  | "steps"
  | "stops"
  | "supply"
  | "survey"
  | "tests"
  | "today"
  | "trouble"
  | "troubles"
  | "verdicts"
  | "walk"
  | "wall"
  | "ways"
  | "stock"
  | "weights"
  | "would"
  | "would-be";

/** What only changes with cables, rooms, panels, pictures or plans: not looked at again when leads of a box merely moved. */
const calm: ReadonlySet<View> = new Set<View>(["head", "changes", "ends", "photos", "readings", "reports"]);

export const isCalm = (key: readonly unknown[]) => calm.has(key[2] as View);

/** The box a key is of, when it is one of a box as it is recorded. */
export const boxOf = (key: readonly unknown[]): string | null => (key[2] === "box" ? String(key[3]) : null);
