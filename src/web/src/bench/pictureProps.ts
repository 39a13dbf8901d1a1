import type { PointerEvent } from "react";
import type { BoxView, Catalogue } from "../api/client";
import type { BoxLive } from "../model/useLive";
import type { Units } from "../api/settings";
import type { Placed } from "./layout";
import type { Way } from "./layout/ways";
import type { Plate } from "./plates";
import type { Strands } from "./scene";
import type { Sel } from "./select";

/** What the picture of an open box is drawn from, and what it answers with. */
export type PictureProps = {
  view: BoxView;
  catalogue: Catalogue;
  strands: Strands;
  plates: readonly Plate[];
  placed: Placed;
  ways: readonly Way[];
  units: Units;
  pad: Pad;
  rear: boolean;
  /** Things lit because they are chosen, or counted by a line of the sum. */
  lit: ReadonlySet<string>;
  focus: string | null;
  /** What is expected of it with the power on; null while nobody looks. */
  live: BoxLive | null;
  onSelect: (sel: Sel, event?: { shiftKey: boolean }) => void;
  onPick: (strand: string, far: boolean, event: PointerEvent) => void;
  onPull: (joint: string, event: PointerEvent) => void;
};

/** How much more than the picture its room shows, in the picture's own units: to the left and right, above and below. */
export type Pad = { x: number; y: number };

/** The picture with a little room above and below, and what its room has to spare. */
export const viewBox = (placed: Placed, { x, y }: Pad) => `${-x} ${-10 - y} ${placed.width + 2 * x} ${placed.height + 26 + 2 * y}`;
