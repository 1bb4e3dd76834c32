import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

/** What hears of runs keeps what it heard for as long as its page is open, and what is replaced for a test stays replaced. */
const ALONE = [
  "src/{api,app,listen,look,photos,stove,seals,today}/**/*.test.{ts,tsx}",
  "src/recipes/page.test.ts",
  "src/plan/keptEdits.test.tsx",
];

const answers = createHash("sha256").update(readFileSync("src/api/openapi.json")).digest("hex").slice(0, 12);

const SERVER = "http://127.0.0.1:8427";

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // A newer version waits until somebody says so, and never comes in the middle of a run.
      registerType: "prompt",
      injectRegister: false,
      manifest: {
        id: "/",
        name: "Mobrel",
        short_name: "Mobrel",
        description: "Pressure canning at home: recipe, jars, day, stove and shelf",
        start_url: "/today",
        scope: "/",
        display: "standalone",
        background_color: "#f6f1e4",
        theme_color: "#1e4c78",
        lang: "en",
        icons: [
          { src: "/icon-192.png", sizes: "192x192", type: "image/png" },
          { src: "/icon-512.png", sizes: "512x512", type: "image/png" },
          { src: "/icon-maskable-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
        ],
        shortcuts: [
          { name: "Stove", url: "/stove" },
          { name: "Shelf", url: "/shelf" },
        ],
      },
      workbox: {
        globPatterns: ["**/*.{html,js,css,svg,woff2,png}"],
        navigateFallback: "/index.html",
        // What the server itself answers: its interface, files to be saved, and the page about its health.
        navigateFallbackDenylist: [/^\/(api|v3|actuator)(\/|$)/],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        importScripts: ["notified.js"],
      },
    }),
  ],
  define: { __ANSWERS__: JSON.stringify(answers) },
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  // The server answers pages of its own address only; what is being worked on is asked for as one of them.
  server: {
    proxy: { "/api": { target: SERVER, changeOrigin: true, headers: { origin: SERVER } } },
  },
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
  // The libraries that every page needs are a file of their own, which stays when the places change; each place is another.
  build: {
    target: "es2022",
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            {
              name: "libraries",
              test: /node_modules\/(react|react-dom|scheduler|@tanstack|wouter|regexparam|openapi-fetch|idb)\//,
            },
          ],
        },
      },
    },
  },
});
