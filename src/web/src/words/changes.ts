/** Words of the list of Changes. */
export const changesWords = {
  does: "What it changes",
  title: "Changes",
  how: "A Change is a plan on top of what is recorded. Nothing in it is done until you close it.",
  open: "Open a Change",
  openHint: "Bench receptacles in the bindery",
  none: "No Change yet. Say above what is wanted.",
  doneSoFar: (n: number) => (n === 1 ? "One thing recorded as done" : `${n} things recorded as done`),
  since: "open since",
  closed: "done",
  drop: "Drop",
  empty: "Nothing planned yet. Choose a box and plan there.",
  planAt: "Plan at a box…",
  close: "It is all done: record it",
  closeLeft: "Close it as left",
  noLonger: (why: string) => `No longer goes: ${why}`,
  overlaps: (boxes: string[]) => `Another open Change works on the same box: ${boxes.join(", ")}.`,
} as const;
