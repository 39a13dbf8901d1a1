// Times a wall while a box of it is dragged, in headless Chromium with its processor slowed four times:
// node wall.mjs <address of the program>
// The wall has 12 boxes, 30 studs and 40 cables, of a fixed layout.
import { chrome, wait } from "./chrome.mjs";

const [site] = process.argv.slice(2);
const BOXES = 12;
const STUDS = 30;
const CABLES = 40;
const MOVES = 240;
const job = "wall-bench";
const send = async (path, body) => {
  const reply = await fetch(site + path, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) });
  if (!reply.ok) throw new Error(`${path}: ${await reply.text()}`);
  return reply.json();
};
let n = 0;
const edit = (e) => send(`/api/jobs/${job}/edits`, { id: `w${++n}`, by: "bench", edit: e });

const known = (inches) => ({ how: "Measured", value: `${inches} in` });
const unknown = { how: "Unknown" };
const blank = { width: unknown, height: unknown, deep: unknown, leftFar: unknown, rightFar: unknown };
const left = (inches, to = "Middle") => ({ from: "LeftCorner", way: known(inches), to, edge: "Middle" });
const floor = (inches) => ({ from: "FinishedFloor", way: known(inches), to: "Low", edge: "Middle" });

await send("/api/jobs", { id: job, name: "Wall bench" });
const sizes = { wide: known(480), high: known(96), studDepth: known(3.5), spacing: known(16) };
await edit({ do: "putWall", id: "w", wall: { name: "Long wall", kind: "Wall", layers: [], floorBuildUp: unknown, ...sizes } });
const things = Array.from({ length: STUDS }, (_, i) => ({
  do: "putOnWall",
  wall: "w",
  id: `s${i}`,
  thing: { kind: "Stud", how: "Seen", ...blank, across: left(8 + 16 * i), width: known(1.5) },
}));
await edit({ do: "batch", name: "studs", edits: things });
for (let i = 0; i < BOXES; i++) {
  await edit({ do: "addBox", id: `b${i}`, name: `Box ${i}`, kind: "nm-1g-22.5", contents: "Complete" });
  await edit({ do: "setBoxWall", box: `b${i}`, wall: "w", spot: { side: "Near", across: left(16 + 38 * i), up: floor(i % 3 ? 12 : 44) } });
}
const cable = { type: "NmB", gauge: "12", conductors: 2, ground: "Bare" };
for (let i = 0; i < CABLES; i++) {
  const [from, to] = [i % BOXES, (i * 5 + 3) % BOXES];
  await edit({ do: "addCable", box: `b${from}`, run: `r${i}`, entry: `k${i}`, cable, side: "Top", says: `to ${to}`, feeds: "FeedsOn" });
  if (to !== from && i % 3 !== 0) await edit({ do: "connectRun", box: `b${to}`, run: `r${i}`, end: "B", entry: `e${i}`, side: "Top" });
}

const page = await chrome();
try {
  await page.go(`${site}/jobs/${job}/walls/w`);
  await wait(2500);
  const at = await page.run(
    "const r = document.querySelector(\"rect[aria-label='Box 6']\").getBoundingClientRect();" +
      "return [r.x + r.width / 2, r.y + r.height / 2]",
  );
  await page.slow();
  // Each frame's work is what the page does between the frame's begin and when it is free again.
  await page.run(`
    window.works = [];
    const free = new MessageChannel();
    let began = 0;
    free.port1.onmessage = () => window.works.push(performance.now() - began);
    const each = () => { began = performance.now(); free.port2.postMessage(0); requestAnimationFrame(each); };
    requestAnimationFrame(each);
    window.frames_ = [];
    let last = performance.now();
    const tick = (t) => { window.frames_.push(t - last); last = t; requestAnimationFrame(tick); };
    requestAnimationFrame(tick);`);
  const mouse = (type, x, y) => page.cdp("Input.dispatchMouseEvent", { type, x, y, button: "left", buttons: 1, clickCount: 1 });
  await mouse("mousePressed", at[0], at[1]);
  await page.run("window.works = []; window.frames_ = []");
  for (let i = 1; i <= MOVES; i++) await mouse("mouseMoved", at[0] + 120 * Math.sin(i / 20), at[1] + 30 * Math.sin(i / 13));
  const [works, frames] = await page.run("return [window.works, window.frames_]");
  const moved = await page.run("return document.querySelectorAll('svg g[transform]:not([transform=\"translate(0 0)\"])').length");
  await mouse("mouseReleased", at[0], at[1]);
  if (moved === 0) throw new Error("Nothing was dragged.");
  const quantile = (list, q) => [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * q))].toFixed(1);
  const name = `${BOXES} boxes, ${STUDS} studs, ${CABLES} cables, processor slowed 4 times`;
  const row = (what, list) =>
    console.log(`| ${what}: ${name} | ${quantile(list, 0.5)} ms | ${quantile(list, 0.95)} ms | ${list.length} frames |`);
  row("Work of a frame while a box is dragged", works);
  row("From frame to frame", frames);
} finally {
  await page.close();
}
