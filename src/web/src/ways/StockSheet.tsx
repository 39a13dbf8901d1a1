import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, type Edit, type Schemas } from "../api/client";
import { keys } from "../model/keys";
import { served } from "../parts/address";
import { Ask } from "../parts/controls";
import { say } from "../parts/Notices";
import { PickFile } from "../parts/PickFile";
import { wayWords as w } from "../words/ways";

type Line = Schemas["StockView"];
const MOST = 30;

/** What the van holds and the shop has. A count typed here changes the ways at once. */
export function StockSheet({ job, version, send }: { job: string; version: number; send: (edit: Edit) => void }) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState("");
  const stock = useQuery({
    queryKey: keys.of(job, "stock", version),
    queryFn: () => must(api.GET("/api/jobs/{job}/stock", { params: { path: { job } } })),
    enabled: open,
    placeholderData: (before) => before,
  });
  const read = async (chosen: File) => {
    try {
      const edit = await must(
        api.POST("/api/read-stock", {
          body: await chosen.text(),
          bodySerializer: (b: string) => b,
          headers: { "content-type": "text/csv" },
        }),
      );
      send(edit);
    } catch (e) {
      say((e as Error).message, "stop");
    }
  };
  const shown = (stock.data ?? []).filter((s) => (find === "" ? s.own : s.name.toLowerCase().includes(find.toLowerCase()))).slice(0, MOST);
  return (
    <details className="no-print mt-2" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-11 content-center font-semibold underline underline-offset-4">{w.stock}</summary>
      <p className="mb-2 text-sm text-ink-2">{w.stockHow}</p>
      <div className="mb-2 flex flex-wrap items-end gap-2">
        <label className="min-w-60 flex-1">
          <span className="mb-1 block text-sm text-ink-2">{w.find}</span>
          <input
            className="min-h-11 w-full rounded-lg border-2 border-rule bg-card px-2.5"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        </label>
        <a className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold" href={served.stock(job)}>
          {w.csvOut}
        </a>
        <PickFile label={w.csvIn} accept=".csv,text/csv" onFile={(chosen) => void read(chosen)} />
      </div>
      <ul className="grid gap-x-8 md:grid-cols-2">
        {shown.map((s) => (
          <One key={s.part} of={s} onPut={(line) => send({ do: "putStock", lines: { [s.part]: line } } as Edit)} />
        ))}
      </ul>
    </details>
  );
}

function One({ of, onPut }: { of: Line; onPut: (line: Schemas["StockLine"]) => void }) {
  const number = (text: string) => (text.trim() === "" ? null : Number(text));
  const good = (n: number | null) => n === null || (Number.isFinite(n) && n >= 0);
  return (
    <li className="flex items-center gap-3 border-t border-rule py-1">
      <span className="flex-1">{of.name}</span>
      <span className="w-24">
        <Ask
          mono
          label={`${w.inVan}`}
          value={of.line.van ? String(of.line.van) : ""}
          onKeep={(t) => good(number(t)) && onPut({ ...of.line, van: number(t) ?? 0 })}
        />
      </span>
      <span className="w-32">
        <Ask
          mono
          label={`${w.inShop}`}
          hint={w.any}
          value={of.line.shop == null ? "" : String(of.line.shop)}
          onKeep={(t) => good(number(t)) && onPut({ ...of.line, shop: number(t) })}
        />
      </span>
    </li>
  );
}
