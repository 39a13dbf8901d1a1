import { X } from "lucide-react";
import { useEffect, useState } from "react";
import { words } from "../words";

export type Tone = "fine" | "stop";
type Notice = { id: number; text: string; tone: Tone };

let next = 1;
let show: ((notice: Notice) => void) | undefined;

/** Says a sentence at the foot of the screen and to a screen reader. A stop stays until it is closed. */
export function say(text: string, tone: Tone) {
  show?.({ id: next++, text, tone });
}

export function Notices() {
  const [notices, setNotices] = useState<Notice[]>([]);
  useEffect(() => {
    show = (notice) => {
      setNotices((all) => [...all.slice(-2), notice]);
      if (notice.tone === "fine") setTimeout(() => setNotices((all) => all.filter((n) => n.id !== notice.id)), 4000);
    };
    return () => {
      show = undefined;
    };
  }, []);
  return (
    <div className="no-print fixed inset-x-3 bottom-24 z-50 flex flex-col items-center gap-2 sm:bottom-6" role="status" aria-live="polite">
      {notices.map((n) => (
        <div
          key={n.id}
          className={`flex max-w-2xl items-start gap-3 rounded-xl border-2 px-4 py-3 shadow-lg
            ${n.tone === "stop" ? "border-barn bg-barn-wash text-ink" : "border-ink bg-ink text-on-ink"}`}
        >
          <span>{n.text}</span>
          <button
            type="button"
            aria-label={words.close}
            className="rounded p-1"
            onClick={() => setNotices((all) => all.filter((x) => x.id !== n.id))}
          >
            <X size={18} aria-hidden />
          </button>
        </div>
      ))}
    </div>
  );
}
