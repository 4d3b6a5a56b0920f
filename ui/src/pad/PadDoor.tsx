import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { answer, client } from '../api/client';
import { say } from '../words/say';

/** Where a phone comes that read a task's code: it is paired, and shows the task. */
export function PadDoor() {
  const { token = '' } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { mutate, error } = useMutation({
    mutationFn: async () => {
      await answer(client.GET('/api/csrf'));
      return answer(client.POST('/api/session/pad', { body: { token } }));
    },
    onSuccess: async ({ task }) => {
      await queries.invalidateQueries({ queryKey: ['person'] });
      await navigate(`/tasks/${task}/pad`, { replace: true });
    },
  });
  // A code is good once: asking twice would refuse the second time.
  const isAsked = useRef(false);
  useEffect(() => {
    if (!isAsked.current) {
      isAsked.current = true;
      mutate();
    }
  }, [mutate]);
  return (
    <Box component="main" sx={{ p: 3, display: 'grid', gap: 2, maxWidth: 480, mx: 'auto' }}>
      {error === null ? (
        <Typography role="status">{say('screen.pad.pairing')}</Typography>
      ) : (
        <>
          <Typography variant="h1" sx={{ fontSize: '1.6rem' }}>
            {say('screen.pad.not-paired')}
          </Typography>
          <Typography role="alert">{error.message}</Typography>
          <Button variant="outlined" component={Link} to="/">
            {say('screen.pad.to-sign-in')}
          </Button>
        </>
      )}
    </Box>
  );
}
