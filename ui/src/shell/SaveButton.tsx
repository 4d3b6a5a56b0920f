import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Cancelled } from '../api/problems';
import { saveFile } from '../api/saveFile';

/** A button that has a file made, which may take a while, and keeps it. */
export function SaveButton({
  path,
  name,
  variant = 'outlined',
  children,
}: {
  path: string;
  name: string;
  variant?: 'contained' | 'outlined';
  children: ReactNode;
}) {
  const save = useMutation({ mutationFn: () => saveFile(path, name) });
  return (
    <Box sx={{ display: 'grid' }}>
      <Button variant={variant} loading={save.isPending} onClick={() => save.mutate()}>
        {children}
      </Button>
      {save.isError && (
        <Typography
          role="alert"
          sx={{
            color: save.error instanceof Cancelled ? 'text.secondary' : 'verdict.out',
            fontWeight: 700,
            mt: 0.5,
          }}
        >
          {save.error.message}
        </Typography>
      )}
    </Box>
  );
}
