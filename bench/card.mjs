// Times a make-up card from the tap on Done to the next step on screen, in headless Chromium with its processor slowed four times:
// node card.mjs <address of the program>
// The card is the demo's new box by the bench, whose cables are connected to nothing yet: no proof stands in its way.
import { chrome, wait } from "./chrome.mjs";

const [site] = process.argv.slice(2);
const STEPS = 9;
const page = await chrome();
try {
  await page.go(`${site}/nothing-here`);
  await page.run("localStorage.setItem('jolly-barn', JSON.stringify({ who: 'Bench' }))");
  await page.go(`${site}/jobs/ferry-keepers-house/changes/bench-row/boxes/row-left`);
  await wait(3000);
  await page.slow();
  const times = [];
  for (let i = 0; i < STEPS; i++) {
    const took = await page.runLong(`
      const done = arguments[0];
      const title = () => document.querySelector("main h1")?.textContent;
      const [was, from] = [title(), performance.now()];
      const keys = [...document.querySelectorAll("main button")];
      const go = keys.find((b) => /^(Done|They are off)/.test(b.textContent));
      if (!go || go.disabled) return done(null);
      new MutationObserver((_, seen) => {
        if (title() === was) return;
        seen.disconnect();
        requestAnimationFrame(() => setTimeout(() => done(performance.now() - from)));
      }).observe(document.querySelector("main"), { childList: true, subtree: true, characterData: true });
      go.click();
    `);
    if (took === null) break;
    times.push(took);
    await wait(600);
  }
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.min(times.length - 1, Math.floor(times.length * share))].toFixed(0);
  console.log(`| from one step to the next, ${times.length} steps | ${at(0.5)} ms | ${at(0.95)} ms | slowed four times, with the edit |`);
} finally {
  await page.close();
}
