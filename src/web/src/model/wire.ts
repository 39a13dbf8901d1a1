/** What a conductor of a colour is drawn in. */
const insulation: Record<string, string> = {
  black: "var(--w-black)",
  white: "#fffdf7",
  red: "#b3322a",
  blue: "#2f5fa8",
  green: "#3f7d3a",
  bare: "#b9773a",
  yellow: "#d9b32e",
  orange: "#d0701f",
  brown: "#6d452a",
  grey: "#9a9a96",
  purple: "#6d4a94",
};

export const wire = (colour: string) => insulation[colour] ?? "#9a9a96";
