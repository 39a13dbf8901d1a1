import type { Schemas } from "../api/client";
import { words } from "../words";

/** Where grounds are held to a metal box, as landings name them: its tapped holes, the first without a name, then its clips. */
export function groundPlaces(box: Schemas["Box"]): (string | null)[] {
  const holes = Array.from({ length: box.moreGroundHoles ?? 0 }, (_, i) => `hole-${i + 2}`);
  const clips = Array.from({ length: box.groundClips ?? 0 }, (_, i) => `clip-${i + 1}`);
  return [null, ...holes, ...clips];
}

/** What such a place is called. */
export function groundPlaceName(place: string | null): string {
  const number = Number(place?.split("-")[1] ?? 1);
  return (place?.startsWith("clip") ? words.box.clip : words.landing.BondingScrew) + (number > 1 ? ` ${number}` : "");
}
