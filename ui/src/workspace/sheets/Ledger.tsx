import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Reading, Workspace } from '../../api/types';
import { clock } from '../../words/moments';
import type { Task } from '../task/useTask';
import { figures } from '../../theme/theme';
import { say, type Code } from '../../words/say';

const FATES: Record<Exclude<Reading['fate'], 'counts'>, Code> = {
  struck: 'screen.ledger.struck',
  replaced: 'screen.read-again',
  moved: 'screen.before-move',
};

/** Everything read, newest first, as typed. What no longer counts stays, struck through, and says why. */
export function Ledger({ state, task, sealed }: { state: Workspace; task: Task; sealed: boolean }) {
  const lines = [...state.ledger].reverse();
  if (lines.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label={say('screen.readings')}>
      <Typography variant="h3" component="h2">
        {say('screen.readings')}
      </Typography>
      <Box component="ul" data-testid="ledger" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {lines.map((reading) => (
          <Line
            key={reading.id}
            reading={reading}
            onStrike={
              sealed || task.isWriting
                ? null
                : () => task.write({ kind: 'strike', payload: { reading: reading.id } })
            }
          />
        ))}
      </Box>
    </Box>
  );
}

function Line({ reading, onStrike }: { reading: Reading; onStrike: (() => void) | null }) {
  const counts = reading.fate === 'counts';
  return (
    <Box
      component="li"
      data-fate={reading.fate}
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        minHeight: 48,
        borderBottom: 1,
        borderColor: 'divider',
        pl: 1,
      }}
    >
      <Box sx={{ flex: 1, minWidth: 0, color: counts ? 'text.primary' : 'text.secondary' }}>
        {reading.title}
        <Box sx={{ fontSize: '0.8rem', color: 'text.secondary' }}>
          {reading.person}, {clock(reading.at)}
          {reading.datum && say('screen.ledger.to-the', { datum: reading.datum })}
          {reading.instrument &&
            `, ${say('screen.ledger.with', { instrument: reading.instrument })}`}
          {reading.unchecked && `, ${say('screen.ledger.unchecked')}`}
          {reading.fate !== 'counts' && `, ${say(FATES[reading.fate])}`}
        </Box>
      </Box>
      <Box
        component={reading.fate === 'struck' ? 's' : 'span'}
        sx={{
          fontFamily: figures,
          color: counts ? 'text.primary' : 'text.secondary',
        }}
      >
        {reading.typed}
      </Box>
      {counts && onStrike ? (
        <Button
          color="inherit"
          size="small"
          onClick={onStrike}
          aria-label={say('screen.ledger.strike', { reading: reading.title, typed: reading.typed })}
          sx={{ minWidth: 56 }}
        >
          {say('screen.ledger.strike-it')}
        </Button>
      ) : (
        <Box sx={{ width: 56 }} />
      )}
    </Box>
  );
}
