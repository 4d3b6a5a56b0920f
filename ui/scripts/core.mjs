import { readdir, readFile, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';

// The core's own sources as one file, for the PHP that runs in the browser.
const source = new URL('../../core/src/', import.meta.url);
const target = new URL('../src/carry/core.generated.json', import.meta.url);
const files = {};
for (const name of (await readdir(source, { recursive: true })).sort()) {
  if (name.endsWith('.php')) {
    files[name] = await readFile(new URL(name, source), 'utf8');
  }
}
await writeFile(fileURLToPath(target), JSON.stringify(files));
