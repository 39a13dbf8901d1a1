import { useState, type MouseEvent } from "react";
import { newId, type Schemas } from "../api/client";
import type { Sel } from "../bench/select";
import type { BoxEdit } from "../model/useBoxEdit";
import { served } from "../parts/address";
import { Button, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";

const w = words.photos;

/** What a pin may stand for: leads, pigtails, joints and devices of the box, by kind and id. */
export type Pinned = { kind: "strand" | "joint" | "device"; id: string; name: string };

/** A picture with its pins: each tells what is seen there and lights it in the box, and what is chosen in the box lights its pins. */
export function PinnedPhoto({
  job,
  photo,
  things,
  lit,
  edit,
  onSelect,
}: {
  job: string;
  photo: Schemas["PhotoView"];
  things: readonly Pinned[];
  lit: ReadonlySet<string>;
  edit: BoxEdit;
  onSelect: (sel: Sel) => void;
}) {
  const [putting, setPutting] = useState(false);
  const [at, setAt] = useState<{ x: number; y: number } | null>(null);
  const pins = photo.pins.map((p) => ({ ...p, thing: things.find((t) => t.id === p.of) }));
  const place = (e: MouseEvent<HTMLElement>) => {
    if (!putting) return;
    e.preventDefault();
    const room = e.currentTarget.getBoundingClientRect();
    const share = (a: number, from: number, size: number) => Math.min(1000, Math.max(0, Math.round(((a - from) / size) * 1000)));
    setAt({ x: share(e.clientX, room.left, room.width), y: share(e.clientY, room.top, room.height) });
  };
  return (
    <>
      <div className="relative">
        <a href={served.photo(job, photo.sha)} target="_blank" rel="noreferrer" onClick={place} data-pinning={putting || undefined}>
          <img
            src={served.photo(job, photo.sha)}
            width={photo.width}
            height={photo.height}
            loading="lazy"
            alt={photo.caption ?? w.title}
            className={`h-auto w-full rounded-lg border-2 ${putting ? "cursor-crosshair border-slate" : "border-rule"}`}
          />
        </a>
        {pins.map((p, i) => (
          <button
            key={p.id}
            type="button"
            aria-pressed={lit.has(p.of)}
            aria-label={w.pinOf(i + 1, p.thing?.name ?? w.gone)}
            disabled={!p.thing}
            style={{ left: `${p.x / 10}%`, top: `${p.y / 10}%` }}
            className={`absolute grid size-7 -translate-x-1/2 -translate-y-1/2 place-items-center rounded-full border-2 text-sm font-bold
              ${lit.has(p.of) ? "border-card bg-slate text-card" : "border-ink bg-lime text-ink"}`}
            onClick={() => p.thing && onSelect({ kind: p.thing.kind, id: p.thing.id })}
          >
            {i + 1}
          </button>
        ))}
        {at && (
          <span
            aria-hidden
            style={{ left: `${at.x / 10}%`, top: `${at.y / 10}%` }}
            className="absolute size-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-4 border-slate bg-card"
          />
        )}
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <Button
          aria-pressed={putting}
          onClick={() => {
            setPutting(!putting);
            setAt(null);
          }}
        >
          {putting ? w.stopPinning : w.putPin}
        </Button>
        {putting && !at && <span role="status">{w.tapPlace}</span>}
        {at && (
          <div className="min-w-40 flex-1">
            <Pick
              label={w.whatIsThere}
              value={null}
              empty={w.choose}
              onChange={(of: string) => {
                void edit.ready({ do: "pinPhoto", id: photo.id, pin: newId("n"), at: { ...at, of } });
                setAt(null);
              }}
              options={things.map((t) => [t.id, t.name] as const)}
            />
          </div>
        )}
      </div>
      {pins.length > 0 && (
        <ol className="mt-1 text-sm">
          {pins.map((p, i) => (
            <li key={p.id} className={`flex items-center gap-2 border-t border-rule ${lit.has(p.of) ? "bg-slate-wash font-bold" : ""}`}>
              <span className="figure w-6 text-right">{i + 1}</span>
              <span className="flex-1 first-letter:uppercase">{p.thing?.name ?? w.gone}</span>
              <TakeOut
                verb={w.unpin}
                name={p.thing?.name ?? w.gone}
                onClick={() => void edit.ready({ do: "unpinPhoto", id: photo.id, pin: p.id })}
              />
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
