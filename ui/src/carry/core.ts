/** A document for one of the core's commands. */
export interface Asked {
  readonly id: number;
  readonly command: string;
  readonly document: string;
}

/** What the core says to it; with the id 0 that it is ready. */
export type Answered =
  | { readonly id: number; readonly answer: string }
  | { readonly id: number; readonly failure: string };

interface Waiting {
  readonly resolve: (answer: string) => void;
  readonly reject: (failure: Error) => void;
}

/** The core in a worker of its own, so that the page stays quick while it computes. */
class Core {
  private readonly worker = new Worker(new URL('./core.worker.ts', import.meta.url), {
    type: 'module',
  });
  private readonly waiting = new Map<number, Waiting>();
  private last = 0;
  /** Done once it can compute. */
  readonly ready: Promise<void>;

  constructor(gone: () => void) {
    this.ready = new Promise((resolve, reject) => {
      this.waiting.set(0, { resolve: () => resolve(), reject });
    });
    // Who does not wait for it is not told either.
    this.ready.catch(() => undefined);
    const end = (why: string) => {
      gone();
      this.worker.terminate();
      for (const { reject } of this.waiting.values()) {
        reject(new Error(why));
      }
    };
    this.worker.onmessage = ({ data }: MessageEvent<Answered>) => {
      if ('failure' in data) {
        end(data.failure);
      } else {
        this.waiting.get(data.id)?.resolve(data.answer);
        this.waiting.delete(data.id);
      }
    };
    this.worker.onerror = (event) => end(event.message);
  }

  ask(command: string, document: string): Promise<string> {
    return new Promise((resolve, reject) => {
      const id = ++this.last;
      this.waiting.set(id, { resolve, reject });
      this.worker.postMessage({ id, command, document } satisfies Asked);
    });
  }
}

let running: Core | null = null;

/** The core, begun on this device; one that died is begun again. */
export function core(): Core {
  running ??= new Core(() => {
    running = null;
  });
  return running;
}

/** What a command makes of a document, computed on this device. */
export async function compute(command: string, document: unknown): Promise<unknown> {
  return JSON.parse(await core().ask(command, JSON.stringify(document))) as unknown;
}
