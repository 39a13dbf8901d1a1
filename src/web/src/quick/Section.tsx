import { Lines } from "../parts/Lines";

/** A heading with sentences under it. */
export function Section({ title, lines }: { title: string; lines: readonly string[] }) {
  return (
    <section aria-label={title}>
      <h2 className="text-lg">{title}</h2>
      <Lines lines={lines} />
    </section>
  );
}
