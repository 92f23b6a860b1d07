import * as icons from '@mdi/js';
import vue from '@vitejs/plugin-vue';
import vuetify from 'vite-plugin-vuetify';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';
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

/** `import { mdiCheck } from '@mdi/js'`, after types are gone. */
const ICON_IMPORT = /import\s*\{([^}]*)\}\s*from\s*["']@mdi\/js["'];?/g;
/**
 * Puts each icon into the files that use it. The package is one module, which would be one part of both entries: a child's tablet would load
 * every icon of the teacher's.
 */
const iconsWhereTheyAreUsed: Plugin = {
  name: 'hoppel-icons',
  transform: (code) => {
    if (!code.includes('@mdi/js')) return null;
    const inlined = code.replace(ICON_IMPORT, (_, names: string) =>
      names
        .split(',')
        .map((name) => name.trim())
        .filter((name) => name !== '')
        .map((name) => {
          const [icon, local = icon] = name.split(/\s+as\s+/);
          return `const ${local} = ${JSON.stringify((icons as Record<string, string>)[icon!])};`;
        })
        .join(' '),
    );
    return { code: inlined, map: null };
  },
};

export default defineConfig({
  root: at('.'),
  plugins: [vue(), iconsWhereTheyAreUsed, vuetify({ autoImport: true }), worker],
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
