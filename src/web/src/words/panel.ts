import type { Schemas } from "../api/client";

type Offer = Schemas["SlotOffer"];
const leg = (n: number) => String.fromCharCode(65 + n);
const round = (n: number) => String(Math.round(n * 10) / 10);

/** Words of the room in a panel, and of labels. */
export const panelWords = {
  panelRoom: {
    title: "Legs and room in the panel",
    legs: "On each leg",
    leg,
    amperes: (l: Schemas["LegLoad"]) => (l.unsaid === 0 ? `${round(l.amperes)} A` : `${round(l.amperes)} A, ${l.unsaid} not known`),
    balance: (legs: readonly Schemas["LegLoad"][], main: number | null) => {
      const [most, least] = [Math.max(...legs.map((l) => l.amperes)), Math.min(...legs.map((l) => l.amperes))];
      const open = legs.some((l) => l.unsaid > 0) ? " Of what is known only." : "";
      const of = main == null ? "" : ` The main is for ${main} A a leg.`;
      return legs.length < 2 ? `One leg.${of}${open}` : `They differ by ${round(most - least)} A.${of}${open}`;
    },
    more: "Where a new circuit may go",
    takes: { OnePole: "One pole", TwoPoles: "Two poles", Tandem: "Tandem" },
    offers: (takes: Schemas["SlotTakes"], offers: readonly Offer[]) => {
      const [first] = offers;
      if (!first) return takes === "Tandem" ? "The panel takes none, or every slot is spoken for." : "No slot is free for it.";
      const named = offers
        .map((o) => (takes === "TwoPoles" ? `${o.slot}·${o.slot + 2}` : `${o.slot} (${o.legs.map(leg).join("")})`))
        .join(", ");
      return takes === "Tandem" && first.listed == null ? `${named}: only if the panel is marked for it. Look at its label.` : named;
    },
    kinds:
      "Lighter leg first. Any kind the panel is listed for may go in, with a test button too; the halves of a tandem sit on one leg and " +
      "watch nothing. Adding a breaker is work for a licensed electrician.",
  },
  labels: {
    title: "Cover labels",
    link: "Cover labels",
    how:
      "For the inside of the plate: the panel and breaker of each circuit in the box, with several the colour of their hots, and where " +
      "what protects it is reset. A question mark: nobody followed it from the breaker.",
    printKnown: (n: number) => (n === 1 ? "Print the one that is followed" : `Print the ${n} that are followed`),
    paper: "On paper",
    print: "Print",
    box: "Its box",
    notSure: "not followed",
    tray: "The label printer's tray",
    trayHolds: (n: number) => ["Nothing in the printer's tray", "One label in the tray"][n] ?? `${n} labels in the tray`,
    empty: "Take them out",
    tape: (width: number, height: number) => `${width} mm of ${height} mm tape`,
  },
} as const;
