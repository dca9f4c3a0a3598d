import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

const server = process.env.GASKET_SERVER ?? "http://127.0.0.1:8460";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { target: "es2022", reportCompressedSize: true },
  server: {
    host: "127.0.0.1",
    // The server only listens to its own pages: in development the pages speak through this proxy.
    proxy: { "/api": { target: server, changeOrigin: true, ws: true, headers: { origin: server } } },
  },
});
