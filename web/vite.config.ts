import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  server: { proxy: { "/api": "http://127.0.0.1:8427" } },
  test: {
    environment: "happy-dom",
    setupFiles: ["src/test/setup.ts"],
    restoreMocks: true,
    testTimeout: 60_000,
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
