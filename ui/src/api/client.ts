import createClient, { type Middleware } from 'openapi-fetch';
import type { paths } from './schema.generated';
import { currentWords } from '../words/useWords';
import type { Problem } from './types';
import { say } from '../words/say';

/** A request the server refused, with its problem document. */
export class Refused extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    const title = currentWords().say(problem.says ?? problem.title);
    super(title);
    this.problem = { ...problem, title };
  }

  get isSignedOut(): boolean {
    return this.problem.status === 401 || this.problem.status === 419;
  }

  /** Whether the same request may go through later, unchanged. */
  get isPassing(): boolean {
    return this.problem.status >= 500 || this.problem.status === 429;
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super(say('screen.unreachable'));
  }
}

function token(): string | undefined {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
  return found === undefined ? undefined : decodeURIComponent(found);
}

const csrf: Middleware = {
  async onRequest({ request }) {
    if (request.method !== 'GET') {
      if (token() === undefined) {
        await fetch('/api/csrf');
      }
      request.headers.set('X-XSRF-TOKEN', token() ?? '');
    }
    return request;
  },
};

export const client = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => globalThis.fetch(request),
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
