import { useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { address } from "../parts/address";
import { Back } from "../parts/Back";
import { Button, Choice } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { unitsText } from "../parts/measure";
import { Pick } from "../parts/Pick";
import { usePhone } from "../parts/usePhone";
import { drawn } from "../model/facts";
import { useChanges } from "../model/job";
import { words } from "../words";
import { wallWords as w } from "../words/wall";
import { BoxMore } from "./BoxMore";
import { BoxPanel } from "./BoxPanel";
import { edgeOf } from "./geometry";
import { useSend, useWall, withWay, type Tape, type WallBox } from "./useWall";
import { WallDrawing } from "./WallDrawing";
import { WallMore, WallPanel } from "./WallPanel";

/** A wall with both its faces: what is in it and on it, and where the next hole goes. */
export default function WallPage() {
  const { job = "", wall: id = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const [change, picked] = [search.get("change"), search.get("box")];
  const wall = useWall(job, id, change);
  const send = useSend(job, change);
  const changes = (useChanges(job).data ?? []).filter((c) => !c.closed);
  const phone = usePhone();
  const [face, setFace] = useState<"Near" | "Far" | null>(null);
  const [closer, setCloser] = useState<boolean | null>(null);
  if (wall.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!wall.data) return <Nowhere error={wall.error} />;
  const told = wall.data;
  const box = told.boxes.find((b) => b.id === picked) ?? null;
  const put = (key: "box" | "change", next: string | null) => {
    const to = new URLSearchParams(search);
    if (next) to.set(key, next);
    else to.delete(key);
    setSearch(to, { replace: true });
  };
  const pick = (next: string | null) => put("box", next);
  const show = (next: string | null) => put("change", next);
  const place = (of: WallBox, across: Tape, up: Tape) => send(set(id, of, across, up));
  const move = (of: WallBox, dx: number, dy: number) => {
    const [across, up] = [tapeAt(of, false, dx), tapeAt(of, true, dy)];
    if (across && up) void place(of, across, up);
  };
  // One under another, what is typed comes before what is read.
  const more = box ? (
    <BoxMore job={job} wall={told} box={box} send={send} onGone={() => pick(null)} />
  ) : (
    <WallMore job={job} wall={told} send={send} />
  );
  return (
    <div className="mx-auto max-w-7xl pb-6">
      <Back to={address.sheet(job, "rooms")} />
      <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
        <h1 className="mr-auto min-w-0 text-2xl">{told.name}</h1>
        {changes.length > 0 && (
          <div className="w-60">
            <Pick
              hide
              label={w.state}
              value={change ?? ""}
              onChange={(to) => show(to || null)}
              options={[["", w.now] as const, ...changes.map((c) => [c.id, w.planned(c.name)] as const)]}
            />
          </div>
        )}
        <Choice
          hide
          label={w.faces}
          value={face ?? box?.side ?? "Near"}
          onChange={setFace}
          options={[
            ["Near", told.from],
            ["Far", told.fromBehind],
          ]}
        />
      </div>
      {(told.wide == null || told.high == null) && <p className="mb-2 font-semibold text-amber">{w.noSize}</p>}
      <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_22rem] lg:grid-rows-[auto_1fr]">
        <div className="min-w-0">
          <WallDrawing
            wall={told}
            flip={(face ?? box?.side ?? "Near") === "Far"}
            picked={picked}
            onPick={pick}
            onMove={move}
            most={phone ? 380 : 560}
            closer={box !== null && (closer ?? phone)}
          />
          <div className="mt-1 flex flex-wrap items-center gap-x-4">
            <p className="text-sm text-ink-2">{w.pick}</p>
            {box && (
              <Button look="quiet" onClick={() => setCloser(!(closer ?? phone))}>
                {(closer ?? phone) ? w.wholeWall : w.closer}
              </Button>
            )}
          </div>
        </div>
        {box ? (
          <BoxPanel key={box.id} wall={told} box={box} place={place} onClose={() => pick(null)} />
        ) : (
          <WallPanel job={job} wall={told} send={send} onPick={pick} />
        )}
        <div className="min-w-0 lg:col-start-1">{more}</div>
      </div>
    </div>
  );
}

/** The edit that puts a box where two tapes say. */
const set = (wall: string, box: WallBox, across: Tape, up: Tape) =>
  ({ do: "setBoxWall", box: box.id, wall, spot: { ...box.spot, across, up } }) as const;

/** The tape a box is recorded by, after it was moved along one axis by hand: drawn, not measured, where it moved. */
function tapeAt(box: WallBox, up: boolean, by: number): Tape | null {
  const number = box.numbers.find((n) => n.used && n.up === up);
  if (!number || !box.at) return null;
  const tape = up ? box.spot.up : box.spot.across;
  if (by === 0) return tape;
  const to = edgeOf(up ? box.at.bottom : box.at.left, up ? box.at.top : box.at.right, tape.to ?? "Middle") + by;
  return withWay(tape, drawn(unitsText(number.back ? number.start - to : to - number.start)));
}
