import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A word of ours, explained once where it stands. */
export function Explained({ term, children }: { term: string; children: ReactNode }) {
  return (
    <Box component="details" sx={{ mb: 2, fontSize: '0.95rem' }}>
      <Box component="summary" sx={{ cursor: 'pointer', minHeight: 32, fontWeight: 700 }}>
        What is “{term}”?
      </Box>
      {children}
    </Box>
  );
}
