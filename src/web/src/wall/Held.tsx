import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { measured } from "../model/facts";
import { Ask } from "../parts/controls";
import { length } from "../parts/measure";
import { Pick } from "../parts/Pick";
import { wallWords as w } from "../words/wall";
import type { Tape, Wall } from "./useWall";

const unknown: Schemas["FactOfLength"] = { how: "Unknown" };

/** One tape: what it is held to, which edge it goes to, and how long it is. */
export function Held({
  label,
  wall,
  tape,
  up,
  skip,
  onPut,
}: {
  label: string;
  wall: Wall;
  tape: Tape | null;
  up: boolean;
  /** The thing it is of, which it is not measured from. */
  skip: string | undefined;
  onPut: (tape: Tape | null) => void;
}) {
  const { units } = useSettings();
  const flat = wall.wall.kind !== "Wall";
  const starts = up
    ? flat
      ? (["FinishedFloor", "Ceiling"] as const)
      : (["FinishedFloor", "FloorNow", "Ceiling"] as const)
    : (["LeftCorner", "RightCorner"] as const);
  const edges = up ? w.levels : w.edges;
  const others = wall.things.filter((t) => t.id !== skip && t.kind !== "Looked");
  const start = tape?.from === "Thing" || tape?.from === "Box" ? `${tape.from} ${tape.of} ${tape.edge}` : (tape?.from ?? "");
  const ends = (["Low", "Middle", "High"] as const).filter((e) => e !== "Middle" || tape?.edge === "Middle");
  const options = [
    ["", w.whole(up)] as const,
    ...starts.map((s) => [s, (flat ? w.flatStarts : w.starts)[s]] as const),
    ...others.flatMap((t) => ends.map((e) => [`Thing ${t.id} ${e}`, `${t.name}, ${edges[e]}`] as const)),
    ...wall.boxes.flatMap((b) => ends.map((e) => [`Box ${b.id} ${e}`, `${b.name}, ${edges[e]}`] as const)),
  ];
  const from = (value: string) => {
    if (value === "") return onPut(null);
    const [kind, of, edge] = value.split(" ");
    onPut({
      from: kind as Schemas["TapeStart"],
      of: of ?? null,
      edge: (edge ?? "Middle") as Schemas["TapeTo"],
      to: tape?.to ?? "Low",
      way: tape?.way ?? unknown,
    });
  };
  return (
    <fieldset className="grid grid-cols-2 items-end gap-2">
      <div className="col-span-2">
        <Pick label={`${label}, ${w.from}`} value={start} onChange={from} options={options} />
      </div>
      {tape && (
        <>
          <Pick
            label={w.to}
            value={tape.to ?? "Middle"}
            onChange={(to) => onPut({ ...tape, to })}
            options={Object.entries(edges) as [Schemas["TapeTo"], string][]}
          />
          <Ask
            mono
            label={w.way}
            hint={w.hint}
            value={tape.way.value ? length(tape.way.value, units) : ""}
            onKeep={(t) => onPut({ ...tape, way: measured(t) })}
          />
        </>
      )}
    </fieldset>
  );
}
