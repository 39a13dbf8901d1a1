import { TriangleAlert } from "lucide-react";
import { Link } from "react-router";
import { useTroubles } from "../model/troubles";
import { address } from "../parts/address";
import { troubleWords as w } from "../words/trouble";

/** What is wrong and not closed; and the boxes where the same hand worked. */
export function Troubles({ job }: { job: string }) {
  const list = useTroubles(job).data ?? [];
  const open = list.filter((t) => t.closed == null && !t.hidden);
  const look = list.flatMap((t) => t.lookToo).filter((b, i, all) => all.findIndex((x) => x.id === b.id) === i);
  if (open.length === 0 && look.length === 0) return null;
  return (
    <section aria-label={w.title} className="mb-4 rounded-2xl border-2 border-barn bg-barn-wash p-3">
      {open.length > 0 && <h2 className="text-lg">{w.today(open.length)}</h2>}
      <ul>
        {open.map((t) => (
          <li key={t.id} className="flex items-center gap-2">
            <TriangleAlert size={20} aria-hidden className="shrink-0" />
            <Link to={address.trouble(job, t.id)} className="inline-flex min-h-11 items-center font-bold underline underline-offset-4">
              {t.says}
            </Link>
            <span className="text-sm text-ink-2">{t.boxes.join(", ")}</span>
          </li>
        ))}
      </ul>
      {look.length > 0 && (
        <p>
          <b>{w.lookToo}: </b>
          {look.map((b) => (
            <Link key={b.id} to={address.box(job, b.id)} className="mr-3 inline-flex min-h-11 items-center underline underline-offset-4">
              {b.name}
            </Link>
          ))}
        </p>
      )}
    </section>
  );
}
