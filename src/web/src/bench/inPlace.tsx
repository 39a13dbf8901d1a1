import type { ReactNode } from "react";
import { createPortal } from "react-dom";

/** Beside the picture where there is room for it, or over what stands below it. */
export const inPlace = (beside: HTMLElement | null, what: ReactNode) =>
  beside ? (
    createPortal(what, beside)
  ) : (
    <div className="fixed inset-x-2 bottom-[calc(var(--bar)+0.5rem)] z-30 max-h-[52dvh] overflow-auto rounded-2xl shadow-xl">{what}</div>
  );
