import type { Schemas } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { Pick } from "../parts/Pick";
import { words } from "../words";

/** Nominal sizes of knockouts and the connectors that go into them. */
const SIZES = ["1/2", "3/4", "1", "1 1/4"];

/** The size of a knockout, as it is said in the trade. */
export function KnockoutSize({ id, entry, edit }: { id: string; entry: Schemas["Entry"]; edit: BoxEdit }) {
  const size = entry.size ?? null;
  const sizes = size === null || SIZES.includes(size) ? SIZES : [size, ...SIZES];
  return (
    <div className="w-32">
      <Pick
        label={words.box.knockoutSize}
        value={size}
        empty={words.box.sizeNotSeen}
        onChange={(s) => void edit.send({ do: "setEntry", id, size: s })}
        options={sizes.map((s) => [s, words.box.inches(s)] as const)}
      />
    </div>
  );
}
