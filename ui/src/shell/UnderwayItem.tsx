import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import type { Underway } from '../api/underway';
import { say } from '../words/say';

/** Milliseconds before it is shown: what is quick is not worth a look. */
const QUICK = 600;

/** One of them: what it is, how far it is, and the button that calls it off. */
export function UnderwayItem({ item }: { item: Underway }) {
  const { chore, name, cancel } = item;
  const [shown, setShown] = useState(false);
  const [ending, setEnding] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), QUICK);
    return () => clearTimeout(timer);
  }, []);
  if (!shown) {
    return null;
  }
  return (
    <Box
      data-testid="underway"
      sx={{
        bgcolor: 'background.paper',
        border: 2,
        borderColor: 'text.primary',
        p: 1.5,
        mt: 1,
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto',
        gap: 1.5,
        alignItems: 'center',
      }}
    >
      <Box>
        <Typography sx={{ fontWeight: 700 }}>{say(`screen.underway.${chore.kind}`)}</Typography>
        {name !== '' && (
          <Typography variant="body2" noWrap title={name}>
            {name}
          </Typography>
        )}
        <Typography variant="body2">{stands(item)}</Typography>
        <LinearProgress
          aria-label={say('screen.underway.how-far')}
          sx={{ height: 8, mt: 0.5 }}
          {...(chore.state === 'running' && chore.usually
            ? { variant: 'determinate', value: Math.min(95, (100 * chore.seconds) / chore.usually) }
            : {})}
        />
      </Box>
      <Button
        variant="outlined"
        loading={ending}
        onClick={() => {
          setEnding(true);
          cancel();
        }}
      >
        {say('screen.underway.cancel')}
      </Button>
    </Box>
  );
}

function stands({ chore }: Underway): string {
  if (chore.state === 'waiting') {
    return chore.ahead > 0
      ? say('screen.underway.behind', { ahead: chore.ahead })
      : say('screen.underway.next');
  }
  const seconds = Math.round(chore.seconds);
  if (chore.usually === null) {
    return say('screen.underway.since', { seconds });
  }
  const usually = Math.max(1, Math.round(chore.usually));
  return say(seconds > usually ? 'screen.underway.over' : 'screen.underway.of', {
    seconds,
    usually,
  });
}
