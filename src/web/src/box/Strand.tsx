import type { Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { Ask, Pick } from "../parts/controls";
import { fact } from "../parts/measure";
import { words } from "../words";
import { measured } from "./BoxCard";
import { keyOf, landingOf, wire } from "./landing";
import type { BoxEdit } from "./useBoxEdit";

const w = words.box;

/** One lead as a strand: its colour, its length on it, and where it lands, to be changed in place. */
export function Strand({
  id,
  lead,
  name,
  places,
  edit,
  ticked,
  onTick,
  lit,
}: {
  id: string;
  lead: Schemas["Lead"];
  name: string;
  places: [string, string][];
  edit: BoxEdit;
  ticked: boolean;
  onTick: (on: boolean) => void;
  lit: boolean;
}) {
  const { units } = useSettings();
  const thick = { "18": 5, "16": 6, "14": 8, "12": 10, "10": 12 }[lead.gauge ?? ""] ?? 9;
  const through = lead.form !== "Ended" && lead.form !== undefined;
  return (
    <li
      className={`grid grid-cols-[auto_minmax(0,1fr)] items-center gap-x-2 gap-y-1 rounded-lg px-1 py-1 sm:grid-cols-[auto_minmax(5rem,1fr)_6rem_minmax(0,1.3fr)] ${lit ? "bg-slate-wash outline-2 outline-slate" : ""}`}
    >
      <label className="grid size-11 place-items-center">
        <input
          type="checkbox"
          className="size-5 accent-(--ink)"
          checked={ticked}
          disabled={through}
          onChange={(e) => onTick(e.target.checked)}
          aria-label={`${w.pick}: ${name}`}
        />
      </label>
      <div className="flex min-w-0 items-center gap-2">
        <span className="relative h-4 w-full min-w-16 overflow-hidden rounded-full" aria-hidden>
          <span
            className="absolute inset-x-0 top-1/2 -translate-y-1/2 rounded-full border-[1.5px]"
            style={{
              height: thick,
              background: wire(lead.colour),
              borderColor: "var(--w-edge)",
              borderStyle: lead.gauge ? "solid" : "dashed",
            }}
          />
          {lead.markedAs && (
            <span
              className="absolute top-1/2 left-3 w-3 -translate-y-1/2 border-x-[1.5px]"
              style={{ height: thick + 4, background: wire(lead.markedAs), borderColor: "var(--w-edge)" }}
            />
          )}
          {lead.stranded && <span className="absolute inset-x-2 top-1/2 border-t border-dashed" style={{ borderColor: "var(--card)" }} />}
        </span>
        <span className="shrink-0 text-sm">
          {lead.colour}
          {lead.markedAs && `, taped ${lead.markedAs}`} <span className="figure text-ink-2">{lead.gauge ?? "?"}</span>
        </span>
      </div>
      <div className="col-start-2 sm:col-auto">
        <Ask
          hide
          mono
          label={`${w.length}: ${name}`}
          hint={w.length}
          value={fact(lead.length, units, "")}
          onKeep={(t) => void edit.send({ do: "setLeadLength", lead: id, length: measured(t) })}
        />
      </div>
      <div className="col-start-2 sm:col-auto">
        {through ? (
          <Pick
            hide
            label={name}
            value={lead.form}
            onChange={(form) => void edit.send({ do: "setLeadForm", lead: id, form })}
            options={Object.entries(words.form) as [Schemas["LeadForm"], string][]}
          />
        ) : (
          <Pick
            hide
            label={`${name}`}
            value={keyOf(lead.lands)}
            onChange={(to) =>
              void edit.send(
                to.startsWith("Form|")
                  ? { do: "setLeadForm", lead: id, form: to.slice(5) }
                  : { do: "moveLead", lead: id, to: landingOf(to) },
              )
            }
            options={[
              ...places,
              ["Form|Loop", words.form.Loop] as [string, string],
              ["Form|PassingThrough", words.form.PassingThrough] as [string, string],
            ]}
          />
        )}
      </div>
      <details className="col-span-full pl-12 text-sm">
        <summary className="min-h-6 text-ink-2">{words.more}</summary>
        <div className="grid grid-cols-2 gap-2 pb-2 sm:grid-cols-4">
          <Ask
            label={w.asColour}
            value={lead.colour}
            onKeep={(colour) =>
              void edit.send({ do: "identifyLead", lead: id, colour, markedAs: lead.markedAs ?? null, use: lead.use ?? "Unknown" })
            }
          />
          <Ask
            label={w.taped}
            value={lead.markedAs ?? ""}
            onKeep={(t) =>
              void edit.send({ do: "identifyLead", lead: id, colour: lead.colour, markedAs: t || null, use: lead.use ?? "Unknown" })
            }
          />
          <Pick
            label={w.used}
            value={lead.use ?? "Unknown"}
            onChange={(use) => void edit.send({ do: "identifyLead", lead: id, colour: lead.colour, markedAs: lead.markedAs ?? null, use })}
            options={Object.entries(words.use) as [Schemas["ConductorUse"], string][]}
          />
          <Pick
            label={w.gauge}
            value={lead.gauge ?? ""}
            onChange={(g) =>
              void edit.send({
                do: "setLeadWire",
                lead: id,
                gauge: g || null,
                stranded: lead.stranded ?? false,
                metal: lead.metal ?? "Copper",
              })
            }
            options={[
              ["", w.dunno] as [string, string],
              ...["18", "16", "14", "12", "10", "8", "6"].map((g): [string, string] => [g, `${g} AWG`]),
            ]}
          />
        </div>
      </details>
    </li>
  );
}
