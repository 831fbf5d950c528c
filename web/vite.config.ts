import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: {
    outDir: "dist",
    target: "es2022",
    // A part names what it needs itself; a list of all parts in the first script would cost more than it saves here.
    modulePreload: false,
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
    assetsInlineLimit: 0,
  },
  server: { proxy: { "/api": "http://127.0.0.1:8085" } },
});
