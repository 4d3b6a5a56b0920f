import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import { moment } from '../words/moments';
import { say } from '../words/say';
import { useAccount } from '../session/useAccount';

/** Where one is signed in, each to be ended by itself or all others at once. */
export function OwnSessions() {
  const { account, took } = useAccount();
  const end = useMutation({
    mutationFn: (session: string) =>
      answer(client.POST('/api/session/list/{session}/end', { params: { path: { session } } })),
    onSuccess: took,
  });
  const elsewhere = useMutation({
    mutationFn: () => answer(client.POST('/api/session/elsewhere')),
    onSuccess: () => void account.refetch(),
  });
  const failed = end.error ?? elsewhere.error;
  return (
    <Box>
      {account.data?.sessions.map((session) => (
        <Box
          key={session.id}
          data-testid="session"
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'center',
            borderTop: 1,
            borderColor: 'divider',
            py: 1,
          }}
        >
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Typography sx={{ fontWeight: session.isThis ? 700 : 400 }}>
              {session.isThis ? say('screen.own-sessions.this') : session.address}
              {', '}
              {moment(session.at)}
            </Typography>
            <Typography variant="body2" color="text.secondary" noWrap title={session.browser}>
              {session.browser}
            </Typography>
          </Box>
          {!session.isThis && (
            <Button
              color="inherit"
              loading={end.isPending && end.variables === session.id}
              onClick={() => end.mutate(session.id)}
            >
              {say('screen.own-sessions.end')}
            </Button>
          )}
        </Box>
      ))}
      <Button
        variant="outlined"
        fullWidth
        sx={{ mt: 2 }}
        loading={elsewhere.isPending}
        onClick={() => elsewhere.mutate()}
      >
        {say('screen.own-account.sign-out-everywhere-else')}
      </Button>
      {elsewhere.isSuccess && (
        <Typography role="status" sx={{ mt: 1 }}>
          {elsewhere.data.ended === 0
            ? say('screen.own-account.you-were-signed-in')
            : elsewhere.data.ended === 1
              ? say('screen.own-account.one-other-session-has')
              : say('screen.own-account.other-sessions-have-ended', {
                  ended: elsewhere.data.ended,
                })}
        </Typography>
      )}
      {failed && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mt: 1 }}>
          {failed.message}
        </Typography>
      )}
    </Box>
  );
}
