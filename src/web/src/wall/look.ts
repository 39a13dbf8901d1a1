/** The panel beside the drawing; on a narrow screen between the drawing and what is only read. */
export const ASIDE =
  "flex min-w-0 flex-col gap-4 self-start rounded-2xl border-2 border-ink bg-card p-4 " + "lg:col-start-2 lg:row-span-2 lg:row-start-1";
