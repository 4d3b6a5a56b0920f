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

/** What sees to it that the others come, the page's own script, and the application, which that begins once the first screen stands. */
const AGAIN = new URL('src/again.ts', import.meta.url).pathname;
const START = new URL('src/start.ts', import.meta.url).pathname;
const MAIN = new URL('src/main.tsx', import.meta.url).pathname;

/** What the first screen needs is fetched beside the page's own script, which asks for it only later. */
const early: Plugin = {
  name: 'early',
  apply: 'build',
  buildStart() {
    this.emitFile({ type: 'chunk', id: AGAIN, name: 'again' });
  },
  transformIndexHtml: {
    order: 'post',
    handler: (_, { bundle = {} }) => {
      const application = Object.values(bundle).find(
        (part) => part.type === 'chunk' && part.facadeModuleId === MAIN,
      );
      const scripts =
        application?.type === 'chunk' ? [application.fileName, ...application.imports] : [];
      return Object.entries(bundle).flatMap(([file, part]): HtmlTagDescriptor[] => {
        if (part.type === 'chunk' && part.facadeModuleId === AGAIN) {
          return [
            {
              tag: 'script',
              attrs: { type: 'module', crossorigin: '', src: `/build/${file}` },
              injectTo: 'head-prepend',
            },
          ];
        }
        const how: Record<string, string> | null = scripts.includes(file)
          ? // Fetched once the page's own script says so, and not compiled: what comes first would have to wait.
            { 'data-soon': '', as: 'script' }
          : /\/(?:main|first)-[^/]+\.css$/.test(file)
            ? { rel: 'stylesheet' }
            : /\/en-[^/]+\.json$/.test(file)
              ? { rel: 'preload', as: 'fetch' }
              : /\/atkinson-[a-z-]+-latin-wght-normal-[^/]+\.woff2$/.test(file)
                ? { rel: 'preload', as: 'font', type: 'font/woff2' }
                : null;
        return how === null
          ? []
          : [
              {
                tag: 'link',
                attrs: { ...how, href: `/build/${file}`, crossorigin: '' },
                // Nothing can be drawn without the words.
                injectTo: how['as'] === 'fetch' ? 'head-prepend' : 'head',
              },
            ];
      });
    },
  },
};

/** What is reached from a module without a dynamic import. */
const reached = (from: string) => {
  let known: Set<string> | null = null;
  return (id: string, graph: Graph): boolean => {
    if (known === null) {
      known = new Set();
      const rest = [from];
      for (let next = rest.pop(); next !== undefined; next = rest.pop()) {
        if (!known.has(next)) {
          known.add(next);
          rest.push(...(graph.getModuleInfo(next)?.importedIds ?? []));
        }
      }
    }
    return known.has(id);
  };
};
const atStart = reached(START);
/** All that the first screen needs is one file: in files of their own, shared parts cost a slow tablet a request and a compilation each. */
const first = reached(MAIN);

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
                // What the page's own script needs goes with it, whoever else needs it.
                name: (id: string, graph: Graph) =>
                  id.endsWith('.css') || !atStart(id, graph) ? null : 'start',
                priority: 2,
              },
              {
                name: (id: string, graph: Graph) =>
                  id.endsWith('.css') || !first(id, graph) ? null : 'first',
                priority: 1,
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
