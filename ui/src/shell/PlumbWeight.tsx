import type { Stage } from '../api/types';

/** A plumb weight whose filling says how far a stage has come. */
export function PlumbWeight({ state, size = 26 }: { state: Stage['state']; size?: number }) {
  const outline = 'M4 4h18l4 8-13 13L0 12Z';
  return (
    <svg
      width={size}
      height={size}
      viewBox="-1 3 28 23"
      aria-hidden="true"
      style={{ display: 'block', flexShrink: 0 }}
    >
      <path
        d={outline}
        fill="var(--mui-palette-background-default)"
        stroke="var(--mui-palette-primary-main)"
        strokeWidth="1.8"
      />
      {state === 'full' && <path d={outline} fill="var(--mui-palette-primary-main)" />}
      {state === 'half' && <path d="M0 12 13 25 26 12Z" fill="var(--mui-palette-primary-main)" />}
      {state === 'struck' && (
        <path d="M0 24 26 4" stroke="var(--mui-palette-primary-main)" strokeWidth="2" />
      )}
    </svg>
  );
}
