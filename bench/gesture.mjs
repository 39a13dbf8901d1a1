// Times gestures on the Bench in headless Chromium with its processor slowed four times: node gesture.mjs <address of a box>
// From the event until the frame that shows the change is made (the first task after it); the server's answer is in it.
import { chrome, wait } from "./chrome.mjs";

/** Runs in the page: picks an end, waits for the places to light, lands it elsewhere, and back; the times of each. */
const inPage = `
const done = arguments[arguments.length - 1];
const until = (test) => new Promise((done) => {
  const seen = () => {
    if (!test()) return false;
    observer.disconnect();
    requestAnimationFrame(() => scheduler.postTask(() => done(performance.now()), { priority: "user-blocking" }));
    return true;
  };
  const observer = new MutationObserver(seen);
  observer.observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
  seen();
});
const centre = (e) => { const r = e.getBoundingClientRect(); return { clientX: r.x + r.width / 2, clientY: r.y + r.height / 2 }; };
const how = { bubbles: true, cancelable: true, button: 0, pointerType: "mouse" };
const fire = (e, type, at) => e.dispatchEvent(new PointerEvent(type, { ...how, ...at }));
(async () => {
  const times = { pick: [], hover: [], land: [], settle: [] };
  const lead = document.querySelector("[data-end]").dataset.end.split("|")[0];
  const says = () => document.querySelector('[data-strand="' + lead + '"] [data-walk]').getAttribute("aria-label");
  for (let i = 0; i < 100; i++) {
    const end = document.querySelector('[data-end^="' + lead + '"]');
    let start = performance.now();
    fire(end, "pointerdown", centre(end));
    fire(window, "pointerup", centre(end));
    times.pick.push((await until(() => document.querySelector("[data-slip] [data-key]"))) - start);
    const joints = [...document.querySelectorAll('[data-key^="joint:"]')];
    const target = joints[i % joints.length];
    start = performance.now();
    fire(target, "pointermove", centre(target));
    times.hover.push((await until(() => /Fit|lies here|Cannot|goes on/.test(document.querySelector("[data-slip] " +
      "[role=status]").textContent))) - start);
    const version = () => document.querySelector("[data-version]").dataset.version;
    const seen = version();
    const before = says();
    const here = document.querySelector("[data-slip] [role=status]").textContent.includes("lies here");
    start = performance.now();
    target.dispatchEvent(new MouseEvent("click", { bubbles: true }));
    const landed = until(() => !document.querySelector("[data-slip]") && (here || says() !== before));
    const settled = here ? null : until(() => version() !== seen);
    times.land.push((await landed) - start);
    if (settled) times.settle.push((await settled) - start);
    await new Promise((r) => setTimeout(r, 500));
  }
  done(times);
})().catch((e) => done(String(e)));
`;

const page = await chrome();
try {
  await page.go(process.argv[2]);
  // Somebody whose name is known: the first gesture is not to wait for it.
  await page.run("localStorage.setItem('jolly-barn', '{\"who\":\"Mara\"}')");
  await page.go(process.argv[2]);
  await wait(3000);
  await page.slow();
  const times = await page.runLong(inPage);
  if (typeof times === "string") throw new Error(times);
  for (const [what, name] of [
    ["pick", "Picking an end until its places light"],
    ["hover", "Hovering a place until its consequence shows"],
    ["land", "Landing until the strand lies there"],
    ["settle", "Landing until sum and verdicts say what followed"],
  ]) {
    const sorted = times[what].sort((a, b) => a - b);
    const at = (q) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * q))].toFixed(0);
    console.log(`| ${name}, 300-box job, processor slowed 4 times | ${at(0.5)} ms | ${at(0.95)} ms | ${sorted.length} gestures |`);
  }
} finally {
  await page.close();
}
