import { useLayoutEffect } from 'react';
import { meantBy } from '../tablet/keymap';

/** Whether a key is typed into something that takes text and already holds some. */
function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement && target.dataset['reading'] !== undefined) {
    return target.value !== '';
  }
  return (
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement
  );
}

/**
 * One key, one action, by the usual keys; where this device has them elsewhere, from there. An empty reading field lets them pass, since no reading begins with these letters; any
 * other field keeps its keys.
 */
export function useKeys(actions: Record<string, () => void>): void {
  // At once with what is drawn: a key that is pressed as soon as it shows is not for what stood there before.
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) {
        return;
      }
      const action = actions[meantBy(event.key.toLowerCase()) ?? ''];
      if (action) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [actions]);
}
