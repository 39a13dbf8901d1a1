import { MoreHorizontal } from "lucide-react";
import { useState } from "react";
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
  const [open, setOpen] = useState(false);
  const through = lead.form !== "Ended" && lead.form !== undefined;
  return (
    <li className={`rounded-lg px-1 ${lit ? "bg-slate-wash outline-2 outline-slate" : ""}`}>
      <div className="flex flex-wrap items-center gap-x-2 sm:flex-nowrap">
        <label className="grid size-11 shrink-0 place-items-center">
          <input
            type="checkbox"
            className="size-5 accent-(--ink)"
            checked={ticked}
            disabled={through}
            onChange={(e) => onTick(e.target.checked)}
            aria-label={`${w.pick}: ${name}`}
          />
        </label>
        <span className="w-24 shrink-0 text-sm">
          {lead.colour} <span className="figure text-ink-2">{lead.gauge ?? "?"}</span>
          {lead.markedAs && <span className="block">taped {lead.markedAs}</span>}
        </span>
        <span className="relative flex h-11 min-w-28 flex-1 items-center">
          <span
            aria-hidden
            className="absolute inset-x-0 rounded-full border-[1.5px]"
            style={{
              height: thick,
              background: wire(lead.colour),
              borderColor: "var(--w-edge)",
              borderStyle: lead.gauge ? "solid" : "dashed",
            }}
          />
          {lead.markedAs && (
            <span
              aria-hidden
              className="absolute left-3 w-3 border-x-[1.5px]"
              style={{ height: thick + 4, background: wire(lead.markedAs), borderColor: "var(--w-edge)" }}
            />
          )}
          <LengthOn
            name={name}
            text={fact(lead.length, units, "")}
            onKeep={(t) => void edit.send({ do: "setLeadLength", lead: id, length: measured(t) })}
          />
        </span>
        <div className="ml-11 min-w-36 flex-1 sm:ml-0 sm:max-w-56">
          {through ? (
            <Pick
              hide
              quiet
              label={name}
              value={lead.form}
              onChange={(form) => void edit.send({ do: "setLeadForm", lead: id, form })}
              options={Object.entries(words.form) as [Schemas["LeadForm"], string][]}
            />
          ) : (
            <Pick
              hide
              quiet
              label={name}
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
        <button
          type="button"
          aria-label={`${words.more}: ${name}`}
          aria-expanded={open}
          className="grid size-11 shrink-0 place-items-center rounded-lg"
          onClick={() => setOpen(!open)}
        >
          <MoreHorizontal size={18} aria-hidden />
        </button>
      </div>
      {open && (
        <div className="grid grid-cols-2 gap-2 pb-3 pl-12 text-sm sm:grid-cols-4">
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
      )}
    </li>
  );
}

/** The length as a figure on the strand, to be typed over. */
function LengthOn({ name, text, onKeep }: { name: string; text: string; onKeep: (text: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== text) onKeep(typed.trim());
    setTyped(null);
  };
  return (
    <input
      aria-label={`${w.length}: ${name}`}
      placeholder="? in"
      className="figure relative z-10 mx-auto h-8 w-20 rounded-full border-2 border-rule bg-card px-1 text-center text-sm placeholder:text-ink-2"
      value={typed ?? text}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => {
        if (e.key === "Enter") keep();
        if (e.key === "Escape") setTyped(null);
      }}
    />
  );
}
