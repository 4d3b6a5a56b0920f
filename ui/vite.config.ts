import react from '@vitejs/plugin-react';
import { loadEnv, type HtmlTagDescriptor, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

/** What WebAssembly packages import is fetched by its address. */
const asAddress: Plugin = {
  name: 'as-address',
  enforce: 'pre',
  async resolveId(source, importer) {
    if (source.endsWith('intl.so?url')) {
      // The core puts nothing in words: it needs no intl.
      return { id: source, external: 'absolute' };
    }
    if (!/\.(wasm|so)$/.test(source)) {
      return null;
    }
    const found = await this.resolve(source, importer, { skipSelf: true });
    return found === null ? null : `${found.id}?url`;
  },
};

/** What asks for the first screen's answers: a script of its own, ahead of the others. */
const EARLY = new URL('src/api/early.ts', import.meta.url).pathname;

/** What the first screen shows is fetched beside the script that shows it. */
const early: Plugin = {
  name: 'early',
  apply: 'build',
  buildStart() {
    this.emitFile({ type: 'chunk', id: EARLY, name: 'early' });
  },
  transformIndexHtml: {
    order: 'post',
    handler: (_, { bundle = {} }) =>
      Object.entries(bundle).flatMap(([file, part]): HtmlTagDescriptor[] => {
        if (part.type === 'chunk' && part.facadeModuleId === EARLY) {
          return [
            {
              tag: 'script',
              attrs: { type: 'module', crossorigin: '', src: `/build/${file}` },
              injectTo: 'head-prepend' as const,
            },
          ];
        }
        const kind = /\/en-[^/]+\.json$/.test(file)
          ? { as: 'fetch' }
          : /\/atkinson-[a-z-]+-latin-wght-normal-[^/]+\.woff2$/.test(file)
            ? { as: 'font', type: 'font/woff2' }
            : null;
        return kind === null
          ? []
          : [
              {
                tag: 'link',
                attrs: { rel: 'preload', href: `/build/${file}`, crossorigin: '', ...kind },
                injectTo: 'head' as const,
              },
            ];
      }),
  },
};

/**
 * Whether the first screen needs a module: it is reached from the entry without a dynamic import. All of those are one file; in
 * files of their own, as shared parts of other screens, each costs a slow tablet a request and a compilation.
 */
const first = (() => {
  let reached: Set<string> | null = null;
  return (id: string, graph: Graph): boolean => {
    if (reached === null) {
      reached = new Set();
      const rest = [new URL('src/main.tsx', import.meta.url).pathname];
      for (let next = rest.pop(); next !== undefined; next = rest.pop()) {
        if (!reached.has(next)) {
          reached.add(next);
          rest.push(...(graph.getModuleInfo(next)?.importedIds ?? []));
        }
      }
    }
    return reached.has(id);
  };
})();

interface Graph {
  getModuleInfo: (id: string) => { importedIds: readonly string[] } | null;
}

export default defineConfig(({ command, mode }) => {
  const api = loadEnv(mode, '.', 'LUMBRO_')['LUMBRO_API'] ?? 'http://127.0.0.1:8420';
  return {
    base: command === 'build' ? '/build/' : '/',
    plugins: [
      react(),
      asAddress,
      early,
      VitePWA({
        strategies: 'injectManifest',
        srcDir: 'src',
        filename: 'sw.ts',
        // It has the whole application in its charge, wherever its own file lies (deploy/nginx.conf.in).
        scope: '/',
        base: '/build/',
        injectRegister: false,
        injectManifest: {
          globPatterns: ['assets/*.{js,css,json,woff2}'],
          globIgnores: ['**/core*', '**/php_*'],
        },
        manifest: {
          name: 'Lumbro',
          short_name: 'Lumbro',
          description: 'Radar alignment after collision repair',
          start_url: '/',
          scope: '/',
          id: '/',
          display: 'standalone',
          background_color: '#efe8da',
          theme_color: '#efe8da',
          icons: [{ src: '/build/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
        },
      }),
    ],
    worker: { format: 'es', plugins: () => [asAddress] },
    optimizeDeps: { exclude: ['@php-wasm/universal', '@php-wasm/web-8-2'] },
    build: {
      outDir: '../public/build',
      emptyOutDir: true,
      manifest: true,
      rolldownOptions: {
        output: {
          codeSplitting: {
            groups: [
              {
                name: (id: string, graph: Graph) =>
                  id.endsWith('.css') || !first(id, graph) ? null : 'first',
              },
            ],
          },
        },
      },
    },
    // While developing: the server's answers, and the words beside this folder.
    server: { proxy: { '/api': api, '/read': api }, fs: { allow: ['..'] } },
    test: {
      environment: 'jsdom',
      setupFiles: './src/test-setup.ts',
      testTimeout: 30_000,
      // Loading the libraries for every file takes longer than the tests.
      isolate: false,
    },
  };
});
