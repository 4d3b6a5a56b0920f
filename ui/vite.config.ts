import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  base: '/build/',
  plugins: [react()],
  build: { outDir: '../public/build', emptyOutDir: true, manifest: true },
  test: { environment: 'jsdom', setupFiles: './src/test-setup.ts', testTimeout: 30_000 },
});
