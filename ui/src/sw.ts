/// <reference lib="webworker" />
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { KEPT, KEPT_ANSWERS, OTHERS_ADDRESS, NEVER_KEPT } from './device/kept';

declare const self: ServiceWorkerGlobalScope & {
  __WB_MANIFEST: { url: string; revision: string }[];
};

const PAGE = 'lumbro-page';
const ASSETS = 'lumbro-assets';
/** As long as the server is waited for where this device has an answer of its own, ms; where it has none, as long as it takes. */
const PATIENCE = 20_000;
/** As many answers are kept. */
const MOST = 400;

void self.skipWaiting();
self.addEventListener('activate', (event) =>
  event.waitUntil(
    // The page that is open came before anything could keep it.
    Promise.all([
      self.clients.claim(),
      caches.open(PAGE).then((cache) => cache.add('/').catch(() => undefined)),
    ]),
  ),
);
cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);

/** The server in front answered for one behind it that is away. */
class Gone extends Error {
  constructor(readonly answer: Response) {
    super(answer.statusText);
  }
}

/** The server's answer, or none in time. */
async function asked(request: Request, kept: Response | undefined): Promise<Response> {
  const answer = await fetch(
    request,
    kept === undefined ? {} : { signal: AbortSignal.timeout(PATIENCE) },
  );
  if ([502, 503, 504].includes(answer.status)) {
    throw new Gone(answer);
  }
  return answer;
}

/** Of what was fetched once: by its own name as long as there is a cache. */
async function keptFirst(request: Request): Promise<Response> {
  const cache = await caches.open(ASSETS);
  const kept = await cache.match(request);
  if (kept !== undefined) {
    return kept;
  }
  const answer = await fetch(request);
  if (answer.ok) {
    await cache.put(request, answer.clone());
  }
  return answer;
}

/** Those that were put in first go where there are too many. */
async function trimmed(cache: Cache): Promise<void> {
  const keys = await cache.keys();
  await Promise.all(keys.slice(0, Math.max(0, keys.length - MOST)).map((key) => cache.delete(key)));
}

// The PHP that computes here is too large to be fetched before it is needed.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/build/assets/'),
  ({ request }) => keptFirst(request),
);

// Every address of the application is the same page; it comes with the headers it was answered with.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      const cache = await caches.open(PAGE);
      const kept = await cache.match('/');
      try {
        const page = await asked(request, kept);
        if (page.ok) {
          await cache.put('/', page.clone());
        }
        return page;
      } catch (failure) {
        if (kept !== undefined) {
          return kept;
        }
        return failure instanceof Gone ? failure.answer : Response.error();
      }
    },
    { denylist: [OTHERS_ADDRESS] },
  ),
);

// What the server said last, where it says nothing now; it is marked as that.
registerRoute(
  ({ url, request, sameOrigin }) =>
    sameOrigin &&
    request.method === 'GET' &&
    url.pathname.startsWith('/api/') &&
    !NEVER_KEPT.test(url.pathname),
  async ({ request }) => {
    const cache = await caches.open(KEPT_ANSWERS);
    const kept = await cache.match(request);
    try {
      const answer = await asked(request, kept);
      if (answer.status === 401) {
        // Nobody is signed in: nothing of the shop stays.
        await caches.delete(KEPT_ANSWERS);
      } else if (
        answer.status === 200 &&
        answer.headers.get('Content-Type')?.includes('json') === true
      ) {
        await cache.put(request, answer.clone());
        await trimmed(cache);
      }
      return answer;
    } catch (failure) {
      if (kept !== undefined) {
        const headers = new Headers(kept.headers);
        headers.set(KEPT, '1');
        return new Response(kept.body, { status: kept.status, headers });
      }
      return failure instanceof Gone ? failure.answer : Response.error();
    }
  },
);
