import { useMemo, type PointerEvent } from "react";
import type { BoxView } from "../api/client";
import { jointName, type Catalogue } from "../box/landing";
import type { BoxLive } from "../live/useLive";
import { fact } from "../parts/measure";
import { words } from "../words";
import type { Units } from "../api/settings";
import { BoxAndCables } from "./BoxAndCables";
import { BlockPlate } from "./BlockPlate";
import { Knot } from "./Knot";
import type { Placed } from "./layout";
import { knot, waysOf, type Way } from "./layout/ways";
import { sentence } from "./names";
import type { Scene } from "./scene";
import type { Sel } from "./select";
import { EndMark, StrandLine } from "./StrandLine";

const w = words.bench;

export type PictureProps = {
  view: BoxView;
  catalogue: Catalogue;
  scene: Scene;
  placed: Placed;
  units: Units;
  rear: boolean;
  /** Things lit because they are chosen, or counted by a line of the sum. */
  lit: ReadonlySet<string>;
  /** Things that can be landed on now, by the key of the place; null while nothing is held. */
  targets: ReadonlyMap<string, "fine" | "worse" | "no" | "here"> | null;
  over: string | null;
  held: ReadonlySet<string>;
  focus: string | null;
  /** What is expected of it with the power on; null while nobody looks. */
  live: BoxLive | null;
  onSelect: (sel: Sel, event?: { shiftKey: boolean }) => void;
  onPick: (strand: string, far: boolean, event: PointerEvent) => void;
  onPull: (joint: string, event: PointerEvent) => void;
};

/** The picture with a little room above and below. */
export const viewBox = (placed: Placed) => `0 -10 ${placed.width} ${placed.height + 26}`;

/** A key when it is of this block, so that the others need not be drawn again. */
const of = (block: string, key: string | null) =>
  key !== null && (key === block || key === "screw" || key.startsWith(`at:${block.slice(2)}:`)) ? key : null;
const cableFocus = (key: string | null) => (key?.startsWith("c:") ? key : null);

/** Ends of a strand that lie in no joint and on no terminal: in the middle column, or among the devices. */
function freeEnds(way: Way, placed: Placed, scene: Scene): { x: number; y: number; at: string; toLeft: boolean }[] {
  const free = scene.strands.get(way.strand)!.lands.filter((l) => /Cap|Loose|Unknown/.test(l.at));
  const middle = placed.middle.find((m) => m.id === `end:${way.strand}`);
  const block = placed.blocks.find((b) => b.id === `end:${way.strand}`);
  const [first, last] = [way.points[0]!, way.points[way.points.length - 1]!];
  const toLeft = middle !== undefined && middle.left.length === 0;
  return [...(middle ? [{ point: toLeft ? first : last, toLeft }] : []), ...(block ? [{ point: last, toLeft: false }] : [])].map(
    ({ point, toLeft }, i) => ({ x: point[0], y: point[1], at: (free[i] ?? free[0])?.at ?? "Unknown", toLeft }),
  );
}

/** The open box: cables at their cuffs, leads in their lanes, joints as knots, devices with their terminals. */
export function Picture(props: PictureProps) {
  const { view, catalogue, scene, placed, units, lit, targets, over, held } = props;
  const ways = useMemo(() => waysOf(placed), [placed]);
  const sentences = useMemo(() => new Map(ways.map((way) => [way.strand, sentence(view, catalogue, way.strand)])), [ways, view, catalogue]);
  return (
    <svg
      viewBox={viewBox(placed)}
      role="group"
      aria-label={w.picture(view.box.name)}
      className="block h-auto w-full select-none"
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
      {placed.blocks.map((block) => (
        <BlockPlate
          key={block.id}
          block={block}
          x={placed.x.block}
          view={view}
          catalogue={catalogue}
          targets={targets}
          over={of(block.id, over)}
          focus={of(block.id, props.focus)}
          lit={lit}
          rear={props.rear}
          onSelect={props.onSelect}
        />
      ))}
      {ways.map((way) => (
        <StrandLine
          key={way.strand}
          way={way}
          scene={scene}
          says={sentences.get(way.strand)!}
          length={fact(scene.strands.get(way.strand)?.length, units, "?")}
          lit={lit.has(way.strand)}
          held={held.has(way.strand)}
          focus={props.focus === way.strand}
          expected={props.live?.strands[way.strand]}
          onSelect={props.onSelect}
          onPick={props.onPick}
        />
      ))}
      {placed.middle.map((m) => {
        const cx = placed.x.middle + knot.at;
        if (m.kind === "joint") {
          const members = Math.max(m.left.length, m.right.length, 2);
          const top = m.top + 36 - 8;
          return (
            <Knot
              key={m.id}
              id={m.id}
              cx={cx}
              top={top}
              height={(members - 1) * 12 + 16}
              name={jointName(view.box, m.id)}
              connector={catalogue.connectors.find((c) => c.id === view.box.joints?.[m.id]?.connector)}
              count={m.left.length + m.right.length}
              lit={lit.has(m.id)}
              state={targets?.get(`joint:${m.id}`) ?? null}
              over={over === `joint:${m.id}`}
              focus={props.focus === `joint:${m.id}` || props.focus === m.id}
              expected={props.live?.joints[m.id]}
              onSelect={props.onSelect}
              onPull={props.onPull}
            />
          );
        }
        return null;
      })}
      {ways.flatMap((way) => freeEnds(way, placed, scene).map((end) => <EndMark key={`${way.strand}${end.x}`} {...end} />))}
    </svg>
  );
}
