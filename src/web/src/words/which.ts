import type { Schemas } from "../api/client";

/** Words of finding a breaker. */
export const whichWords = {
  walk: {
    title: "Walk the house",
    start: "Walk the house",
    how:
      "Each round halves what is still open, and what contradicts itself is looked at again before you walk. Half done is useful too: " +
      "what is known stands on the run sheet. Ask before a freezer, a computer or anything medical goes off. It proves nothing dead.",
    progress: (done: number, all: number) => `${done} of ${all} outlets known`,
    done: (open: number) =>
      open === 0 ? "Nothing is left to look at." : `Nothing is left to look at with the breakers that may be thrown. Still open: ${open}.`,
    backOn: "They are back on",
    nothing: "Every box is followed to its breaker already, or no breaker is recorded.",
    round: (n: number, of: number) => `Round ${n} of about ${Math.max(n, of)}`,
    again: "Look again at what is doubtful",
    asTheyLie: "They lie as they should.",
    tap: "Tap what went dead",
    found: "An outlet that is not on the list",
    foundRoom: "Its room",
    foundHint: "by the stove",
    dead: "dead",
    live: "live",
    left: "not looked at",
    restLive: (n: number) => (n === 1 ? "This one is live" : `The other ${n} here are live`),
    keep: (dead: number, live: number, left: number) => `${dead} dead, ${live} live: next${left > 0 ? `, ${left} left out` : ""}`,
    known: "So far",
    other: "?",
  },
  which: {
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
    kept: (which: readonly string[]) => `Left alone: ${which.join(", ")}. Off already and not yours to put on, or must not lose power.`,
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
