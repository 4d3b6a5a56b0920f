import { useEffect } from 'react';

/**
 * A laser meter in keyboard mode types its figure and Enter in one burst, wherever the focus happens to be: a figure
 * that is typed into nothing goes to the reading field.
 */
export function useBurst(field: string): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const elsewhere =
        event.target instanceof HTMLInputElement ||
        event.target instanceof HTMLTextAreaElement ||
        event.target instanceof HTMLSelectElement;
      if (
        !elsewhere &&
        /^[0-9]$/.test(event.key) &&
        !event.ctrlKey &&
        !event.metaKey &&
        !event.altKey
      ) {
        // The browser puts the figure into what has the focus once this is done.
        document.getElementById(field)?.focus();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [field]);
}
