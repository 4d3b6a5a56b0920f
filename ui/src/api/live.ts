import { useEffect, useRef, useState } from 'react';

/** What is new of an order: lines of a task or of the whole car, or who measures what. */
export type News =
  | { readonly what: 'lines'; readonly of: string; readonly version: number }
  | { readonly what: 'held'; readonly of: string };

/** A stream that was refused, or never came about, is tried again after so long, ms. */
const AGAIN = 20_000;

/**
 * Hears from the server what is new of an order, as long as this page is looked at: a page in the background holds no
 * connection. Where it cannot hear, the answer is false, and whoever needs to know asks from time to time.
 */
export function useLive(order: string | undefined, onNews: (news: News | null) => void): boolean {
  const [isLive, setIsLive] = useState(false);
  const heard = useRef(onNews);
  useEffect(() => {
    heard.current = onNews;
  });
  useEffect(() => {
    if (order === undefined || typeof EventSource === 'undefined') {
      return undefined;
    }
    let stream: EventSource | null = null;
    let later: ReturnType<typeof setTimeout> | undefined;
    const shut = () => {
      clearTimeout(later);
      stream?.close();
      stream = null;
      setIsLive(false);
    };
    const open = () => {
      shut();
      if (document.visibilityState !== 'visible') {
        return;
      }
      const opened = new EventSource(`/api/repair-orders/${order}/live`);
      stream = opened;
      opened.addEventListener('open', () => {
        setIsLive(true);
        // What came before it was open was not heard.
        heard.current(null);
      });
      opened.addEventListener('lines', ({ data }: MessageEvent<string>) => {
        const [of = '', version = '0'] = data.split(' ');
        heard.current({ what: 'lines', of, version: Number(version) });
      });
      opened.addEventListener('held', ({ data }: MessageEvent<string>) =>
        heard.current({ what: 'held', of: data }),
      );
      opened.onerror = () => {
        setIsLive(false);
        // A browser comes back by itself after a break, but not after a refusal.
        if (opened.readyState === EventSource.CLOSED) {
          later = setTimeout(open, AGAIN);
        }
      };
    };
    open();
    document.addEventListener('visibilitychange', open);
    return () => {
      document.removeEventListener('visibilitychange', open);
      shut();
    };
  }, [order]);
  return isLive;
}
