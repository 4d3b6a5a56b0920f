import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import type { ReactNode } from 'react';
import { say } from '../words/say';

/** The far view's frame: the whole screen for a title and one figure or sentence, beside a drawing where there is one. */
export function FarFrame({
  title,
  open,
  onClose,
  sketch,
  foot,
  children,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  /** Fills the place it is given. */
  sketch?: ReactNode;
  /** What can be done here. */
  foot?: ReactNode;
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
        sx={{
          minHeight: '100%',
          p: { xs: 2, md: 4 },
          gap: 2,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'space-between',
        }}
      >
        <Box id="far-title" sx={{ fontSize: 'min(7vh, 6vw)', fontWeight: 700, lineHeight: 1.1 }}>
          {title}
        </Box>
        <Box
          sx={{
            flex: 1,
            minHeight: 0,
            display: 'grid',
            gap: 3,
            gridTemplateColumns: {
              xs: 'minmax(0, 1fr)',
              md: sketch === undefined ? 'minmax(0, 1fr)' : 'minmax(0, 1.4fr) minmax(0, 1fr)',
            },
          }}
        >
          <Box
            sx={{
              display: 'flex',
              flexDirection: 'column',
              justifyContent: 'space-around',
              gap: 2,
              minWidth: 0,
            }}
          >
            {children}
          </Box>
          {sketch !== undefined && (
            <Box sx={{ position: 'relative', minHeight: 260 }}>{sketch}</Box>
          )}
        </Box>
        <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center' }}>
          <Button variant="contained" size="large" onClick={onClose} autoFocus>
            {say('screen.far-frame.back')}
          </Button>
          {foot}
          <Box sx={{ color: 'text.secondary' }}>{say('screen.far-frame.f-or-escape-goes')}</Box>
        </Box>
      </Box>
    </Dialog>
  );
}
