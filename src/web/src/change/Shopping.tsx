import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must } from "../api/client";
import { keys } from "../model/keys";
import { served } from "../parts/address";
import { words } from "../words";
import { wayWords as w } from "../words/ways";

/** One list of what all open Changes use together: what lies in the van, what is bought, what is cut from which coil. */
export function Shopping({ job, version }: { job: string; version: number }) {
  const [open, setOpen] = useState(false);
  const list = useQuery({
    queryKey: keys.of(job, "stock", "shopping", version),
    queryFn: () => must(api.GET("/api/jobs/{job}/shopping", { params: { path: { job } } })),
    enabled: open,
    placeholderData: (before) => before,
  });
  const data = list.data;
  return (
    <details className="mb-5" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-11 content-center text-lg font-semibold underline underline-offset-4">{w.shopping.title}</summary>
      {list.error && <p role="alert">{list.error.message}</p>}
      {open && list.isPending && <p className="text-ink-2">{words.loading}</p>}
      {data && (
        <div className="rounded-2xl border-2 border-ink p-3">
          <p className="mb-2 text-sm text-ink-2">{w.shopping.of(data.changes)}</p>
          {data.parts.length === 0 ? (
            <p>{w.shopping.none}</p>
          ) : (
            <table className="w-full">
              <thead className="text-left text-sm text-ink-2">
                <tr>
                  <th className="font-normal">{w.parts}</th>
                  <th className="text-right font-normal">{w.shopping.needed}</th>
                  <th className="text-right font-normal">{w.inVan}</th>
                  <th className="text-right font-normal">{w.buy}</th>
                </tr>
              </thead>
              <tbody>
                {data.parts.map((p) => (
                  <tr key={p.part} className="border-t border-rule">
                    <td>{p.name}</td>
                    <td className="figure text-right">{p.feet ? `${p.count} ft` : p.count}</td>
                    <td className="figure text-right">{p.van}</td>
                    <td className="figure text-right font-bold">{p.buy}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {data.off.length > 0 && (
            <>
              <h3 className="mt-3">{w.shopping.off}</h3>
              <ul>
                {data.off.map((o) => (
                  <li key={o} className="first-letter:uppercase">
                    {o}
                  </li>
                ))}
              </ul>
              <p className="text-sm text-ink-2">{w.shopping.time(data.time)}</p>
            </>
          )}
          {data.cutting.length > 0 && <h3 className="mt-3">{w.cuts}</h3>}
          {data.cutting.map((c) => (
            <div key={c.part} className="mt-1">
              <b>{c.name}</b>
              {c.bought > 0 && <span className="text-sm">{` ${w.shopping.bought(c.bought)}`}</span>}
              <ul className="pl-4">
                {c.coils.map((coil) => (
                  <li key={coil.from + coil.pieces.map((p) => p.says).join()}>
                    {w.shopping.from(coil.from, coil.left ?? null)}
                    <ul className="list-disc pl-5 text-sm">
                      {coil.pieces.map((p, i) => (
                        <li key={i}>
                          <b className="figure">{p.length}</b> {p.says}
                        </li>
                      ))}
                    </ul>
                  </li>
                ))}
              </ul>
            </div>
          ))}
          <p className="no-print mt-3">
            <a
              className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
              href={served.shopping(job)}
            >
              {w.csvOut}
            </a>
          </p>
        </div>
      )}
    </details>
  );
}
