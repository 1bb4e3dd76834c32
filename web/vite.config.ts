import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

/** What hears of runs keeps what it heard for as long as its page is open, and what is replaced for a test stays replaced. */
const ALONE = ["src/{stove,seals,today}/**/*.test.{ts,tsx}", "src/recipes/page.test.ts"];

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  server: { proxy: { "/api": "http://127.0.0.1:8427" } },
  test: {
    environment: "happy-dom",
    setupFiles: ["src/test/setup.ts"],
    restoreMocks: true,
    testTimeout: 60_000,
    projects: [
      { extends: true, test: { name: "alone", include: ALONE } },
      {
        extends: true,
        test: { name: "pages", include: ["src/**/*.test.{ts,tsx}"], exclude: ALONE, isolate: false },
      },
    ],
  },
  // One page of an own server: the libraries are a file of their own, which stays when the places change.
  build: {
    target: "es2022",
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: { groups: [{ name: "libraries", test: /node_modules/ }] },
      },
    },
  },
});
