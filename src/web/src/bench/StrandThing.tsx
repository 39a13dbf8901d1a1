import type { ReactNode } from "react";
import type { BoxView, Schemas } from "../api/client";
import { useSettings } from "../api/settings";
import { measured } from "../model/facts";
import type { EditOf } from "../model/edits";
import type { BoxEdit } from "../model/useBoxEdit";
import { Gestures } from "./Gestures";
import { WireFacts } from "./WireFacts";
import { Ask, Button } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { fact } from "../parts/measure";
import { words } from "../words";

const w = words.box;
const gauges = [["", w.dunno] as const, ...["18", "16", "14", "12", "10", "8", "6"].map((g) => [g, `${g} AWG`] as const)];
const metalsOf = Object.entries(w.metals) as [Schemas["Metal"], string][];
const usesOf = Object.entries(words.use) as [Schemas["ConductorUse"], string][];

/** A lead or pigtail chosen: its length, colour, tape, use and gauge, and picking it up. */
export function StrandThing({
  job,
  view,
  id,
  edit,
  onPick,
  onOnward,
  bunch,
  onBunch,
}: {
  job: string;
  view: BoxView;
  id: string;
  edit: BoxEdit;
  onPick: (far: boolean) => void;
  /** It is bared where it lies and goes on from there. */
  onOnward: () => void;
  bunch: boolean;
  onBunch: () => void;
}) {
  const lead = view.box.leads?.[id];
  const tail = view.box.pigtails?.[id];
  const facts = <WireFacts key={id} view={view} id={id} edit={edit} />;
  return lead ? (
    <LeadThing id={id} lead={lead} edit={edit} facts={lead.run ? facts : null} onPick={() => onPick(false)} bunch={bunch} onBunch={onBunch}>
      {lead.run && /^(Joint|Terminal|BondingScrew)$/.test(lead.lands.at) && <Button onClick={onOnward}>{w.goesOn}</Button>}
      <Gestures job={job} view={view} edit={edit} leads={[id]} />
    </LeadThing>
  ) : tail ? (
    <PigtailThing id={id} tail={tail} edit={edit} onPick={onPick} onOnward={onOnward} facts={facts} />
  ) : null;
}

function LeadThing({
  id,
  lead,
  edit,
  onPick,
  bunch,
  onBunch,
  facts,
  children,
}: {
  id: string;
  lead: Schemas["Lead"];
  edit: BoxEdit;
  onPick: () => void;
  bunch: boolean;
  onBunch: () => void;
  /** What is seen of its end. */
  facts: ReactNode;
  /** What else can be done with it. */
  children: ReactNode;
}) {
  const { units } = useSettings();
  const through = (lead.form ?? "Ended") !== "Ended";
  const identify = (change: Partial<Schemas["Lead"]>) =>
    void edit.send({
      do: "identifyLead",
      lead: id,
      colour: lead.colour,
      markedAs: lead.markedAs ?? null,
      use: lead.use ?? "Unknown",
      ...change,
    });
  const wire = (change: Partial<EditOf<"setLeadWire">>) =>
    void edit.send({
      do: "setLeadWire",
      lead: id,
      gauge: lead.gauge ?? undefined,
      stranded: lead.stranded ?? false,
      metal: lead.metal ?? "Copper",
      ...change,
    });
  return (
    <>
      <div className="mb-3 flex flex-wrap gap-2">
        {!through && (
          <Button look="main" onClick={onPick}>
            {words.bench.pickUp}
          </Button>
        )}
        {!through && (
          <Button aria-pressed={bunch} onClick={onBunch}>
            {bunch ? words.bench.unbunch : words.bench.bunch}
          </Button>
        )}
        {children}
        {!lead.device && (
          <div className="w-44">
            <Pick
              hide
              label={words.bench.form}
              value={lead.form ?? "Ended"}
              onChange={(form) => void edit.send({ do: "setLeadForm", lead: id, form })}
              options={Object.entries(words.form) as [Schemas["LeadForm"], string][]}
            />
          </div>
        )}
      </div>
      <div className="grid grid-cols-2 gap-2 text-sm sm:grid-cols-[repeat(auto-fit,minmax(8rem,1fr))]">
        <Ask
          mono
          label={w.length}
          hint={w.lengthHint}
          value={fact(lead.length, units, "")}
          onKeep={(t) => edit.send({ do: "setLeadLength", lead: id, length: measured(t) })}
        />
        <Ask label={w.asColour} value={lead.colour} onKeep={(colour) => identify({ colour })} />
        <Ask label={w.taped} value={lead.markedAs ?? ""} onKeep={(t) => identify({ markedAs: t || null })} />
        <Pick label={w.used} value={lead.use ?? "Unknown"} onChange={(use) => identify({ use })} options={usesOf} />
        <Pick label={w.gauge} value={lead.gauge ?? ""} onChange={(g) => wire({ gauge: g || undefined })} options={gauges} />
        <Pick label={w.metal} value={lead.metal ?? "Copper"} onChange={(metal) => wire({ metal })} options={metalsOf} />
      </div>
      {facts}
    </>
  );
}

function PigtailThing({
  id,
  tail,
  edit,
  onPick,
  onOnward,
  facts,
}: {
  id: string;
  tail: Schemas["Pigtail"];
  edit: BoxEdit;
  onPick: (far: boolean) => void;
  onOnward: () => void;
  facts: ReactNode;
}) {
  const { units } = useSettings();
  const set = (change: Partial<EditOf<"setPigtail">>) =>
    void edit.send({
      do: "setPigtail",
      id,
      gauge: tail.gauge ?? undefined,
      colour: tail.colour,
      length: tail.length ?? { how: "Unknown" },
      use: tail.use ?? "Unknown",
      stranded: tail.stranded ?? false,
      ...change,
    });
  return (
    <>
      <div className="mb-3 flex flex-wrap gap-2">
        <Button look="main" onClick={() => onPick(true)}>
          {words.bench.pickUp}
        </Button>
        {tail.of ? <Button onClick={onOnward}>{w.goesOn}</Button> : <Button onClick={() => onPick(false)}>{words.bench.pickOther}</Button>}
        <Button look="quiet" onClick={() => void edit.send({ do: "removePigtail", id })}>
          {w.takeOut}
        </Button>
      </div>
      <div className="grid grid-cols-2 gap-2 text-sm sm:grid-cols-[repeat(auto-fit,minmax(8rem,1fr))]">
        <Ask mono label={w.length} hint={w.lengthHint} value={fact(tail.length, units, "")} onKeep={(t) => set({ length: measured(t) })} />
        {!tail.of && (
          <>
            <Ask label={w.asColour} value={tail.colour} onKeep={(colour) => set({ colour })} />
            <Pick label={w.used} value={tail.use ?? "Unknown"} onChange={(use) => set({ use })} options={usesOf} />
            <Pick label={w.gauge} value={tail.gauge ?? ""} onChange={(g) => set({ gauge: g || undefined })} options={gauges} />
          </>
        )}
      </div>
      {facts}
    </>
  );
}
