import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { compression } from "vite-plugin-compression2";
import { VitePWA } from "vite-plugin-pwa";

// What a device keeps to open without contact: every page, and the small pictures it was shown. The farm's answers are kept
// by the page itself, which knows what they rest on.
const shell = VitePWA({
  filename: "worker.js",
  injectRegister: false,
  registerType: "autoUpdate",
  manifest: {
    name: "Bay Lantern",
    short_name: "Bay Lantern",
    description: "Grafts, wood and flushes of this farm.",
    start_url: "/today",
    scope: "/",
    display: "standalone",
    background_color: "#f1f5f3",
    theme_color: "#f1f5f3",
    icons: [
      { src: "/lantern-192.png", sizes: "192x192", type: "image/png" },
      { src: "/lantern-512.png", sizes: "512x512", type: "image/png", purpose: "any maskable" },
    ],
  },
  workbox: {
    globPatterns: ["**/*.{html,js,css,woff2,svg,png}"],
    // It stands by at once, also for the page on which somebody has just been let in and then walks off.
    skipWaiting: true,
    clientsClaim: true,
    navigateFallback: "/index.html",
    navigateFallbackDenylist: [/^\/api\//],
    inlineWorkboxRuntime: true,
    runtimeCaching: [
      {
        urlPattern: ({ url }) => url.pathname.startsWith("/api/pictures/") && url.search === "?small=true",
        handler: "CacheFirst",
        options: { cacheName: "pictures", expiration: { maxEntries: 400 } },
      },
    ],
  },
});

// Packed once here rather than for each who asks.
const packed = compression({ algorithms: ["gzip"], include: /^assets\/.*\.(js|css)$/, logLevel: "silent" });

// What of the router nobody uses is left out of the first script only where nothing else is done with it: the names that tools
// for developers show are taken away, and what merely makes a component is marked as doing nothing else.
const leanRouter: Plugin = {
  name: "lean-router",
  transform: (code, id) =>
    id.includes("/react-router/")
      ? code
          .replace(/^\w+\.displayName = "\w+";$/gm, "")
          .replace(/= (?=React\d*\.(?:forwardRef|createContext|memo)\()/g, "= /* @__PURE__ */ ")
      : undefined,
};

// All styles come with the first page, so that a part has none to wait for.
const bareParts: Plugin = {
  name: "bare-parts",
  enforce: "pre",
  load: (id) =>
    id.includes("vite/preload-helper") ? "export const __vitePreload = (load) => load();" : undefined,
  generateBundle(_, bundle) {
    const styles = Object.keys(bundle).filter((name) => name.endsWith(".css"));
    if (styles.length > 1) this.error(`styles of a part would not be fetched: ${styles}`);
  },
};

export default defineConfig({
  plugins: [react(), tailwindcss(), leanRouter, bareParts, shell, packed],
  build: {
    outDir: "dist",
    target: "es2022",
    // A part names what it needs itself; a list of all parts in the first script would cost more than it saves here.
    modulePreload: false,
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
    // What the first screen needs is one piece; left to itself it is cut into many small ones, which pack worse.
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: "first", tags: ["$initial"] }] } } },
    assetsInlineLimit: 0,
  },
  server: { proxy: { "/api": "http://127.0.0.1:8085" } },
});
