import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Practice } from '../api/types';
import { say } from '../words/say';
import { useBegin } from './useBegin';

/** Cars that a trainer has set to somebody, the oldest first. */
export function SetToYou({ practice }: { practice: Practice }) {
  const begin = useBegin();
  if (practice.set.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-labelledby="set-to-you" data-testid="set-to-you">
      <Typography variant="h2" id="set-to-you" sx={{ mb: 1 }}>
        {say('screen.practice.set-to-you')}
      </Typography>
      {practice.set.map((set) => (
        <Box
          key={set.id}
          sx={{
            bgcolor: 'background.paper',
            border: 1,
            borderColor: 'divider',
            borderLeft: 8,
            borderLeftColor: 'primary.main',
            p: 1.5,
            mb: 1,
          }}
        >
          <Typography variant="h3">{set.car}</Typography>
          <Typography color="text.secondary" sx={{ mb: 1 }}>
            {say('screen.practice.set-by', { by: set.by, help: say(`screen.help.${set.help}`) })}
          </Typography>
          <Button
            variant="contained"
            loading={begin.isPending && begin.variables?.set === set.id}
            onClick={() => begin.mutate({ set: set.id })}
          >
            {say('screen.practice.begin')}
          </Button>
        </Box>
      ))}
      {begin.isError && <Typography role="alert">{begin.error.message}</Typography>}
    </Box>
  );
}
