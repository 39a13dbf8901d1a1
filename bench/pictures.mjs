// Makes the pictures of docs/screenshots anew from the demo job of a running program: node bench/pictures.mjs http://127.0.0.1:5087
import { writeFileSync } from "node:fs";
import { chrome, wait } from "./chrome.mjs";

const at = process.argv[2] ?? "http://127.0.0.1:5087";
const only = process.argv.slice(3);
const job = "/jobs/ferry-keepers-house";
const page = await chrome();
const size = (width, height) =>
  page.cdp("Emulation.setDeviceMetricsOverride", { width, height, deviceScaleFactor: 1, mobile: width < 600 });
const tap = (name) =>
  page.run(`const all = [...document.querySelectorAll("button, a, summary")];
    all.find((b) => (b.getAttribute("aria-label") ?? b.textContent).trim().startsWith(${JSON.stringify(name)}))?.click();`);

/** Each picture: where it is taken, and what is tapped before. */
const pictures = {
  bench: [`${job}/boxes/bench-left`],
  today: [job],
  "run-sheet": [`${job}/sheet`],
  changes: [`${job}/changes`],
  logbook: [`${job}/log`],
  "code-book": [`${job}/book`],
  "quick-fit": [`/quick?job=ferry-keepers-house`],
  wall: [`${job}/walls/bindery-north`],
  live: [`${job}/boxes/east-bed`, "Fit", "Live"],
  "hand-over": [`${job}/changes/bench-row/handover`],
  "make-up": [`${job}/changes/bench-row/boxes/type-door`],
  "survey-phone": [`${job}/boxes/glue/survey?step=leads`],
  "which-breaker": [`${job}/boxes/landing-switch/breaker`],
};
const onPhone = ["make-up", "survey-phone", "which-breaker"];
for (const [name, [path, ...taps]] of Object.entries(pictures)) {
  if (only.length > 0 && !only.includes(name)) continue;
  await (onPhone.includes(name) ? size(390, 844) : size(1280, 800));
  await page.go(at + path);
  await wait(2500);
  for (const one of taps) {
    await tap(one);
    await wait(800);
  }
  const shot = await page.cdp("Page.captureScreenshot", { format: "png" });
  writeFileSync(new URL(`../docs/screenshots/${name}.png`, import.meta.url), Buffer.from(shot.data, "base64"));
}
await page.close();
