import { useSyncExternalStore } from "react";
import { settings, setSettings } from "./settings";

type Asking = { known: (name: string) => void; nobody: () => void };

let asking: Asking | null = null;
let asked: Promise<string | null> | null = null;
const listeners = new Set<() => void>();

const tellAll = () => listeners.forEach((l) => l());

/** Who works at this screen; asked once, at the first thing they change. Null when they would not say. */
export function whoIs(): Promise<string | null> {
  const { who } = settings();
  if (who) return Promise.resolve(who);
  asked ??= new Promise<string | null>((resolve) => {
    const done = (name: string | null) => {
      [asking, asked] = [null, null];
      if (name) setSettings({ who: name });
      resolve(name);
      tellAll();
    };
    asking = { known: done, nobody: () => done(null) };
    tellAll();
  });
  return asked;
}

/** The question, while it is open. */
export const useAsking = () =>
  useSyncExternalStore(
    (l) => (listeners.add(l), () => listeners.delete(l)),
    () => asking,
  );

/** The same, with the name where nobody's stood: what was put together before somebody said who they are. */
export const named = <T>(edit: T, who: string): T =>
  JSON.parse(JSON.stringify(edit), (key, value: unknown) => ((key === "by" || key === "who") && value === "" ? who : value)) as T;
