/// <reference types="vite/client" />
/// <reference types="vite-plugin-pwa/client" />

/** Names this build of the page and its core. */
declare const __BUILD__: string;
