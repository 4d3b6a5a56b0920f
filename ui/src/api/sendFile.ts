import { say } from '../words/say';
import { client, Refused, Unreachable } from './client';
import type { Problem } from './types';

/** Sends a file's bytes as they are, and gives the answer's document. */
export async function sendFile<T>(
  path: string,
  file: Blob,
  query: Record<string, string>,
): Promise<T> {
  const token = () => /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
  let response: Response;
  try {
    if (token() === undefined) {
      await client.GET('/api/csrf');
    }
    response = await fetch(`${path}?${new URLSearchParams(query).toString()}`, {
      method: 'POST',
      headers: {
        'Content-Type': 'application/octet-stream',
        'X-XSRF-TOKEN': decodeURIComponent(token() ?? ''),
        Accept: 'application/json',
      },
      body: file,
    });
  } catch {
    throw new Unreachable();
  }
  if (response.status === 413) {
    throw new Refused({
      type: 'about:blank',
      title: say('screen.file-too-large'),
      status: 413,
      code: 'too-large',
      path: null,
    });
  }
  const answer: unknown = await response.json().catch(() => null);
  if (response.ok) {
    return answer as T;
  }
  throw answer === null ? new Unreachable() : new Refused(answer as Problem);
}
