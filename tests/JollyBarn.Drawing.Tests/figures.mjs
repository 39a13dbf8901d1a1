// Writes each figure that is asked for as the screens do. Use: node figures.mjs <figures module> < asked.json > written.json
import { readFileSync } from "node:fs";

const figures = await import(process.argv[2]);
const asked = JSON.parse(readFileSync(0, "utf8"));
process.stdout.write(JSON.stringify(asked.map(({ by, of }) => figures[by](...of))));
