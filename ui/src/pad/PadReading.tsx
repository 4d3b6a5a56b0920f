import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { Call, Workspace } from '../api/types';
import { useBurst } from '../sheet/useBurst';
import { SayButton } from '../tablet/voice/SayButton';
import { figures } from '../theme/theme';
import { readingFigure, type LengthDisplay } from '../words/length';
import { say } from '../words/say';
import { SIDES, unitWords, useReading } from '../workspace/sheets/useReading';
import type { Task } from '../workspace/task/useTask';
import { Keypad } from './Keypad';

/** One reading in the hand: what to measure, what it should read, and the keys of a tape under it. */
export function PadReading({
  call,
  state,
  task,
  display,
}: {
  call: Call;
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  const reading = useReading(call, state, task, () => undefined);
  const { typed, setTyped, datum, accuracy, instrument, question } = reading;
  useBurst('typed');
  const wrong =
    reading.against(null) ?? reading.against('accuracy') ?? reading.against('instrument');
  const expected = call.expectedTo[datum] ?? call.expected;
  return (
    <Box
      component="form"
      sx={{ display: 'flex', flexDirection: 'column', gap: 1, flex: 1, minHeight: 0 }}
      onSubmit={(event) => {
        event.preventDefault();
        reading.record();
      }}
    >
      <Box sx={{ flex: 1 }}>
        <Typography variant="h1" sx={{ fontSize: '1.4rem', lineHeight: 1.15 }}>
          {call.title}
        </Typography>
        <Typography color="text.secondary" sx={{ lineHeight: 1.25 }}>
          {call.instruction}
        </Typography>
        {expected !== null && (
          <Typography sx={{ mt: 1 }}>
            {say('screen.read-sheet.should-read')}
            {call.datums.length > 0 ? say('screen.read-sheet.to-the', { heightDatum: datum }) : ''}
          </Typography>
        )}
        {expected !== null && (
          <Box data-testid="expected" sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
            <Box sx={{ fontFamily: figures, fontWeight: 700, fontSize: '3.6rem', lineHeight: 1.1 }}>
              {readingFigure(expected, call.reads, display)}
            </Box>
            <Box sx={{ fontSize: '1.3rem' }}>{unitWords(call, display)}</Box>
          </Box>
        )}
      </Box>
      {call.datums.length > 0 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={datum}
          onChange={(_, value: string | null) => value && reading.setDatum(value)}
          aria-label={say('screen.read-sheet.read-targets')}
        >
          {call.datums.map((name) => (
            <ToggleButton key={name} value={name}>
              {name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      {instrument !== null && (
        <TextField
          select
          id="taken-with"
          size="small"
          label={say('screen.read-sheet.taken-with')}
          value={instrument}
          onChange={(event) => reading.setInstrument(event.target.value)}
        >
          {call.choices.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {call.statesAccuracy && (
        <TextField
          id="accuracy"
          size="small"
          required
          label={
            call.reads === 'turn'
              ? say('screen.read-sheet.its-stated-accuracy-degrees')
              : say('screen.read-sheet.its-stated-accuracy')
          }
          value={accuracy}
          onChange={(event) => reading.setAccuracy(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'off' } }}
        />
      )}
      <TextField
        id="typed"
        label={say('screen.pad.field')}
        value={typed}
        autoFocus
        autoComplete="off"
        onChange={(event) => setTyped(event.target.value)}
        error={wrong !== null}
        helperText={wrong}
        slotProps={{
          htmlInput: {
            maxLength: 60,
            'data-reading': call.id,
            // Its own keys stand under it; a keyboard or a meter types as well.
            inputMode: 'none',
            style: { fontSize: '1.8rem', fontFamily: figures, padding: '8px 14px' },
          },
        }}
      />
      {question === null ? (
        <>
          {SIDES[call.reads] && (
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 0.75 }}>
              {SIDES[call.reads]?.map(([side, words]) => (
                <Button
                  key={side}
                  variant="outlined"
                  onClick={() => reading.addSide(side)}
                  sx={{ minHeight: 52, fontSize: '1.2rem' }}
                >
                  {say(words)}
                </Button>
              ))}
            </Box>
          )}
          <SayButton onHeard={setTyped} />
          <Keypad
            typed={typed}
            onType={setTyped}
            display={display}
            isAngle={call.reads === 'turn'}
          />
          <Button
            type="submit"
            variant="contained"
            loading={task.isWriting}
            sx={{ minHeight: 60, fontSize: '1.3rem' }}
          >
            {call.reading ? say('screen.read-sheet.correct-it') : say('screen.take-it')}
          </Button>
        </>
      ) : (
        <Box
          sx={{ pl: 1.5, borderLeft: 4, borderColor: 'verdict.unproven', display: 'grid', gap: 1 }}
        >
          <Typography
            role="status"
            data-testid="asked"
            sx={{ fontWeight: 600, fontSize: '1.15rem' }}
          >
            {question}
          </Typography>
          <Button
            variant="contained"
            loading={task.isWriting}
            onClick={() => reading.record(true)}
            sx={{ minHeight: 60 }}
          >
            {say('screen.it-does-show-take', { trim: typed.trim() })}
          </Button>
          <Button variant="outlined" onClick={() => setTyped('')} sx={{ minHeight: 60 }}>
            {say('screen.pad.erase')}
          </Button>
        </Box>
      )}
    </Box>
  );
}
