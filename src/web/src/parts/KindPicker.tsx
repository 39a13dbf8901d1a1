import { useMemo, useState } from "react";
import { words } from "../words";
import { found } from "./found";
import { Sheet } from "./Sheet";

export type Kind = { id: string; name: string; right?: string; group?: string; then?: string | undefined };

/** A long list of kinds with words to narrow it. */
export function KindPicker({
  title,
  open,
  onClose,
  kinds,
  onPick,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  kinds: readonly Kind[];
  onPick: (id: string) => void;
}) {
  const [find, setFind] = useState("");
  const shown = useMemo(() => {
    const parts = find.toLowerCase().split(/\s+/).filter(Boolean);
    return kinds.filter((k) => parts.every((p) => found(`${k.name} ${k.right ?? ""} ${k.group ?? ""}`.toLowerCase(), p)));
  }, [find, kinds]);
  return (
    <Sheet title={title} open={open} onClose={onClose}>
      <input
        className="mb-3 min-h-11 w-full rounded-lg border-2 border-rule bg-card px-3"
        placeholder={words.palette.hint}
        aria-label={title}
        value={find}
        onChange={(e) => setFind(e.target.value)}
        autoFocus
      />
      <ul>
        {shown.map((k, i) => (
          <li key={k.id}>
            {k.group && k.group !== shown[i - 1]?.group && <h3 className="mt-3 border-b-2 border-ink px-2">{k.group}</h3>}
            <button
              type="button"
              className="flex min-h-11 w-full items-center justify-between gap-3 rounded-lg border-t border-rule px-2
                text-left hover:bg-slate-wash"
              onClick={() => {
                onPick(k.id);
                onClose();
              }}
            >
              <span>
                {k.name}
                {k.then && <span className="block text-sm text-ink-2">{k.then}</span>}
              </span>
              <span className="figure shrink-0 text-sm text-ink-2">{k.right}</span>
            </button>
          </li>
        ))}
        {shown.length === 0 && <li className="p-2 text-ink-2">{words.palette.none}</li>}
      </ul>
    </Sheet>
  );
}
