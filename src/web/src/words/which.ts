import type { Schemas } from "../api/client";

/** Words of finding a breaker. */
export const whichWords = {
  which: {
    title: "Which breaker is this?",
    how: "It proves nothing dead. What you switch is recorded as you say it, with your name on it, and proofs of dead end.",
    helped: "Who looks",
    who: [
      ["alone", "I walk myself"],
      ["helped", "Somebody is at the panel, or I hear a radio there"],
    ] as const,
    off: "Switch off",
    on: "Back on",
    looked: "What does the box do?",
    shows: { Dead: "It went dead", Live: "Still live", PartDead: "Part of it went dead" } satisfies Record<
      Schemas["SightingShows"],
      string
    >,
    kept: (which: readonly string[]) => `Left alone: ${which.join(", ")}, held by somebody or not to lose power.`,
    likely: "As likely as this, by what is known",
    odds: (odds: number) => (odds >= 0.995 ? "99 %" : odds < 0.01 ? "under 1 %" : `${Math.round(odds * 100)} %`),
    looks: "Looks",
    strike: "Take back",
    prove: "It is off: prove the box dead",
    stillLive: "Still live with it off",
    write: (where: string) => `What to write for ${where}`,
    card: "What the card in the panel's door says",
    cardHow: "A line a breaker: its number, what it says, its amperes. A line without a number is the next slot; 2,4 is a double one.",
    cardHint: "1 galley 20A\n2,4 range 40A\n3 hall, landing",
    slots: "Slots of the panel",
    take: (n: number) => (n === 0 ? "Keep as the panel" : n === 1 ? "Keep 1 breaker" : `Keep ${n} breakers`),
    panel: "Panel",
    otherPanel: "Record another source or panel",
  },
} as const;
