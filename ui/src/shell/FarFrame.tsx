import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import type { ReactNode } from 'react';
import { say } from '../words/say';

/** The far view's frame: the whole screen for a title and one figure or sentence, left by a touch or a key. */
export function FarFrame({
  title,
  open,
  onClose,
  children,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog
      fullScreen
      open={open}
      onClose={onClose}
      aria-labelledby="far-title"
      data-testid="far-view"
    >
      <Box
        onClick={onClose}
        sx={{
          height: '100%',
          p: 4,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'space-between',
          cursor: 'pointer',
        }}
      >
        <Box id="far-title" sx={{ fontSize: '7vh', fontWeight: 700, lineHeight: 1.1 }}>
          {title}
        </Box>
        {children}
        <Box sx={{ color: 'text.secondary' }}>{say('screen.far-frame.f-or-escape-goes')}</Box>
      </Box>
    </Dialog>
  );
}
