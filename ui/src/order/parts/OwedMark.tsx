import Box from '@mui/material/Box';
import { say, type Code } from '../../words/say';

type State = 'owed' | 'not-owed' | 'unknown';

const WORDS: Record<State, Code> = {
  owed: 'screen.owed',
  'not-owed': 'screen.not-owed-mark',
  unknown: 'screen.owed-mark.unknown',
};

/** Whether a sensor is owed, as a wedge and a word: filled, dashed or empty. */
export function OwedMark({ state, size = 18 }: { state: State; size?: number }) {
  return (
    <Box
      component="span"
      sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.75, whiteSpace: 'nowrap' }}
    >
      <svg width={size * 1.2} height={size} viewBox="-1 -1 26 22" aria-hidden="true">
        <path
          d="M1 10 23 0 23 20Z"
          fill={state === 'owed' ? 'var(--mui-palette-primary-main)' : 'none'}
          stroke={
            state === 'not-owed'
              ? 'var(--mui-palette-text-secondary)'
              : 'var(--mui-palette-primary-main)'
          }
          strokeWidth="2"
          strokeDasharray={state === 'unknown' ? '4 3' : undefined}
          strokeLinejoin="round"
        />
      </svg>
      <Box component="span" sx={{ fontWeight: 700, fontSize: Math.max(14, size * 0.95) }}>
        {say(WORDS[state])}
      </Box>
    </Box>
  );
}
