import vue from '@vitejs/plugin-vue';
import vuetify from 'vite-plugin-vuetify';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: at('.'),
  plugins: [vue(), vuetify({ autoImport: true })],
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
