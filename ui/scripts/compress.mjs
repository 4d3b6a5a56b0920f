// What is fetched by many is compressed once, as small as it gets: beside each asset one for browsers that read Brotli, and one for the others.
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = new URL('../../public/build/assets/', import.meta.url);
const SMALL = 1024;

for (const name of await readdir(folder)) {
  if (!/\.(js|css|json|wasm|svg)$/.test(name)) {
    continue;
  }
  const bytes = await readFile(new URL(name, folder));
  if (bytes.length > SMALL) {
    // The 17 MB that compute without a server would take a minute at the last level, for little.
    const level = bytes.length > 2_000_000 ? 9 : constants.BROTLI_MAX_QUALITY;
    await writeFile(
      new URL(`${name}.br`, folder),
      brotliCompressSync(bytes, {
        params: {
          [constants.BROTLI_PARAM_QUALITY]: level,
          [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
        },
      }),
    );
    await writeFile(new URL(`${name}.gz`, folder), gzipSync(bytes, { level: 9 }));
  }
}
