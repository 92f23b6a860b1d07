import vue from '@vitejs/plugin-vue';
import vuetify from 'vite-plugin-vuetify';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** What a tablet needs to open without a network: its page, all that page names, the fonts and the pictures. Nothing of the teacher's. */
const isForStation = (page: string, url: string): boolean =>
  page.includes(url) || /^station\.html$|^pictures\/.*\.svg$|^assets\/andika-latin.*\.woff2$/.test(url);

const worker = VitePWA({
  filename: 'station-sw.js',
  // The station's page links its own manifest and registers the worker where browsers allow it.
  manifest: false,
  injectRegister: false,
  workbox: {
    globPatterns: ['station.html', 'not-started.css', 'assets/*.{js,css,woff2}', 'pictures/*.svg'],
    manifestTransforms: [
      (entries) => {
        const page = readFileSync(at('../dist/web/station.html'), 'utf8');
        return { manifest: entries.filter(({ url }) => isForStation(page, url)), warnings: [] };
      },
    ],
    navigateFallback: '/station.html',
    navigateFallbackAllowlist: [/^\/station(\/|$)/],
    inlineWorkboxRuntime: true,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: true,
  },
});

export default defineConfig({
  root: at('.'),
  plugins: [vue(), vuetify({ autoImport: true }), worker],
  build: {
    outDir: at('../dist/web'),
    emptyOutDir: true,
    // Inlined files would be data: addresses, which the content policy refuses for fonts.
    assetsInlineLimit: 0,
    // Two entries: a child's tablet never loads the teacher's code.
    rollupOptions: {
      input: { teacher: at('index.html'), station: at('station.html') },
      // Core and contract only define things: what a tablet does not use of them (plans, calendars)
      // is left out there. The contract's index sets Zod up first of all.
      treeshake: { moduleSideEffects: (id) => !/\/(core|contract)\/(?!jitless|index)/.test(id.replace(/\\/g, '/')) },
    },
  },
  server: { proxy: { '/api': 'http://localhost:4930' } },
});
