/** Words of standard makes, and of what is made up below. */
export const makesWords = {
  title: "Standard makes…",
  how:
    "The shop's own way of making up a box, kept from one that was made so and planned in others: " +
    "each with its own cables, gauges and lengths.",
  keep: "Keep a box's make",
  at: "Which box?",
  name: "What it is called",
  none: "No make is kept yet.",
  try: "Try it",
  fits: (n: number) => (n === 1 ? "It goes into one box" : `It goes into ${n} boxes`),
  nowhere: "It goes into no box as they are.",
  plan: (n: number) => (n === 1 ? "Plan it in this box" : `Plan it in these ${n} boxes`),
  brings: "would bring",
  take: "Take off the list",
  below: "At the bench first",
  belowHow: "Made up below, before the ladder:",
  up: "Up the ladder",
  forget: "Forget what it took here",
} as const;
