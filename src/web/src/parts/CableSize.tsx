/** One size of cable to pick. */
export const CableSize = ({ size, picked, onPick }: { size: string; picked: boolean; onPick: () => void }) => (
  <button
    type="button"
    aria-pressed={picked}
    className="figure min-h-12 rounded-lg border-2 border-rule bg-card font-bold aria-pressed:border-ink aria-pressed:bg-ink
      aria-pressed:text-on-ink"
    onClick={onPick}
  >
    {size}
  </button>
);
