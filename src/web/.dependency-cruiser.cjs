/**
 * Arrows point one way: api ← words ← parts ← model ← places; no place imports another, save the box page, which gathers
 * what a box has, and practice, which is done on the Bench. No circle of files.
 */
// eslint-disable-next-line @typescript-eslint/no-require-imports -- dependency-cruiser reads this as CommonJS.
const { readdirSync } = require("node:fs");
const below = new Set(["api", "words", "parts", "model"]);
const places = readdirSync("src", { withFileTypes: true })
  .filter((f) => f.isDirectory() && !below.has(f.name))
  .map((f) => f.name)
  .join("|");
const back = (from, to) => ({
  name: `${from} points back`,
  severity: "error",
  from: { path: `^src/${from}/` },
  to: { path: `^src/(${to})/` },
});

module.exports = {
  forbidden: [
    { name: "no circle of files", severity: "error", from: {}, to: { circular: true } },
    back("api", `words|parts|model|${places}`),
    back("words", `parts|model|${places}`),
    back("parts", `model|${places}`),
    back("model", places),
    {
      name: "no place imports another",
      severity: "error",
      from: { path: `^src/(${places.replace(/\bbox\|/, "").replace(/\|practice\b/, "")})/` },
      to: { path: `^src/(${places})/`, pathNot: "^src/$1/" },
    },
    {
      name: "nothing is left alone",
      severity: "error",
      from: { orphan: true, pathNot: "\\.d\\.ts$|src/main\\.tsx$|bench/drawing\\.ts$" },
      to: {},
    },
  ],
  options: { doNotFollow: { path: "node_modules" }, tsPreCompilationDeps: true, tsConfig: { fileName: "tsconfig.json" } },
};
