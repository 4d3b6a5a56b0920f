declare global {
  interface Window {
    /** What was asked for before the application's script came (early/ask.ts): address → the answer. */
    askedEarly?: Map<string, Promise<Response>>;
  }
}

/** Asked for longer ago than this, an answer is asked for again, ms. */
const FRESH = 10_000;

/** The answer to a request that was made already, once; there is none after something was written. */
export function askedEarly(request: Request): Promise<Response> | undefined {
  if (request.method !== 'GET' || performance.now() > FRESH) {
    delete window.askedEarly;
  }
  const { pathname, search } = new URL(request.url);
  const answer = window.askedEarly?.get(pathname + search);
  window.askedEarly?.delete(pathname + search);
  return answer;
}
