import { Suspense, useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent as ReactPointer } from "react";
import type { BoxView, Catalogue } from "../api/client";
import { useSettings } from "../api/settings";
import type { BoxEdit } from "../model/useBoxEdit";
import { useWould, type Look } from "../model/useLive";
import { useLatest } from "../parts/useLatest";
import { words } from "../words";
import { Actions, type Menu } from "./Actions";
import type { Asked } from "./Adding";
import { inPlace } from "./inPlace";
import { jointName, leadName } from "../model/names";
import { Gestures } from "./Gestures";
import { Lights } from "./Lights";
import { Picture } from "./Picture";
import { useGhostOf } from "../parts/ghost";
import { drawNear } from "./remember";
import type { Sel } from "./select";
import { Slip } from "./Slip";
import { Adding, Thing, useSoon } from "./soon";
import { litOf, placeAt, selAt } from "./stops";
import { Tools } from "./Tools";
import { SETTLED, useDrag, useLongPress, useOwnDrag } from "./useDrag";
import { useHeld } from "./useHeld";
import { Nearer } from "./Nearer";
import { useNearer } from "./useNearer";
import { NEARER, useScale } from "./useScale";
import { useWalk } from "./useWalk";

const w = words.bench;
const none: readonly string[] = [];

export type BenchProps = {
  job: string;
  view: BoxView;
  catalogue: Catalogue;
  edit: BoxEdit;
  /** Looking back: nothing can be changed. */
  past: boolean;
  /** Nothing but the picture. */
  bare?: boolean;
  lit: readonly string[];
  sel: Sel | null;
  onSelect: (sel: Sel | null) => void;
  change: string | null;
  small: boolean;
  /** A look at it with the power on. */
  look: Look;
  /** Where what is chosen or held is told of; below the picture, over what stands there, when nowhere. */
  beside: HTMLElement | null;
};
/** The open box as a picture one works on: pick an end, see where it may go and what would follow, land it. */
export function Bench({ job, view, catalogue, edit, past, bare, change, lit, sel, onSelect, small, look, beside }: BenchProps) {
  const { units } = useSettings();
  const root = useRef<HTMLDivElement>(null);
  const [rear, setRear] = useState(false);
  const [bunch, setBunch] = useState<readonly string[]>(none);
  const [adding, setAdding] = useState<Asked | null>(null);
  const [menu, setMenu] = useState<Menu | null>(null);
  const walk = useWalk(root);
  const { hand, pick, hover, drop, land, join } = useHeld(job, view, change, edit);
  const { placed, ways, strands, plates } = useMemo(() => drawNear(view, catalogue), [view, catalogue]);
  const room = useRef<HTMLDivElement>(null);
  const { drawn, pad, zoom, nearer, whole } = useScale(room, view.id, { width: placed.width, height: placed.height + 26 }, small);
  useNearer(room, nearer);
  useOwnDrag(root);
  const targets = useMemo(() => (hand ? new Set((hand.moves ?? []).map((m) => m.key)) : null), [hand]);
  const good = useMemo(() => bunch.filter((id) => view.box.leads?.[id]), [bunch, view.box.leads]);
  const litNow = useMemo(() => litOf(view.cables, sel, [...lit, ...good]), [lit, good, sel, view.cables]);
  const move = hand?.moves?.find((m) => m.key === hand.over) ?? null;
  const would = useWould(job, view, edit, look, move && !move.here ? (move.edit ?? null) : null);
  useGhostOf(move && !move.here && !move.refusal ? move.needed.low - view.report.fill.needed.low : 0);
  const byKeys = useRef<string | null>(null);
  useEffect(() => {
    if (!byKeys.current) return;
    if (hand?.moves) {
      const known = new Set(hand.moves.filter((m) => !m.refusal).map((m) => m.key));
      walk.first((id) => known.has(id));
    } else if (!hand) {
      walk.first((id) => id === byKeys.current);
      byKeys.current = null;
    }
    // Only when what is held changes: walking on must not bring the focus back.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [hand?.held, hand?.moves]);
  const pickUp = (id: string, far: boolean) => {
    if (past) return;
    setMenu(null);
    if (view.box.pigtails?.[id]) pick({ pigtail: id, farEnd: far }, leadName(view, id));
    else {
      const leads = good.includes(id) ? good : [id];
      pick({ leads }, leads.length > 1 ? w.several(leads.length) : leadName(view, id));
    }
    setBunch(none);
  };
  const pull = (joint: string) => !past && pick({ fromJoint: joint }, w.newPigtail(jointName(view, joint)));
  const { begin, ghost, dragging } = useDrag({
    settled: hand?.moves != null,
    may: !past,
    placeAt,
    hover,
    land,
    drop,
  });
  useSoon();
  const held = hand !== null;
  useEffect(() => {
    // On a phone the picture comes to the top once an end is tapped, above what lists its places; a drag is left alone.
    if (!small || !held) return;
    const tapped = setTimeout(() => !dragging.current && root.current?.scrollIntoView({ block: "start" }), SETTLED);
    return () => clearTimeout(tapped);
  }, [small, held, dragging]);
  const select = (next: Sel, event?: { shiftKey: boolean }) => {
    if (hand) return;
    if (event?.shiftKey && next.kind === "strand" && view.box.leads?.[next.id]) {
      setBunch(good.includes(next.id) ? good.filter((b) => b !== next.id) : [...good, next.id]);
      return;
    }
    onSelect(next);
  };
  const selOf = (stop: string) => selAt(stop, view.box, strands);

  const onKeyDown = (e: KeyboardEvent) => {
    const stop = (e.target as HTMLElement).dataset?.walk ?? null;
    const only = hand ? (id: string) => targets!.has(id) : undefined;
    if (e.key.startsWith("Arrow")) {
      e.preventDefault();
      walk.onArrow(e, only);
      return;
    }
    if (e.key === "+" || e.key === "=") return nearer(NEARER);
    if (e.key === "-") return nearer(1 / NEARER);
    if (e.key === "0") return whole();
    if (!stop) {
      if (e.key === "Enter" && e.target === root.current) walk.first(only);
      return;
    }
    const on = selOf(stop);
    if (e.key === "Enter" || e.key === " ") {
      if (e.target instanceof HTMLButtonElement) return;
      e.preventDefault();
      if (hand) land(stop);
      else if (on?.kind === "strand" && e.key === "Enter") {
        byKeys.current = stop;
        pickUp(on.id, true);
      } else if (on) select(on);
    } else if (e.key === "b" && on?.kind === "strand") select(on, { shiftKey: true });
    else if (e.key === "p" && on?.kind === "joint") {
      byKeys.current = stop;
      pull(on.id);
    } else if ((e.key === "m" || e.key === "ContextMenu") && on) {
      e.preventDefault();
      const r = (e.target as Element).getBoundingClientRect();
      setMenu({ sel: on, x: r.left + 20, y: r.bottom });
    }
  };
  const onFocus = (e: React.FocusEvent) => {
    const stop = (e.target as Element & Partial<HTMLElement>).dataset?.walk ?? null;
    walk.setAt(stop);
    if (hand && stop && targets?.has(stop)) hover(stop);
  };
  const openMenu = (e: { target: EventTarget; clientX: number; clientY: number; preventDefault: () => void }) => {
    const strand = (e.target as Element).closest<SVGElement>("[data-strand]")?.dataset.strand;
    const stop = (e.target as Element).closest<SVGElement>("[data-walk]")?.dataset.walk;
    const on = strand ? ({ kind: "strand", id: strand } as Sel) : stop ? selOf(stop) : null;
    if (hand) {
      e.preventDefault();
      return;
    }
    if (!on) return;
    e.preventDefault();
    onSelect(on);
    setMenu({ sel: on, x: e.clientX, y: e.clientY });
  };
  const onChoose = useLatest(select);
  const onPick = useLatest((id: string, far: boolean, e: ReactPointer) => begin(e, () => pickUp(id, far)));
  const onPull = useLatest((joint: string, e: ReactPointer) => begin(e, () => pull(joint)));
  const longPress = useLongPress(openMenu);

  return (
    <section aria-label={w.title} className="flex min-h-0 min-w-0 flex-col">
      {!bare && (
        <Tools
          job={job}
          box={view.id}
          past={past}
          planned={change !== null}
          picked={good.length}
          gestures={good.length > 1 && <Gestures job={job} view={view} edit={edit} leads={good} />}
          rear={rear}
          unopened={view.box.contents === "NotOpened"}
          small={small}
          onAdd={(what) => setAdding({ what })}
          onJoin={() => {
            setBunch(none);
            void join(good);
          }}
          onMove={() => pickUp(good[0]!, false)}
          onTurn={() => setRear(!rear)}
        />
      )}
      <div
        ref={root}
        tabIndex={0}
        role="group"
        aria-label={w.walkHow}
        data-version={view.version}
        className={`rounded-2xl lg:min-h-0 lg:flex-1 ${small ? "sticky top-0 z-10" : "relative"}`}
        onKeyDown={onKeyDown}
        onFocus={onFocus}
        onContextMenu={openMenu}
        onPointerMove={(e) => hand && !dragging.current && e.pointerType === "mouse" && hover(placeAt(e.clientX, e.clientY))}
        {...longPress}
        onClickCapture={(e) => {
          if (!hand) return;
          const key = (e.target as Element).closest<SVGElement>("[data-key]")?.dataset.key;
          if (key && !(e.target as Element).closest("[data-slip]")) {
            e.stopPropagation();
            land(key);
          }
        }}
      >
        <div
          className={`by-itself touch-pan-x touch-pan-y overflow-auto rounded-2xl border-2 border-ink bg-lime lg:h-full
            ${small ? "max-h-[34dvh]" : ""}`}
          ref={room}
        >
          <div className="relative" style={drawn}>
            <Picture
              view={view}
              catalogue={catalogue}
              strands={strands}
              plates={plates}
              placed={placed}
              ways={ways}
              units={units}
              pad={pad}
              rear={rear}
              lit={litNow}
              focus={hand ? null : walk.at}
              live={look.live}
              onSelect={onChoose}
              onPick={onPick}
              onPull={onPull}
            />
            <Lights strands={strands} plates={plates} placed={placed} ways={ways} units={units} pad={pad} hand={hand} ghost={ghost} />
          </div>
        </div>
        {!small && <Nearer nearer={nearer} whole={whole} zoom={zoom} />}
        {hand &&
          inPlace(
            beside,
            <Slip
              hand={hand}
              before={view.report.fill.needed.low}
              onLand={land}
              onHover={hover}
              onDrop={drop}
              list={small}
              would={would}
            />,
          )}
      </div>
      {sel &&
        !hand &&
        inPlace(
          beside,
          <Suspense fallback={null}>
            <Thing
              {...{ job, view, catalogue, edit, sel }}
              bunch={good}
              onBunch={(id) => select({ kind: "strand", id }, { shiftKey: true })}
              onPick={pickUp}
              onPull={pull}
              onOnward={(lead) => pick({ onward: lead }, w.onward(leadName(view, lead)))}
              onWire={(from, name) => pick({ fromPlace: from }, w.wireFrom(name))}
              onBring={(entry) => setAdding({ what: "cable", entry })}
              onClose={() => onSelect(null)}
            />
          </Suspense>,
        )}
      {menu && (
        <Actions
          menu={menu}
          view={view}
          catalogue={catalogue}
          edit={edit}
          onClose={() => setMenu(null)}
          onPick={pickUp}
          onPull={pull}
          onBunch={(id) => select({ kind: "strand", id }, { shiftKey: true })}
          onBring={(entry) => setAdding({ what: "cable", entry })}
          onMore={(s) => onSelect(s)}
        />
      )}
      <Suspense fallback={null}>
        {adding && <Adding {...{ job, view, catalogue, edit, adding }} onClose={() => setAdding(null)} />}
      </Suspense>
    </section>
  );
}
