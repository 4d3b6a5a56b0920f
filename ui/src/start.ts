/*
 * The page's first script: asks for what the first screen shows, draws it as soon as it is known, and begins the application
 * only then, which takes a slow tablet a second.
 */
import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/index.css';
import './theme/global.css';
import { ask } from './early/ask';
import { draw } from './early/draw';
import { learned } from './loading/learned';

/** What is known so soon is drawn first; nobody waits longer for the application, ms. */
const SOON = 300;

const pause = (ms: number) => new Promise<void>((done) => setTimeout(done, ms));

async function start(): Promise<void> {
  const { pathname } = window.location;
  ask(pathname);
  const root = document.getElementById('root');
  void learned.finally(fetchSoon);
  if (pathname === '/' && root !== null) {
    try {
      await Promise.race([draw(root), learned.then(() => pause(SOON))]);
      // It is seen, and what was pressed meanwhile is answered, before the application takes the processor.
      await Promise.race([
        new Promise<void>((done) => requestAnimationFrame(() => setTimeout(done))),
        pause(SOON),
      ]);
    } catch {
      // The application says what is the matter.
    }
  }
  await import('./main');
}

/** The application's scripts come beside the drawing of the first screen, and after what that needs (vite.config.ts). */
function fetchSoon(): void {
  for (const link of document.querySelectorAll<HTMLLinkElement>('link[data-soon]')) {
    link.rel = 'preload';
  }
}

start().catch(() => window.dispatchEvent(new Event('not-loaded')));
