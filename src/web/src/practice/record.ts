import { useState } from "react";
import { api, must, type Schemas } from "../api/client";

export type Kept = Schemas["SkillKept"];

const key = "jolly-barn-practice";

const read = (): readonly Kept[] => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(kept) ? (kept as Kept[]) : [];
  } catch {
    return [];
  }
};

/** Today by the clock of this place, as 2026-10-05. */
const today = () => new Date().toLocaleDateString("sv-SE");

/** Days from today until a day. */
export const daysTo = (day: string) => Math.round((Date.parse(day) - Date.parse(today())) / 86_400_000);

/** A person's own record: kept in this browser alone, and weighed by the program. */
export function useRecord() {
  const [record, setRecord] = useState(read);
  const after = async (before: readonly Kept[], graded: readonly Schemas["SkillGrade"][]) => {
    const now = await must(api.POST("/api/practice/record", { body: { record: [...before], graded: [...graded], today: today() } }));
    localStorage.setItem(key, JSON.stringify(now));
    setRecord(now);
  };
  return {
    record,
    graded: (graded: readonly Schemas["SkillGrade"][]) => after(record, graded),
    /** What cannot be a record is refused by the program, and changes nothing. */
    putIn: async (file: File) => after(JSON.parse(await file.text()) as Kept[], []),
  };
}
