/** What lights a part in the picture once the hand, or the focus, is on what speaks of it. */
export const pointing = (onPoint: (ids: readonly string[]) => void, ...ids: readonly string[]) => ({
  onPointerEnter: () => onPoint(ids),
  onFocus: () => onPoint(ids),
});
