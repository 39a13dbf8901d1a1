import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must } from "../api/client";
import { crewWords as w } from "../words/crew";
import { when } from "./when";

/** Who came and went, and what was given and taken out. */
export function Audit() {
  const [open, setOpen] = useState(false);
  const audit = useQuery({ queryKey: ["audit"], enabled: open, queryFn: () => must(api.GET("/api/audit")) });
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)} className="border-t-2 border-rule pt-3">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">{w.audit}</summary>
      <ol className="flex flex-col gap-1">
        {audit.data?.map((a, i) => (
          <li key={i} className="grid grid-cols-[9rem_1fr] gap-2">
            <span className="figure text-sm text-ink-2">{when(a.at)}</span>
            <span>
              <strong>{a.by}</strong> {w.auditOf[a.what]}
              {a.of && `: ${a.of}`} <span className="figure text-sm text-ink-2">{a.from}</span>
            </span>
          </li>
        ))}
      </ol>
    </details>
  );
}
