import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Reading, Workspace } from '../../api/types';
import { clock } from '../../words/length';
import type { Task } from '../task/useTask';
import { figures } from '../../theme/theme';

const FATES: Record<Reading['fate'], string> = {
  counts: '',
  struck: 'struck',
  replaced: 'read again',
  moved: 'before a move',
};

/** Everything read, newest first, as typed. What no longer counts stays, struck through, and says why. */
export function Ledger({ state, task, sealed }: { state: Workspace; task: Task; sealed: boolean }) {
  const lines = [...state.ledger].reverse();
  if (lines.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label="Readings">
      <Typography variant="h3" component="h2">
        Readings
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
          {reading.datum && `, to the ${reading.datum}`}
          {!counts && `, ${FATES[reading.fate]}`}
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
          aria-label={`Strike ${reading.title}, ${reading.typed}`}
          sx={{ minWidth: 56 }}
        >
          Strike
        </Button>
      ) : (
        <Box sx={{ width: 56 }} />
      )}
    </Box>
  );
}
