import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import type { ReactNode } from 'react';

const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content;
const cache = createCache({ key: 'css', ...(nonce ? { nonce } : {}) });

/** Lets the components put their styles into a page that takes none without its own number. */
export function Styles({ children }: { children: ReactNode }) {
  return <CacheProvider value={cache}>{children}</CacheProvider>;
}
