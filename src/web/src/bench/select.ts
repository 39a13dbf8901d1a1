/** What is chosen on the Bench. */
export type Sel = { kind: "strand" | "joint" | "device" | "cable" | "entry"; id: string };
