import { PHP, loadPHPRuntime } from '@php-wasm/universal';
import { getPHPLoaderModule } from '@php-wasm/web-8-2';
import sources from './core.generated.json?url';
import entry from './core.php?raw';
import type { Answered, Asked } from './core';

/** What is asked for, in turn, and the one the core waits for when nothing is. */
const asked: Asked[] = [];
let wake: ((next: Asked) => void) | null = null;
/** What the core works on. */
let current: Asked | null = null;

const tell = (answered: Answered) => self.postMessage(answered);

self.onmessage = ({ data }: MessageEvent<Asked>) => {
  if (wake === null) {
    asked.push(data);
  } else {
    const go = wake;
    wake = null;
    go(data);
  }
};

const next = () =>
  new Promise<Asked>((resolve) => {
    const waiting = asked.shift();
    if (waiting === undefined) {
      wake = resolve;
    } else {
      resolve(waiting);
    }
  });

async function begin() {
  const [runtime, files] = await Promise.all([
    getPHPLoaderModule().then((module) => loadPHPRuntime(module, { processId: 1 })),
    fetch(sources).then((response) => response.json() as Promise<Record<string, string>>),
  ]);
  const php = new PHP(runtime);
  for (const [name, source] of Object.entries(files)) {
    const path = `/core/${name}`;
    php.mkdir(path.slice(0, path.lastIndexOf('/')));
    php.writeFile(path, source);
  }
  php.onMessage(async (answer: string) => {
    tell({ id: current?.id ?? 0, answer });
    current = await next();
    return `${current.command}\n${current.document}`;
  });
  const ended = await php.run({ code: entry });
  throw new Error(ended.text);
}

begin().catch((failure: unknown) => {
  tell({ id: current?.id ?? 0, failure: String(failure) });
});
