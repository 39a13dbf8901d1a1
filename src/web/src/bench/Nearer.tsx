import { Maximize, ZoomIn, ZoomOut } from "lucide-react";
import { words } from "../words";
import { NEARER } from "./useScale";

const w = words.bench;
const look = "grid size-9 place-items-center rounded-lg border-2 border-rule bg-card pointer-coarse:size-11";

/** Nearer to the picture, farther, and all of it. */
export function Nearer({ nearer, whole, zoom }: { nearer: (factor: number) => void; whole: () => void; zoom: number }) {
  return (
    <div className="no-print absolute right-2 bottom-2 z-10 flex gap-1" role="group" aria-label={w.nearness}>
      <button type="button" className={look} aria-label={w.farther} title={w.farther} onClick={() => nearer(1 / NEARER)}>
        <ZoomOut size={18} aria-hidden />
      </button>
      <button type="button" className={look} aria-label={w.nearer} title={w.nearer} onClick={() => nearer(NEARER)}>
        <ZoomIn size={18} aria-hidden />
      </button>
      {zoom !== 1 && (
        <button type="button" className={look} aria-label={w.wholeBox} title={w.wholeBox} onClick={whole}>
          <Maximize size={18} aria-hidden />
        </button>
      )}
    </div>
  );
}
