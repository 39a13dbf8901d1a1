import type { Schemas } from "../api/client";

/** Words of what takes current. */
export const loadWords = {
  loads: {
    title: "What runs where",
    link: "May this run here?",
    may: "May this run here, with that on?",
    what: "What",
    other: "something else",
    where: "Where",
    chooseOutlet: "an outlet…",
    chooseFirst: "Choose the outlet. What stands on the thing's own plate goes before the figures here.",
    watts: "Watts",
    hours: "Hours on end",
    how: "It is",
    hows: [
      ["Cord", "plugged in"],
      ["Fixed", "fastened in place"],
    ] as const,
    says: { Yes: "It may, by what is recorded", CannotTell: "Cannot be told yet", No: "Not here, not with that on" },
    figures: (a: Schemas["ToldRun"]): [string, string][] => [
      ["Then on the breaker", `${a.then} of ${a.amperes} A`],
      ["Now", `${a.now} A`],
      ...(a.volts == null ? [] : ([["Left there", `${a.volts} V`]] as [string, string][])),
      ...(a.mostWatts == null ? [] : ([["At most", `${a.mostWatts} W`]] as [string, string][])),
    ],
    beside: "On at the same time",
    restIdle: (n: number) =>
      n === 1 ? "Nothing runs at the outlet nobody said anything of" : `Nothing runs at the ${n} outlets nobody said anything of`,
    stays: (what: string, where: string) => `Keep it: ${what} hangs on ${where}`,
    owned: "What you have",
    ownedHow: "Watts from the thing's plate; hours it runs on end at most. What hangs on an outlet is what that outlet takes.",
    nowhere: "stands nowhere",
    add: "Add a common thing…",
  },
} as const;
