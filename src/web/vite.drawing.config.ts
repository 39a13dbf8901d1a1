import { defineConfig } from "vite";

/**
 * The drawing's geometry and the way figures are written, each as a module for Node, so that tests and benchmarks measure what the
 * screen shows.
 */
export default defineConfig({
  build: {
    outDir: "../../.build/drawing",
    emptyOutDir: true,
    minify: false,
    lib: {
      entry: { drawing: "src/bench/drawing.ts", figures: "src/parts/measure.ts" },
      formats: ["es"],
      fileName: (_, name) => `${name}.mjs`,
    },
  },
  publicDir: false,
});
