import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { say } from '../words/say';

/** A word of ours, explained once where it stands. */
export function Explained({ term, children }: { term: string; children: ReactNode }) {
  return (
    <Box component="details" sx={{ mb: 2, fontSize: '0.95rem' }}>
      <Box component="summary" sx={{ cursor: 'pointer', minHeight: 32, fontWeight: 700 }}>
        {say('screen.explained.what', { term })}
      </Box>
      {children}
    </Box>
  );
}
