import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** One part of the set-up page: what it is about, its fields two abreast. */
export function Part({
  title,
  note,
  children,
}: {
  title: string;
  note?: string;
  children: ReactNode;
}) {
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', p: 2, mb: 2 }}
    >
      <Typography variant="h2">{title}</Typography>
      {note && <Typography color="text.secondary">{note}</Typography>}
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          mt: 2,
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          alignItems: 'start',
        }}
      >
        {children}
      </Box>
    </Box>
  );
}

/** Across both columns. */
export const wide = { gridColumn: '1 / -1' } as const;
