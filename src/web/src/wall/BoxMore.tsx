import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import type { Edit } from "../model/edits";
import { address, served } from "../parts/address";
import { Button } from "../parts/controls";
import { Lines } from "../parts/Lines";
import { wallWords as w } from "../words/wall";
import { Section } from "./Section";
import type { Wall, WallBox } from "./useWall";

/** What is done before the saw, how the mark gets through, what the wall is made of, the hole: beside the drawing, under it. */
export function BoxMore({
  job,
  wall,
  box,
  send,
  onGone,
}: {
  job: string;
  wall: Wall;
  box: WallBox;
  send: (edit: Edit) => Promise<boolean>;
  onGone: () => void;
}) {
  const metric = useSettings().units === "metric";
  return (
    <>
      {box.cut && (
        <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
          <Cut cut={box.cut} wall={wall} box={box} />
        </div>
      )}
      <div className="flex flex-wrap gap-x-4 mt-4 border-t border-rule pt-2">
        <Link className="min-h-11 content-center underline underline-offset-4" to={address.box(job, box.id)}>
          {w.toBox}
        </Link>
        <Link className="min-h-11 content-center underline underline-offset-4" to={address.ways(job, { kind: "MoreOutlets", box: box.id })}>
          {w.toWish}
        </Link>
        <a className="min-h-11 content-center underline underline-offset-4" href={served.holeSheet(job, wall.id, box.id, "pdf", metric)}>
          {w.holePdf}
        </a>
        <a className="min-h-11 content-center underline underline-offset-4" href={served.holeSheet(job, wall.id, box.id, "svg", metric)}>
          {w.holeSvg}
        </a>
        <Button look="quiet" onClick={() => void send({ do: "setBoxWall", box: box.id, wall: wall.id }).then(onGone)}>
          {w.off}
        </Button>
      </div>
    </>
  );
}

function Cut({ cut, wall, box }: { cut: Schemas["ToldWallCut"]; wall: Wall; box: WallBox }) {
  return (
    <>
      <section aria-label={w.beforeTitle}>
        <h3 className="text-lg">{w.before(cut.waits)}</h3>
        <Lines lines={cut.before} />
      </section>
      <section aria-label={w.through}>
        <h3 className="text-lg">{w.through}</h3>
        {cut.through.length === 0 && <p>{w.throughNone}</p>}
        {cut.through.slice(0, 4).map((t) => (
          <ul key={t.by} className="mb-1 border-l-4 border-rule pl-3">
            {t.way.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        ))}
        <p>{cut.height}</p>
      </section>
      <Section wall={wall} box={box} />
      <section aria-label={w.hole}>
        <h3 className="text-lg">{w.hole}</h3>
        <Lines lines={[cut.says, ...cut.corners, ...cut.plates, ...cut.wider]} />
      </section>
    </>
  );
}
