import createClient, { type Middleware } from 'openapi-fetch';
import type { paths } from './schema.generated';
import { Refused, Unreachable } from './problems';
import { askedEarly } from './askedEarly';
import { own } from './own';
import { token } from './token';
import type { Problem } from './types';
import { finished } from './underway';
import { answeredBy } from './connection';
import { KEPT } from '../device/kept';

export { Refused, Unreachable };

const csrf: Middleware = {
  async onRequest({ request }) {
    const isWrite = request.method !== 'GET';
    if (isWrite && token() === undefined) {
      await fetch('/api/csrf');
    }
    // Who is signed in is asked by whoever does not know, and changed by whoever signs in.
    if (isWrite || new URL(request.url).pathname !== '/api/session') {
      for (const [name, value] of Object.entries(own(isWrite))) {
        request.headers.set(name, value);
      }
    }
    return request;
  },
  // What takes long says that it is underway, where that was asked for.
  onResponse: ({ response }) => {
    answeredBy(response.headers.has(KEPT) ? 'device' : 'server');
    return finished(response);
  },
};

export const client = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => askedEarly(request) ?? globalThis.fetch(request),
});
client.use(csrf);

function isProblem(value: unknown): value is Problem {
  return typeof value === 'object' && value !== null && 'title' in value && 'code' in value;
}

/** The answer's document, or the reason there is none, as an exception. */
export async function answer<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let result: { data?: T; error?: unknown; response: Response };
  try {
    result = await request;
  } catch {
    answeredBy('device');
    throw new Unreachable();
  }
  if (result.response.ok) {
    return result.data as T;
  }
  if (isProblem(result.error)) {
    throw new Refused(result.error);
  }
  throw new Unreachable();
}
