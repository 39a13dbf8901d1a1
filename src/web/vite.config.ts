import react from "@vitejs/plugin-react";
import tailwind from "@tailwindcss/vite";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync } from "node:zlib";
import { defineConfig, type Plugin } from "vite";

/** Scripts and styles a second time, compressed as far as it goes; the program sends those. */
const compressed: Plugin = {
  name: "compressed",
  apply: "build",
  writeBundle({ dir = "" }, bundle) {
    for (const name of Object.keys(bundle)) {
      const file = join(dir, name);
      if (/\.(js|css)$/.test(name)) writeFileSync(`${file}.br`, brotliCompressSync(readFileSync(file)));
    }
  },
};

export default defineConfig({
  plugins: [react(), tailwind(), compressed],
  build: { outDir: "../../.build/web", emptyOutDir: true, assetsInlineLimit: 0 },
});
