import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

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
  server: { proxy: { '/api': 'http://localhost:8095' } },
});
