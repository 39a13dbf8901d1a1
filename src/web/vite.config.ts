import react from "@vitejs/plugin-react";
import tailwind from "@tailwindcss/vite";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwind()],
  build: { outDir: "../../.build/web", emptyOutDir: true, assetsInlineLimit: 0 },
});
