import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { HeldCall, Workspace } from '../../api/types';
import { expectedReading, type LengthDisplay } from '../../words/length';
import { say } from '../../words/say';

interface Props {
  state: Workspace;
  display: LengthDisplay;
  wanted: string | null;
  /** Who else is at which reading. */
  others: readonly HeldCall[];
  onChoose: (call: string) => void;
  sealed: boolean;
}

/** The calls to come, with what each should read. */
export function Upcoming({ state, display, wanted, others, onChoose, sealed }: Props) {
  const at = (id: string) => others.find(({ call }) => call === id)?.person;
  const calls = state.calls.filter((call) => call.reading === null && call.id !== wanted);
  if (calls.length === 0 || sealed) {
    return null;
  }
  return (
    <Box sx={{ mb: 2 }}>
      <Typography variant="h3" component="h2">
        {say('screen.upcoming.after-that')}
      </Typography>
      {calls.map((call) => (
        <Button
          key={call.id}
          color="inherit"
          fullWidth
          onClick={() => onChoose(call.id)}
          sx={{ justifyContent: 'space-between', fontWeight: 400, px: 1, minHeight: 48 }}
        >
          <span>
            {call.title}
            {call.check ? ` ${say('screen.check')}` : ''}
            {at(call.id) !== undefined && (
              <b>{` ${say('screen.upcoming.at-it', { person: at(call.id) })}`}</b>
            )}
          </span>
          {call.expected !== null && (
            <span>{expectedReading(call.expected, call.reads, display)}</span>
          )}
        </Button>
      ))}
    </Box>
  );
}
