// A headless Chromium of its own, driven over its port; slowed four times when asked.
import { spawn } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

export const wait = (ms) => new Promise((done) => setTimeout(done, ms));

/** Opens one; `close` it. */
export async function chrome() {
  const port = 9500 + Math.floor(Math.random() * 400);
  const driver = spawn("/usr/bin/chromedriver", [`--port=${port}`], { stdio: "ignore" });
  const base = `http://127.0.0.1:${port}`;
  const post = async (path, body) => {
    const reply = await (await fetch(base + path, { method: "POST", body: JSON.stringify(body) })).json();
    if (reply.value?.error) throw new Error(reply.value.message);
    return reply.value;
  };
  await wait(1500);
  const args = [
    "--headless",
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--window-size=1280,943",
    `--user-data-dir=${mkdtempSync(join(tmpdir(), "jolly-barn-bench-"))}`,
  ];
  const options = { alwaysMatch: { "goog:chromeOptions": { args, binary: "/usr/bin/chromium" }, timeouts: { script: 300000 } } };
  const session = `/session/${(await post("/session", { capabilities: options })).sessionId}`;
  const cdp = (cmd, params) => post(`${session}/goog/cdp/execute`, { cmd, params });
  return {
    go: (url) => post(`${session}/url`, { url }),
    run: (script) => post(`${session}/execute/sync`, { script, args: [] }),
    runLong: (script) => post(`${session}/execute/async`, { script, args: [] }),
    cdp,
    slow: () => cdp("Emulation.setCPUThrottlingRate", { rate: 4 }),
    close: async () => {
      await fetch(base + session, { method: "DELETE" });
      driver.kill();
    },
  };
}
