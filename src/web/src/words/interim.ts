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
  what: "What is left so, and why",
  where: "At which box?",
  nowhere: "at no box",
  untilLabel: "Until",
  keep: "Keep it on top",
} as const;
