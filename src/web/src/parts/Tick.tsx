/** Something that holds or does not. */
export function Tick({ label, on, turn }: { label: string; on: boolean; turn: (on: boolean) => void }) {
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input type="checkbox" className="size-5 shrink-0 accent-ink" checked={on} onChange={(e) => turn(e.target.checked)} />
      {label}
    </label>
  );
}
