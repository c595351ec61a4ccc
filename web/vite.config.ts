import { copyFileSync, mkdirSync } from 'node:fs';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

const out = '../app/public/build';

/** The print pages have no build step: they find Andika under a fixed name. */
function printFonts(): Plugin {
  return {
    name: 'print-fonts',
    apply: 'build',
    closeBundle() {
      mkdirSync(`${out}/fonts`, { recursive: true });
      copyFileSync('node_modules/@fontsource/andika/LICENSE', `${out}/fonts/andika-licence.txt`);
      for (const weight of [400, 700]) {
        copyFileSync(
          `node_modules/@fontsource/andika/files/andika-latin-${weight}-normal.woff2`,
          `${out}/fonts/andika-${weight}.woff2`,
        );
      }
    },
  };
}

export default defineConfig({
  plugins: [react(), tailwind(), printFonts()],
  base: '/build/',
  publicDir: false,
  build: {
    outDir: out,
    emptyOutDir: true,
    manifest: true,
    // what the licences of the bundled packages ask for: their names and texts beside what is made of them
    license: { fileName: 'licences.md' },
    // styles and fonts come from our own address, as the content security policy wants
    assetsInlineLimit: 0,
    rollupOptions: { input: 'src/main.tsx' },
  },
  test: {
    // a busy machine is no fault of what is tested
    testTimeout: 30_000,
    setupFiles: ['src/testing/setup.ts'],
    // the icons in one file: as modules they are some thousands, and loading them takes longer than the tests
    alias: { 'lucide-react': `${import.meta.dirname}/node_modules/lucide-react/dist/cjs/lucide-react.js` },
  },
});
