/** A slot of a panel that was chosen, or the lower half of a tandem in it. */
export type Chosen = { slot: number; lower: boolean };

/** A breaker's name within its panel, as the program has it: `10`, or `10b` for the lower half of a tandem. */
export const keyOf = (breaker: { slot: number; lower?: boolean }) => `${breaker.slot}${breaker.lower ? "b" : ""}`;

/** The slot and half such a name means. */
export const fromKey = (key: string): Chosen => ({ slot: parseInt(key, 10), lower: key.endsWith("b") });
