import { newId, type BoxView, type Schemas } from "../api/client";
import { landingName, leadName } from "../model/names";
import { deviceName, jointName, type Catalogue } from "../model/landing";
import type { OfBox } from "../model/edits";
import type { BoxEdit } from "../model/useBoxEdit";
import { words } from "../words";

const w = words.survey;
type Lead = Schemas["Lead"];
type Place = { key: string; name: string; edit: OfBox };

/** Roles a conductor of this use is likely to lie on, likeliest first. */
const likely: Record<string, readonly string[]> = {
  Hot: ["LineHot", "LoadHot", "Hot", "Common", "Switched", "Traveler"],
  Neutral: ["LineNeutral", "LoadNeutral", "Neutral"],
  Ground: ["Ground"],
  Switched: ["Switched", "Hot", "Traveler"],
  Traveler: ["Traveler", "Common"],
  Unknown: ["Hot", "LineHot", "Neutral", "LineNeutral", "Common", "Traveler", "Ground"],
};
const jointsOf: Record<string, string> = {
  Hot: "hots",
  Neutral: "neutrals",
  Ground: "grounds",
  Switched: "switched",
  Traveler: "travelers",
};

/** One lead after another to its place; the next one comes by itself. Then the pigtails that are seen. */
export function LeadByLead({ view, edit, catalogue }: { view: BoxView; edit: BoxEdit; catalogue: Catalogue }) {
  const leads = Object.entries(view.box.leads ?? {}).filter(([, l]) => l.run && (l.form ?? "Ended") === "Ended");
  const open = leads
    .filter(([, l]) => l.lands.at === "Unknown")
    .sort(([a, x], [b, y]) => orderOf(view, x) - orderOf(view, y) || a.localeCompare(b));
  const [now] = open;
  return (
    <div className="flex flex-col gap-4">
      <p className="figure text-sm text-ink-2">{w.progress(leads.length - open.length, leads.length)}</p>
      {now ? (
        <section aria-label={w.where}>
          <div className="rounded-xl border-2 border-slate bg-slate-wash p-3">
            <div className="text-sm">{w.where}</div>
            <div className="text-xl font-bold first-letter:uppercase">{leadName(view, catalogue, now[0])}</div>
          </div>
          <div className="mt-2 grid gap-2 sm:grid-cols-2">
            {placesFor(view, catalogue, now[0], now[1]).map((p) => (
              <button
                key={p.key}
                type="button"
                className="min-h-12 rounded-xl border-2 border-ink bg-card px-3 text-left font-semibold first-letter:uppercase"
                onClick={() => void edit.send(p.edit)}
              >
                {p.name}
              </button>
            ))}
          </div>
        </section>
      ) : (
        <p className="font-semibold">{w.allPlaced}</p>
      )}
      <Pigtails view={view} edit={edit} catalogue={catalogue} />
      <ul className="text-sm">
        {leads
          .filter(([, l]) => l.lands.at !== "Unknown")
          .map(([id, l]) => (
            <li key={id} className="flex items-center gap-2 border-t border-rule">
              <span className="flex-1 first-letter:uppercase">
                {leadName(view, catalogue, id)}: {landingName(view, catalogue, l.lands)}
              </span>
              <button
                type="button"
                className="min-h-9 px-2 underline underline-offset-4"
                aria-label={`${words.measurePanel.change}: ${leadName(view, catalogue, id)}`}
                onClick={() => void edit.send({ do: "moveLead", lead: id, to: { at: "Unknown" } })}
              >
                {words.measurePanel.change}
              </button>
            </li>
          ))}
      </ul>
    </div>
  );
}

/** Grounds first, then neutrals, then hots, cable by cable: the order of make-up. */
function orderOf(view: BoxView, lead: Lead): number {
  const use = { Ground: 0, IsolatedGround: 0, Neutral: 1 }[lead.use as string] ?? 2;
  return use * 100 + view.cables.findIndex((c) => c.run === lead.run && c.side === lead.side);
}

function placesFor(view: BoxView, catalogue: Catalogue, id: string, lead: Lead): Place[] {
  const use = lead.use ?? "Unknown";
  const to = (key: string, name: string, landing: Schemas["Landing"]): Place => ({
    key,
    name,
    edit: { do: "moveLead", lead: id, to: landing },
  });
  const joints = Object.keys(view.box.joints ?? {});
  const sameUse = (j: string) => Object.values(view.box.leads ?? {}).some((l) => l.lands.joint === j && l.use === use);
  const own = joints.filter(sameUse);
  const name = jointsOf[use];
  const places: Place[] = own.map((j) => to(`j${j}`, jointName(view.box, j), { at: "Joint", joint: j }));
  if (own.length === 0)
    places.push({
      key: "new",
      name: w.newJoint(name ?? words.use.Unknown.toLowerCase()),
      edit: { do: "joinLeads", joint: newId("j"), connector: "twist-on-medium", leads: [id], ...(name ? { name } : {}) },
    });
  const wanted = likely[use] ?? likely.Unknown!;
  const terminals = Object.entries(view.box.devices ?? {}).flatMap(([device, d]) =>
    (catalogue.devices.find((k) => k.id === d.kind)?.terminals ?? []).map((t) => ({ device, t })),
  );
  const rank = (role: string) => (wanted.includes(role) ? wanted.indexOf(role) : 50);
  for (const { device, t } of terminals.sort((a, b) => rank(a.t.role) - rank(b.t.role)))
    if (rank(t.role) < 50)
      places.push(
        to(`t${device}${t.id}`, `${t.name}, ${deviceName(view.box, catalogue, device)}`, {
          at: "Terminal",
          device,
          place: t.landings[0]!.id,
        }),
      );
  if ((use === "Ground" || use === "Unknown") && view.box.material !== "Nonmetallic")
    places.push(to("screw", words.bench.screw, { at: "BondingScrew" }));
  places.push(to("cap", words.bench.places.cap, { at: "Cap" }), to("loose", words.bench.places.loose, { at: "Loose" }));
  for (const j of joints.filter((x) => !sameUse(x))) places.push(to(`j${j}`, jointName(view.box, j), { at: "Joint", joint: j }));
  for (const { device, t } of terminals)
    if (rank(t.role) === 50)
      places.push(
        to(`t${device}${t.id}`, `${t.name}, ${deviceName(view.box, catalogue, device)}`, {
          at: "Terminal",
          device,
          place: t.landings[0]!.id,
        }),
      );
  return places;
}

/** Pigtails one would see: from a joint to a terminal of the same kind that nothing lies on, and to the box. */
function Pigtails({ view, edit, catalogue }: { view: BoxView; edit: BoxEdit; catalogue: Catalogue }) {
  const tails = Object.values(view.box.pigtails ?? {});
  const taken = (device: string, terminal: string) =>
    [...Object.values(view.box.leads ?? {}).map((l) => l.lands), ...tails.flatMap((t) => [t.from, t.to])].some(
      (l) => l.device === device && l.place?.split("/")[0] === terminal,
    );
  const usedAs = (joint: string) => Object.values(view.box.leads ?? {}).find((l) => l.lands.joint === joint)?.use ?? "Unknown";
  const from = (joint: string): Schemas["Landing"] => ({ at: "Joint", joint });
  const offers = Object.keys(view.box.joints ?? {}).flatMap((joint) => {
    const use = usedAs(joint);
    const found: Place[] = Object.entries(view.box.devices ?? {}).flatMap(([device, d]) =>
      (catalogue.devices.find((k) => k.id === d.kind)?.terminals ?? [])
        .filter((t) => (likely[use] ?? []).slice(0, use === "Hot" ? 4 : 3).includes(t.role) && !taken(device, t.id) && t.half !== "lower")
        .map((t) => ({
          key: `${joint}${device}${t.id}`,
          name: `${jointName(view.box, joint)} → ${t.name}, ${deviceName(view.box, catalogue, device)}`,
          edit: { do: "addPigtail" as const, id: newId("p"), from: from(joint), to: { at: "Terminal", device, place: t.landings[0]!.id } },
        })),
    );
    const bonded = tails.some((t) => t.to.at === "BondingScrew" || t.from.at === "BondingScrew");
    if (use === "Ground" && view.box.material === "Metal" && !bonded)
      found.push({
        key: `${joint}screw`,
        name: `${jointName(view.box, joint)} → ${words.bench.screw.toLowerCase()}`,
        edit: { do: "addPigtail", id: newId("p"), from: from(joint), to: { at: "BondingScrew" } },
      });
    return found;
  });
  if (offers.length === 0) return null;
  return (
    <section aria-label={words.box.pigtails}>
      <h2 className="mb-1 text-lg">{words.box.pigtails}</h2>
      <div className="flex flex-wrap gap-2">
        {offers.map((o) => (
          <button
            key={o.key}
            type="button"
            className="min-h-11 rounded-lg border-2 border-rule bg-card px-3 text-left text-sm font-semibold first-letter:uppercase"
            onClick={() => void edit.send(o.edit)}
          >
            {o.name}
          </button>
        ))}
      </div>
    </section>
  );
}
