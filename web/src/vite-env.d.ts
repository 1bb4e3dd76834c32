/// <reference types="vite-plugin-pwa/client" />

/** What the answers of the server look like, as a short name: what was kept of others is not understood. */
declare const __ANSWERS__: string;
