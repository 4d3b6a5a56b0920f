import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { figures } from '../theme/theme';

/** The present call: the one thing to do, on a sheet of its own. */
export function Sheet({
  title,
  note,
  children,
  testId,
}: {
  title: string;
  note?: ReactNode;
  children?: ReactNode;
  testId?: string;
}) {
  return (
    <Box
      component="section"
      data-testid={testId}
      sx={{
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        borderLeft: 8,
        borderLeftColor: 'primary.main',
        p: 2,
        mb: 2,
      }}
    >
      <Typography variant="h2" component="h1">
        {title}
      </Typography>
      {note && <Typography color="text.secondary">{note}</Typography>}
      {children}
    </Box>
  );
}

/** A figure readable from across the car; compact where several stand on one sheet. */
export function Figure({
  value,
  unit,
  compact = false,
  testId,
}: {
  value: string;
  unit: string;
  compact?: boolean;
  testId?: string;
}) {
  const size = compact ? '2.6rem' : value.length > 7 ? '2.9rem' : '4.2rem';
  return (
    <Box data-testid={testId} sx={{ display: 'flex', alignItems: 'baseline', gap: 1.25, my: 0.5 }}>
      <Box sx={{ fontFamily: figures, fontWeight: 700, fontSize: size, lineHeight: 1 }}>
        {value}
      </Box>
      <Box sx={{ fontSize: compact ? '1.05rem' : '1.5rem', lineHeight: 1.15 }}>{unit}</Box>
    </Box>
  );
}
