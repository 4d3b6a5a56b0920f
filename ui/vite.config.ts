import react from '@vitejs/plugin-react';
import { loadEnv } from 'vite';
import { defineConfig } from 'vitest/config';

const WORDS = 'src/tests/language.test.tsx';

export default defineConfig(({ command, mode }) => {
  const api = loadEnv(mode, '.', 'LUMBRO_')['LUMBRO_API'] ?? 'http://127.0.0.1:8420';
  return {
    base: command === 'build' ? '/build/' : '/',
    plugins: [react()],
    build: { outDir: '../public/build', emptyOutDir: true, manifest: true },
    // While developing: the server's answers, and the words beside this folder.
    server: { proxy: { '/api': api, '/read': api }, fs: { allow: ['..'] } },
    test: {
      environment: 'jsdom',
      setupFiles: './src/test-setup.ts',
      testTimeout: 30_000,
      // Loading the libraries for every file takes longer than the tests: only what puts other words in has its own.
      projects: [
        { extends: true, test: { name: 'words', include: [WORDS] } },
        {
          extends: true,
          test: {
            name: 'all',
            include: ['src/**/*.test.{ts,tsx}'],
            exclude: [WORDS],
            isolate: false,
          },
        },
      ],
    },
  };
});
