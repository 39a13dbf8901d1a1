import type { Schemas } from "../api/client";
import { settings } from "../api/settings";

const stamp = () => ({ who: settings().who, when: new Date().toISOString().slice(0, 10) });

/** A length typed, as the server takes it: what was entered is kept; nothing typed is unknown. */
export const measured = (text: string): Schemas["FactOfLength"] =>
  text === "" ? { how: "Unknown" } : { how: "Measured", value: text, entered: text, ...stamp() };

/** A volume read off a mark; nothing typed is unknown. The server reads it as it was typed ("295 ml"), and answers with cubic inches. */
export const marked = (text: string): Schemas["FactOfVolume"] =>
  text === "" ? { how: "Unknown" } : { how: "Marked", value: text, entered: text, ...stamp() };

/** What was seen: one of a few. */
export const seen = <T>(value: T) => ({ how: "Measured" as const, value, ...stamp() });

/** An answer to a question, with who and when. */
export const answered = (value: string): Schemas["Observation"] => ({
  how: "Measured",
  value,
  entered: value,
  who: settings().who,
  when: new Date().toISOString().slice(0, 16) + "Z",
});

/** A length set by hand on a drawing: somebody's estimate until it is measured. */
export const drawn = (text: string): Schemas["FactOfLength"] => ({ how: "Estimated", value: text, ...stamp() });
