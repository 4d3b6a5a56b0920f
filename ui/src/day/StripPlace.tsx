/** Where the strip's height is kept on this device, for a window as wide as it was then. */
const KEPT = 'lumbro-strip';

/** How high the strip is, with the gap below it, px. */
export function keepStripHeight(height: number): void {
  localStorage.setItem(KEPT, `${window.innerWidth} ${height}`);
}

/** Keeps the strip's place until it comes: the list below would move away under a finger. */
export function StripPlace() {
  const [width, height] = (localStorage.getItem(KEPT) ?? '').split(' ').map(Number);
  return width === window.innerWidth && height !== undefined && height > 0 ? (
    <div aria-hidden="true" style={{ height: `${height}px`, flexShrink: '0' }} />
  ) : null;
}
