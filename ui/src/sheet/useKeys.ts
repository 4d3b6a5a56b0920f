import { useEffect } from 'react';

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
 * One key, one action. An empty reading field lets them pass, since no reading begins with these letters; any
 * other field keeps its keys.
 */
export function useKeys(actions: Record<string, () => void>): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) {
        return;
      }
      const action = actions[event.key.toLowerCase()];
      if (action) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [actions]);
}
