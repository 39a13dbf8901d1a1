/** Words of what is energised and not finished. */
export const interimWords = {
  title: "Energised, not finished",
  until: (when: string, by: string) => `until ${when}, ${by}`,
  overdue: (when: string, by: string) => `overdue since ${when}, ${by}: switch off or finish it`,
  end: "It is finished",
  leave: "Leave something energised for now…",
  how:
    "Every joint capped, every opening closed, nobody able to touch it. It stays on top here until it is ended; " +
    "local rules may not allow it.",
  kind: "What it is",
  kinds: {
    Other: "something else",
    TemporaryLights: "temporary lights",
    LiveSplice: "a live splice",
    Bypassed: "a protective device bypassed",
  },
  why: "Why it cannot wait",
  what: "What is left so",
  where: "At which box?",
  nowhere: "at no box",
  untilLabel: "Until",
  keep: "Keep it on top",
} as const;
