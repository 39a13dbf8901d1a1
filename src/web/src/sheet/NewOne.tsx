import { Ask } from "../parts/controls";

/** A name typed makes a new thing; the field is empty again after. */
export function NewOne({ label, onName }: { label: string; onName: (name: string) => void }) {
  return (
    <div className="mt-3 max-w-xs">
      <Ask label={label} value="" onKeep={(name) => name && onName(name)} />
    </div>
  );
}
