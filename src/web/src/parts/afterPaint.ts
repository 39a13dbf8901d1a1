/** Does something once the next frame is on the screen; at once where nothing is drawn. */
export function afterPaint(run: () => void) {
  if (document.hidden) run();
  else requestAnimationFrame(() => setTimeout(run, 0));
}
