import { say } from '../words/say';
import { own } from './own';
import { client, Refused, Unreachable } from './client';
import { token } from './token';
import type { Problem } from './types';
import { finished, LONG } from './underway';

/** Sends a file's bytes as they are, and gives the answer's document. */
export async function sendFile<T>(
  path: string,
  file: Blob,
  query: Record<string, string>,
): Promise<T> {
  let response: Response;
  try {
    if (token() === undefined) {
      await client.GET('/api/csrf');
    }
    response = await fetch(`${path}?${new URLSearchParams(query).toString()}`, {
      method: 'POST',
      headers: {
        ...LONG,
        'Content-Type': 'application/octet-stream',
        ...own(true),
        Accept: 'application/json',
      },
      body: file,
    });
  } catch {
    throw new Unreachable();
  }
  response = await finished(response, file instanceof File ? file.name : '');
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
