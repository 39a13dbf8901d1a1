import { say } from "../parts/Notices";
import { Button } from "../parts/controls";
import { words } from "../words";
import { handOut, pointsOf, sheetOf } from "./sheet";

const w = words.bench;

/** The picture of the box to print or to send: black and white, as lines or as points. */
export function PictureFiles({ name }: { name: string }) {
  const drawn = () => sheetOf(document.querySelector<SVGSVGElement>("[data-picture]")!);
  const lines = () => handOut(new Blob([drawn()], { type: "image/svg+xml" }), `${name}.svg`);
  const points = () =>
    void pointsOf(drawn()).then(
      (png) => handOut(png, `${name}.png`),
      () => say(words.failed, "stop"),
    );
  return (
    <div className="no-print flex flex-wrap items-center gap-2" role="group" aria-label={w.pictureOf}>
      <span className="text-sm text-ink-2">{w.pictureOf}</span>
      <Button onClick={lines}>SVG</Button>
      <Button onClick={points}>PNG</Button>
    </div>
  );
}
