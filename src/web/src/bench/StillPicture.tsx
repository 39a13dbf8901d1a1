import { useMemo } from "react";
import type { BoxView, Catalogue } from "../api/client";
import { useSettings } from "../api/settings";
import { Picture } from "./Picture";
import type { Pad } from "./pictureProps";
import { drawNear } from "./remember";

const none: ReadonlySet<string> = new Set();
const tight: Pad = { x: 0, y: 0 };
const nothing = () => {};

/** An open box that is only looked at: on paper, on a wall. It is as large as its room lets it be. */
export default function StillPicture({ view, catalogue, most }: { view: BoxView; catalogue: Catalogue; most: number }) {
  const { units } = useSettings();
  const drawn = useMemo(() => drawNear(view, catalogue), [view, catalogue]);
  const { width, height } = drawn.placed;
  return (
    <div
      className="pointer-events-none mx-auto max-w-full"
      style={{ aspectRatio: `${width} / ${height + 26}`, width: Math.min(most, width) }}
    >
      <Picture
        {...drawn}
        view={view}
        catalogue={catalogue}
        units={units}
        pad={tight}
        rear={false}
        lit={none}
        focus={null}
        live={null}
        onSelect={nothing}
        onPick={nothing}
        onPull={nothing}
      />
    </div>
  );
}
