import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { answer, client } from '../api/client';
import { uuid7 } from '../api/uuid7';
import { say } from '../words/say';

/** The code that makes a phone a pad of this task. */
export function PairDialog({ task, onClose }: { task: string; onClose: () => void }) {
  const { mutate, data, error, isPending } = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/tasks/{task}/pads', {
          params: { path: { task } },
          body: { id: uuid7(), version: 0 },
        }),
      ),
  });
  useEffect(() => mutate(), [mutate]);
  return (
    <Dialog open onClose={onClose} aria-labelledby="pair-title" maxWidth="xs" fullWidth>
      <DialogTitle id="pair-title">{say('screen.pad.pair-title')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        {error && <Typography role="alert">{error.message}</Typography>}
        {data && (
          <>
            {!data.isReached && (
              <Typography role="status" sx={{ fontWeight: 700 }}>
                {say('screen.pad.not-reached')}
              </Typography>
            )}
            <Typography>{say('screen.pad.pair-how', { minutes: data.minutes })}</Typography>
            <Box
              component="img"
              data-testid="pair-qr"
              src={`data:image/svg+xml;utf8,${encodeURIComponent(data.qr)}`}
              alt={say('screen.pad.qr')}
              // On white whatever the screen is: a camera needs the contrast.
              sx={{ bgcolor: '#fff', p: 1, width: 240, height: 240, mx: 'auto' }}
            />
            <Typography
              data-testid="pair-address"
              sx={{ overflowWrap: 'anywhere', fontSize: '0.85rem' }}
            >
              {data.address}
            </Typography>
          </>
        )}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button variant="outlined" loading={isPending} onClick={() => mutate()}>
            {say('screen.pad.another-code')}
          </Button>
          <Button variant="outlined" component={Link} to={`/tasks/${task}/pad`}>
            {say('screen.pad.here')}
          </Button>
          <Button color="inherit" onClick={onClose} autoFocus>
            {say('screen.back')}
          </Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
