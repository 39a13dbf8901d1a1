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

/** The picture with a little room above and below. */
export const viewBox = (placed: Placed) => `0 -10 ${placed.width} ${placed.height + 26}`;
