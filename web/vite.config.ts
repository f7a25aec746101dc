import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  // Inlined assets would need data: in the content security policy.
  build: { assetsInlineLimit: 0, target: 'es2022', modulePreload: { polyfill: false } },
  server: { proxy: { '/api': 'http://localhost:8095' } },
});
