// Calls functions of a built module as the screens do. Use: node calls.mjs <module> < asked.json > answered.json
// {"$search": "a=1"} stands for the words of an address, in what is asked and in what is answered.
import { readFileSync } from "node:fs";

const module = await import(process.argv[2]);
const given = (value) => (value && typeof value === "object" && "$search" in value ? new URLSearchParams(value.$search) : value);
const written = (value) => (value instanceof URLSearchParams ? { $search: value.toString() } : (value ?? null));
const asked = JSON.parse(readFileSync(0, "utf8"));
const reach = (by) => by.split(".").reduce((from, name) => from[name], module);
process.stdout.write(JSON.stringify(asked.map(({ by, of }) => written(reach(by)(...of.map(given))))));
