import type { Schemas } from "../api/client";

/** Words of what minds losing power, and of the order of stops. */
export const mindingWords = {
  minding: {
    title: "Before anything goes off",
    how:
      "Ask in the house: freezer, computer, alarm, anything medical? Those stay on, or go off last and with a warning. " +
      "Timers, clocks and routers want setting again; what beeps will beep. A compressor rests some five minutes before it goes on.",
    add: "Add what is there…",
    after: "Now that the power is back",
    kinds: {
      AskFirst: "Ask first, never without warning:",
      RestFirst: "Let it rest before it starts:",
      SetAgain: "Set again:",
    } satisfies Partial<Record<Schemas["PowerLoss"], string>>,
    label: "When the power goes",
    choices: [
      ["Nothing", "it minds nothing"],
      ["SetAgain", "set it again after"],
      ["RestFirst", "let it rest first"],
      ["AskFirst", "ask first"],
    ] as const,
  },
  order: {
    title: "Which feeds which",
    link: "Which feeds which",
    how:
      "What goes dead when the leads that go on from a box are parted hangs behind it. A protective receptacle tells the same by its " +
      "test button. It proves nothing dead.",
    none: "No breaker has two outlets whose order is open: walk the house first, or follow the cables.",
    next: (box: string) => `Open ${box} next`,
    again: (box: string) => `Two looks cannot both be right: open ${box} once more`,
    steps: (breaker: string) => [
      `Switch off breaker ${breaker}, tag it, prove this box dead.`,
      "Part what leads on from it, and cap each end. Where it is a protective receptacle, press its test button instead.",
      "Stand clear, switch on, and look at the others.",
    ],
    tap: "Tap what is dead now",
    then: "Then off again, prove dead, and put it back as it was.",
    settled: "nothing known lies between",
    open: "something may lie between",
    after: (box: string) => `after ${box}`,
    first: "nothing known ahead",
    hint:
      "Sooner told: run one heater at the outlet you take for the last, and read hot to neutral at each. Volts fall along the wire. " +
      "It only hints, and says which to open first.",
    volts: (box: string) => `Volts at ${box}`,
    voltsUnit: "V",
    reading: { from: "hot", to: "neutral", note: "with a load at the far outlet" },
    keep: (dead: number, live: number, left: number) => `${dead} dead, ${live} live: next${left > 0 ? `, ${left} left out` : ""}`,
    done: "Nothing is left to learn here.",
  },
} as const;
