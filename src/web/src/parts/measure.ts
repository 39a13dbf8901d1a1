import type { Schemas, Span } from "../api/client";
import { settings, type Units } from "../api/settings";

const cm3 = 16.387064;

/** A volume as people read it. Cut, never rounded up, so that 9.926 does not read as 10. */
export function volume(cubicInches: number, units: Units = settings().units, unit = true): string {
  const metric = units === "metric";
  const value = metric ? cubicInches * cm3 : cubicInches;
  const places = metric ? 10 : 10000;
  const cut = Math.trunc(Math.abs(value) * places + 1e-6) / places;
  const text = metric ? cut.toFixed(1) : cut.toString().includes(".") ? cut.toString() : cut.toFixed(1);
  return `${value < 0 ? "−" : ""}${text}${unit ? (metric ? " cm³" : " in³") : ""}`;
}

export function span(s: Span, units: Units, unit = true): string {
  if (s.high === null || s.high === undefined)
    return `${volume(s.low, units, false)} or more${unit ? (units === "metric" ? " cm³" : " in³") : ""}`;
  return s.high === s.low ? volume(s.low, units, unit) : `${volume(s.low, units, false)} to ${volume(s.high, units, unit)}`;
}

const inchesOf = (text: string): number => {
  const mm = /^(-?[\d.]+) mm$/.exec(text);
  if (mm) return Number(mm[1]) / 25.4;
  const inch = /^(-)?(?:(\d+)(?: |$))?(?:(\d+)\/(\d+) ?)?in$/.exec(text.replace(/ in$/, " in").trim());
  if (!inch) return NaN;
  const value = Number(inch[2] ?? 0) + (inch[3] ? Number(inch[3]) / Number(inch[4]) : 0);
  return inch[1] ? -value : value;
};

const glyphs: Record<string, string> = { "1/2": "½", "1/4": "¼", "3/4": "¾", "1/8": "⅛", "3/8": "⅜", "5/8": "⅝", "7/8": "⅞" };

/** A length as the trade writes it, or in whole millimetres. */
export function length(text: string, units: Units): string {
  if (units === "metric") {
    const inches = inchesOf(text);
    return Number.isNaN(inches) ? text : `${Math.trunc(inches * 254 + 1e-6) / 10} mm`;
  }
  return roughly(text).replace(/(\d+\/\d+)/, (f) => glyphs[f] ?? f);
}

/** What comes of a floor that falls is neither a 64th nor half a millimetre: to the nearest 64th, and so marked. */
function roughly(text: string): string {
  const mm = /^(-?[\d.]+) mm$/.exec(text);
  if (!mm || (Number(mm[1]) * 2) % 1 === 0) return text;
  return `≈ ${unitsText(Math.round((Number(mm[1]) * 320) / (PER_INCH / 64)) * (PER_INCH / 64))}`;
}

/** A fact as text: its value, or that it is unknown. */
export function fact(f: Schemas["FactOfLength"] | undefined, units: Units, unknown: string): string {
  return f?.value ? length(f.value, units) : unknown;
}

/** How long a run is: feet and inches, or metres. */
export function run(f: Schemas["FactOfLength"] | undefined, units: Units): string {
  const all = f?.value ? inchesOf(f.value) : NaN;
  if (Number.isNaN(all)) return f?.value ?? "";
  if (units === "metric") return `${Math.round(all * 2.54) / 100} m`;
  const feet = Math.floor(all / 12);
  const rest = Math.round((all - 12 * feet) * 64) / 64;
  return [feet > 0 && `${feet}'`, (rest > 0 || feet === 0) && `${rest}"`].filter(Boolean).join(" ");
}

/** Inches of a length text, for drawing only. */
export const inches = (text: string | null | undefined): number | null => (text ? inchesOf(text) : null);

/** Whole units of 1/320 mm, as the server lays a wall out, to an inch. */
export const PER_INCH = 8128;

/** Units as the server reads them: a fraction of an inch where it is a 64th, else millimetres. */
export function unitsText(units: number): string {
  const sixtyFourth = PER_INCH / 64;
  if (units % sixtyFourth !== 0) return `${units / 320} mm`;
  const all = Math.abs(units / sixtyFourth);
  const whole = Math.floor(all / 64);
  let [part, of] = [all % 64, 64];
  while (part > 0 && part % 2 === 0) [part, of] = [part / 2, of / 2];
  const text = part === 0 ? `${whole}` : whole > 0 ? `${whole} ${part}/${of}` : `${part}/${of}`;
  return `${units < 0 ? "-" : ""}${text} in`;
}
