import { readFileSync } from 'node:fs';
import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** What keeps the pages in a browser knows all files of the program; a file that changes has another name. */
const serviceWorker = (): Plugin => ({
  name: 'service-worker',
  generateBundle: {
    order: 'post',
    handler(_, bundle) {
      const files = Object.keys(bundle).filter((file) => file.startsWith('assets/') && !file.endsWith('.map'));
      const list = JSON.stringify([...files, 'icon.svg', 'icon-calls.svg'].map((file) => `/${file}`));
      const source = readFileSync('service-worker.js', 'utf8').replace('FILES = []', `FILES = ${list}`);
      this.emitFile({ type: 'asset', fileName: 'service-worker.js', source });
    },
  },
});

export default defineConfig({
  plugins: [react(), serviceWorker()],
  // Inlined assets would need data: in the content security policy.
  // What the page is made with, and under which licences, is a file beside it.
  build: {
    license: { fileName: 'notices-page.txt' },
    assetsInlineLimit: 0,
    target: 'es2022',
    modulePreload: { polyfill: false },
  },
  test: { environment: 'jsdom', restoreMocks: true },
  server: { proxy: { '/api': 'http://localhost:8095' } },
});
