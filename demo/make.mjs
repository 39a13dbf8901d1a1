// Makes the demo job by doing its edits in a running program, and writes what that exports.
// Use: ./start --data /tmp/empty.db --port 5290 &  then  node demo/make.mjs http://127.0.0.1:5290
import { writeFileSync } from "node:fs";
import { base, history, job } from "./make/hand.mjs";
await import("./make/supply.mjs");
await import("./make/bindery.mjs");
await import("./make/below.mjs");
await import("./make/looked.mjs");
await import("./make/read.mjs");
await import("./make/followed.mjs");
await import("./make/planned.mjs");
await import("./make/walls.mjs");

const file = await (await fetch(`${base}/api/jobs/${job}/export?pictures=false`)).json();
file.history.forEach((line, i) => Object.assign(line, history[i]));
writeFileSync(new URL("ferry-keepers-house.json", import.meta.url), JSON.stringify(file, null, 1) + "\n");
const today = await (await fetch(`${base}/api/jobs/${job}/today`)).json();
for (const group of ["over", "full", "unknown", "fine"])
  console.log(
    group,
    today[group].map((b) => `${b.name} ${b.needed.low}/${b.available.low}`),
  );
