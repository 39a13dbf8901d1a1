import { defineConfig } from "vite";

/** The drawing's geometry alone, as a module for Node, so that tests and benchmarks measure what the screen shows. */
export default defineConfig({
  build: {
    outDir: "../../.build/drawing",
    emptyOutDir: true,
    minify: false,
    lib: { entry: "src/bench/drawing.ts", formats: ["es"], fileName: () => "drawing.mjs" },
  },
  publicDir: false,
});
