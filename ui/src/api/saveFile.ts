import { Refused, Unreachable } from './client';
import type { Problem } from './types';
import { finished, LONG } from './underway';

/** Asks for a file that takes long to make, and hands it to the browser to keep. */
export async function saveFile(path: string, name: string): Promise<void> {
  const asked = await fetch(path, { headers: { ...LONG, Accept: '*/*' } }).catch(() => {
    throw new Unreachable();
  });
  const response = await finished(asked, name);
  if (!response.ok) {
    const problem = (await response.json().catch(() => null)) as Problem | null;
    throw problem === null ? new Unreachable() : new Refused(problem);
  }
  const said = /filename="([^"]+)"/.exec(response.headers.get('Content-Disposition') ?? '')?.[1];
  const address = URL.createObjectURL(await response.blob());
  const link = document.createElement('a');
  link.href = address;
  link.download = said ?? name;
  document.body.append(link);
  link.click();
  link.remove();
  // Whatever takes it has begun by then.
  setTimeout(() => URL.revokeObjectURL(address), 60_000);
}
