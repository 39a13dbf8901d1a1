import { newId, type Schemas } from "../api/client";
import { likeCommon, outletKey, outletName } from "../model/appliance";
import type { Send } from "../model/edits";
import { Ask, TakeOut } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { words } from "../words";
import { loadWords } from "../words/loads";
import { mindingWords } from "../words/minding";

const w = loadWords.loads;
type Loads = Schemas["LoadsView"];
type Appliance = Schemas["Appliance"];

/** What one has: a list that begins with what is common, each thing with its watts, its hours and where it hangs. */
export function Owned({ loads, send }: { loads: Loads; send: Send }) {
  const own = Object.entries(loads.own);
  return (
    <section aria-label={w.owned}>
      <h2 className="mb-1 text-xl">{w.owned}</h2>
      <p className="mb-2 text-sm text-ink-2">{w.ownedHow}</p>
      <ul>
        {own.map(([id, a]) => (
          <One key={id} id={id} appliance={a} outlets={loads.outlets} send={send} />
        ))}
      </ul>
      <div className="mt-2 w-64">
        <Pick
          hide
          label={w.add}
          value={null}
          empty={w.add}
          onChange={(id: string) => {
            send({ do: "putAppliance", id: newId("a"), appliance: likeCommon(loads.common.find((l) => l.id === id)!) });
          }}
          options={loads.common.map((l) => [l.id, `${l.name}, ${l.watts} W`] as const)}
        />
      </div>
    </section>
  );
}

function One({ id, appliance: a, outlets, send }: { id: string; appliance: Appliance; outlets: Loads["outlets"]; send: Send }) {
  const put = (change: Partial<Appliance>) => send({ do: "putAppliance", id, appliance: { ...a, ...change } });
  const number = (text: string) => (text === "" ? null : Number(text));
  const at = a.box && a.device ? outletKey({ box: a.box, device: a.device }) : "";
  return (
    <li className="border-t border-rule py-2 first:border-t-0">
      <div className="flex flex-wrap items-center gap-2">
        <div className="min-w-36 flex-1 font-semibold">
          <Ask hide quiet label={`${w.what}: ${a.name}`} value={a.name} onKeep={(name) => name && put({ name })} />
        </div>
        <div className="w-20">
          <Ask
            mono
            hide
            label={`${w.watts}, ${a.name}`}
            hint="W"
            value={String(a.watts)}
            onKeep={(t) => t !== "" && !Number.isNaN(Number(t)) && put({ watts: Number(t) })}
          />
        </div>
        <div className="w-16">
          <Ask
            mono
            hide
            label={`${w.hours}, ${a.name}`}
            hint="h"
            value={a.hours == null ? "" : String(a.hours)}
            onKeep={(t) => !Number.isNaN(Number(t)) && put({ hours: number(t) })}
          />
        </div>
        <TakeOut verb={words.remove} name={a.name} onClick={() => send({ do: "removeAppliance", id })} />
      </div>
      <Pick
        hide
        quiet
        wide
        label={`${mindingWords.minding.label}, ${a.name}`}
        value={a.minds ?? "Nothing"}
        onChange={(minds) => put({ minds })}
        options={mindingWords.minding.choices}
      />
      <Pick
        hide
        quiet
        wide
        label={`${w.where}, ${a.name}`}
        value={at}
        empty={w.nowhere}
        onChange={(o) => {
          const to = outlets.find((x) => outletKey(x) === o);
          put({ box: to?.box ?? null, device: to?.device ?? null });
        }}
        options={[["", w.nowhere] as const, ...outlets.map((o) => [outletKey(o), outletName(o)] as const)]}
      />
    </li>
  );
}
