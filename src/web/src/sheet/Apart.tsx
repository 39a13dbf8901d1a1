import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { address } from "../parts/address";
import { whichWords } from "../words/which";
import { sheetWords } from "../words/sheet";

const w = sheetWords.sheet;

/** Boxes that no recorded cable comes to: they hang on something, and nobody has written down on what. */
export function Apart({ job, apart }: { job: string; apart: readonly Schemas["ApartView"][] }) {
  if (apart.length === 0) return null;
  return (
    <section aria-label={w.apart} className="mt-4">
      <div className="mb-1 flex flex-wrap items-center gap-x-4">
        <h2 className="text-lg">{w.apart}</h2>
        <Link to={address.walk(job)} className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4">
          {whichWords.walk.start}
        </Link>
      </div>
      <ul className="flex flex-wrap gap-2">
        {apart.map((b) => (
          <li key={b.box}>
            <Link
              to={address.survey(job, b.box)}
              className="inline-flex min-h-11 items-center gap-2 rounded-xl border-2 border-dashed border-ink-2 px-3"
            >
              <b>{b.name}</b> <span className="text-sm text-ink-2">{b.place}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
