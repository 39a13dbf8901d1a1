import { memo, useMemo } from "react";
import { fact } from "../parts/measure";
import { words } from "../words";
import { BoxAndCables } from "./BoxAndCables";
import { BlockPlate } from "./BlockPlate";
import { FullName } from "./FullName";
import { Knot, knotAt } from "./Knot";
import type { Placed } from "./layout";
import type { Way } from "./layout/ways";
import { jointName, sentence } from "../model/names";
import type { Strand } from "./scene";
import { viewBox, type PictureProps } from "./pictureProps";
import { EndMark, StrandLine } from "./StrandLine";

const w = words.bench;

/** A key when it is of this block, so that the others need not be drawn again. */
const of = (block: string, key: string | null) =>
  key !== null && (key === block || (block === "screw" && /^(hole|clip)-/.test(key)) || key.startsWith(`at:${block.slice(2)}:`))
    ? key
    : null;
/** Parts that go on from a joint as the leads they are of: those are counted already. */
const onward = (view: PictureProps["view"], joint: string) =>
  Object.values(view.box.pigtails ?? {}).filter((t) => t.of && t.from.joint === joint).length;
const cableFocus = (key: string | null) => (key?.startsWith("c:") ? key : null);

/** Ends of a strand that lie in no joint and on no terminal: in the middle column, or among the devices. */
function freeEnds(way: Way, placed: Placed, strand: Strand): { x: number; y: number; at: string; toLeft: boolean }[] {
  const free = strand.lands.filter((l) => l.at === "Cap" || l.at === "Loose" || l.at === "Unknown");
  const middle = placed.middle.find((m) => m.id === `end:${way.strand}`);
  const block = placed.blocks.find((b) => b.id === `end:${way.strand}`);
  const [first, last] = [way.points[0]!, way.points[way.points.length - 1]!];
  const toLeft = middle !== undefined && middle.left.length === 0;
  return [...(middle ? [{ point: toLeft ? first : last, toLeft }] : []), ...(block ? [{ point: last, toLeft: false }] : [])].map(
    ({ point, toLeft }, i) => ({ x: point[0], y: point[1], at: (free[i] ?? free[0])?.at ?? "Unknown", toLeft }),
  );
}

/**
 * The open box: cables at their cuffs, leads in their lanes, joints as knots, devices with their terminals. What is held and where it
 * may go lies over it.
 */
export const Picture = memo(function Picture(props: PictureProps) {
  const { view, catalogue, strands, plates, placed, ways, units, lit } = props;
  const sentences = useMemo(() => new Map(ways.map((way) => [way.strand, sentence(view, way.strand)])), [ways, view]);
  const bends = useMemo(() => new Set(placed.middle.filter((m) => m.kind === "bend").map((m) => m.id.slice(5))), [placed]);
  return (
    <svg
      data-picture
      viewBox={viewBox(placed, props.pad)}
      role="group"
      aria-label={w.picture(view.box.name)}
      className="block size-full select-none"
      style={{ WebkitTouchCallout: "none" }}
    >
      <BoxAndCables
        view={view}
        placed={placed}
        units={units}
        lit={lit}
        focus={cableFocus(props.focus)}
        rear={props.rear}
        onSelect={props.onSelect}
      />
      {plates.map((plate) => (
        <BlockPlate
          key={plate.id}
          plate={plate}
          x={placed.x.block}
          kind={catalogue.devices.find((k) => k.id === plate.device?.kind)}
          focus={of(plate.id, props.focus)}
          lit={plate.device !== null && lit.has(plate.device.id)}
          rear={props.rear}
          onSelect={props.onSelect}
        />
      ))}
      {ways.map((way) => (
        <StrandLine
          key={way.strand}
          way={way}
          strand={strands[way.strand]!}
          bends={bends.has(way.strand)}
          says={sentences.get(way.strand)!}
          length={fact(strands[way.strand]!.length, units, "?")}
          lit={lit.has(way.strand)}
          focus={props.focus === way.strand}
          expected={props.live?.strands[way.strand]}
          onSelect={props.onSelect}
          onPick={props.onPick}
        />
      ))}
      {placed.middle
        .filter((m) => m.kind === "joint")
        .map((m) => (
          <Knot
            key={m.id}
            id={m.id}
            {...knotAt(m, placed)}
            name={jointName(view, m.id)}
            connector={catalogue.connectors.find((c) => c.id === view.box.joints?.[m.id]?.connector)}
            count={m.left.length + m.right.length - onward(view, m.id)}
            lit={lit.has(m.id)}
            focus={props.focus === m.id}
            expected={props.live?.joints[m.id]}
            onSelect={props.onSelect}
            onPull={props.onPull}
          />
        ))}
      <FullName view={view} placed={placed} lit={lit} focus={cableFocus(props.focus)} />
      {ways.flatMap((way) => freeEnds(way, placed, strands[way.strand]!).map((end) => <EndMark key={`${way.strand}${end.x}`} {...end} />))}
    </svg>
  );
});
