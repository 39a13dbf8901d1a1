import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, must, type Schemas } from "../api/client";
import { likeCommon, outletKey, outletName } from "../model/appliance";
import { keys } from "../model/keys";
import { Ask, Button, Choice } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { loadWords } from "../words/loads";
import { Answer } from "./Answer";

const w = loadWords.loads;
type Loads = Schemas["LoadsView"];
type Appliance = Schemas["Appliance"];
const OTHER = "other:";
const OWN = "own:";

const number = (text: string) => (text === "" || Number.isNaN(Number(text)) ? null : Number(text));

/** May this run here, with that on: the thing, the outlet, what else runs, and the answer with its reasons. */
export function MayRun({
  job,
  loads,
  at,
  onStay,
}: {
  job: string;
  loads: Loads;
  /** The box, and the device, it was asked at. */
  at: readonly [string | null, string | null];
  /** It stays there: kept, under its own id where it is on the list. */
  onStay: (appliance: Appliance, id: string | null) => void;
}) {
  const asked = loads.outlets.find((o) => o.box === at[0] && (at[1] == null || o.device === at[1]));
  const [where, setWhere] = useState(asked ? outletKey(asked) : "");
  const [which, setWhich] = useState<string>("heater");
  const [thing, setThing] = useState<Appliance>(() => ofCommon(loads, "heater"));
  const [idle, setIdle] = useState<readonly string[]>([]);
  const [restIdle, setRestIdle] = useState(false);
  const choose = (id: string) => {
    setWhich(id);
    setThing(id.startsWith(OWN) ? loads.own[id.slice(OWN.length)]! : ofCommon(loads, id));
  };
  const own = which.startsWith(OWN) ? which.slice(OWN.length) : null;
  const outlet = loads.outlets.find((o) => outletKey(o) === where);
  const ask = outlet && {
    box: outlet.box,
    device: outlet.device,
    watts: thing.watts,
    hours: thing.hours ?? null,
    how: thing.how ?? ("Cord" as const),
    motor: thing.motor ?? false,
    idle: [...idle],
    restIdle,
    instead: own,
  };
  const may = useQuery({
    queryKey: keys.of(job, "may-run", loads.version, JSON.stringify(ask ?? null)),
    queryFn: () => must(api.POST("/api/jobs/{job}/may-run", { params: { path: { job } }, body: ask! })),
    placeholderData: keepPreviousData,
    enabled: ask !== undefined,
    retry: false,
  });
  const set = (change: Partial<Appliance>) => setThing({ ...thing, ...change });
  return (
    <section aria-label={w.may}>
      <h2 className="mb-2 text-xl">{w.may}</h2>
      <div className="grid gap-3 sm:grid-cols-2">
        <Pick
          label={w.what}
          value={which}
          onChange={choose}
          options={[
            ...Object.entries(loads.own).map(([id, a]) => [OWN + id, a.name] as const),
            ...loads.common.map((l) => [l.id, l.name] as const),
            [OTHER, w.other] as const,
          ]}
        />
        <Pick
          label={w.where}
          value={where}
          empty={w.chooseOutlet}
          onChange={(o) => {
            setWhere(o);
            setIdle([]);
          }}
          options={loads.outlets.map((o) => [outletKey(o), outletName(o)] as const)}
        />
        <div className="grid grid-cols-2 gap-3">
          <Ask
            key={`w${which}`}
            mono
            label={w.watts}
            hint="1500"
            value={String(thing.watts)}
            onKeep={(t) => number(t) !== null && set({ watts: number(t)! })}
          />
          <Ask
            key={`h${which}`}
            mono
            label={w.hours}
            hint="3"
            value={thing.hours == null ? "" : String(thing.hours)}
            onKeep={(t) => set({ hours: number(t) })}
          />
        </div>
        <Choice label={w.how} value={thing.how ?? "Cord"} onChange={(how) => set({ how })} options={w.hows} />
      </div>
      {!outlet && <p className="mt-3 text-ink-2">{w.chooseFirst}</p>}
      {may.error && (
        <p role="alert" className="mt-3">
          {may.error.message}
        </p>
      )}
      {outlet &&
        (may.data ?? []).map((a) => (
          <Answer
            key={a.circuit ?? "?"}
            answer={a}
            idle={idle}
            restIdle={restIdle}
            onIdle={(of, off) => setIdle(off ? [...idle, of] : idle.filter((x) => x !== of))}
            onRest={setRestIdle}
          />
        ))}
      {outlet && may.data && (
        <div className="mt-3">
          <Button onClick={() => onStay({ ...thing, box: outlet.box, device: outlet.device }, own)}>
            {w.stays(thing.name, outlet.name)}
          </Button>
        </div>
      )}
    </section>
  );
}

/** A thing like a common one; one of one's own begins with nothing. */
function ofCommon(loads: Loads, id: string): Appliance {
  const like = loads.common.find((l) => l.id === id);
  return like ? likeCommon(like) : { name: w.other, watts: 0, hours: null, how: "Cord", motor: false, minds: "Nothing" };
}
