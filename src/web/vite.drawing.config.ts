import { defineConfig } from "vite";

/**
 * The drawing's geometry, the way figures are written and what the screens know of a job, each as a module for Node, so that tests and
 * benchmarks measure what the screen shows.
 */
export default defineConfig({
  build: {
    outDir: "../../.build/drawing",
    emptyOutDir: true,
    minify: false,
    lib: {
      entry: {
        drawing: "src/bench/drawing.ts",
        sheet: "src/sheet/layout/index.ts",
        figures: "src/parts/measure.ts",
        address: "src/parts/address.ts",
        edits: "src/model/edits.ts",
        found: "src/parts/found.ts",
        facts: "src/model/facts.ts",
        keys: "src/model/keys.ts",
        names: "src/model/names.ts",
        question: "src/model/question.ts",
        sameBox: "src/model/sameBox.ts",
        stops: "src/bench/stops.ts",
      },
      formats: ["es"],
      fileName: (_, name) => `${name}.mjs`,
    },
  },
  publicDir: false,
});
