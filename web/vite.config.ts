import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
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
