import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, type ReactNode } from 'react';
import { answer, client } from '../../api/client';
import type { Call, Workspace } from '../../api/types';
import { readingFigure, type LengthDisplay } from '../../words/length';
import { useBurst } from '../../sheet/useBurst';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { Key } from '../../sheet/Key';
import { PoseFile } from './PoseFile';
import { SIDES, unitWords, useReading } from './useReading';
import { Figure, Sheet } from '../../sheet/Sheet';
import { figures } from '../../theme/theme';
import { SayButton } from '../../tablet/voice/SayButton';
import { say, type Code } from '../../words/say';

interface Props {
  call: Call;
  state: Workspace;
  task: Task;
  display: LengthDisplay;
  onDone: () => void;
  /** Back to the call that is due; null where this is it. */
  onLeave: (() => void) | null;
}

/** One reading: what to measure, what it should be, and one field for what the tape shows. */
export function ReadSheet({ call, state, task, display, onDone, onLeave }: Props) {
  const reading = useReading(call, state, task, onDone);
  const { typed, setTyped, datum, accuracy, instrument, question, record } = reading;
  const focusField = () => document.getElementById('typed')?.focus();
  const meter = useMutation({
    mutationFn: () =>
      answer(
        client.GET('/api/tasks/{task}/meter/{call}', {
          params: { path: { task: state.task, call: call.id } },
        }),
      ),
    onSuccess: (read) => {
      setTyped(read.typed);
      focusField();
    },
  });
  useKeys(
    useMemo(() => (state.simulated ? { m: () => meter.mutate() } : {}), [state.simulated, meter]),
  );

  useBurst('typed');

  const wrong = reading.against(null);
  const wrongInstrument = reading.against('instrument');
  const wrongAccuracy = reading.against('accuracy');
  const addSide = (side: string) => {
    reading.addSide(side);
    focusField();
  };

  return (
    <Sheet title={call.title} note={call.instruction} testId="read">
      <Why call={call} state={state} />
      {call.expected !== null && (
        <>
          <Typography sx={{ mt: 1 }}>
            {isSuspect(call, state)
              ? say('screen.read-sheet.other-readings-say')
              : say('screen.read-sheet.should-read')}
            {call.datums.length > 0 ? say('screen.read-sheet.to-the', { heightDatum: datum }) : ''}
          </Typography>
          <Figure
            testId="expected"
            value={readingFigure(call.expectedTo[datum] ?? call.expected, call.reads, display)}
            unit={unitWords(call, display)}
          />
        </>
      )}
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          record();
        }}
      >
        {call.datums.length > 0 && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={datum}
            onChange={(_, value: string | null) => value && reading.setDatum(value)}
            aria-label={say('screen.read-sheet.read-targets')}
            sx={{ my: 1, flexWrap: 'wrap' }}
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
            label={say('screen.read-sheet.taken-with')}
            fullWidth
            margin="dense"
            value={instrument}
            onChange={(event) => {
              reading.setInstrument(event.target.value);
              focusField();
            }}
            error={wrongInstrument !== null}
            helperText={wrongInstrument}
          >
            {call.choices.map((one) => (
              <MenuItem key={one.id} value={one.id}>
                {one.name}
              </MenuItem>
            ))}
          </TextField>
        )}
        <TextField
          id="typed"
          label={say(LABELS[call.reads][0])}
          fullWidth
          autoFocus
          autoComplete="off"
          margin="dense"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          error={wrong !== null}
          helperText={wrong ?? say(LABELS[call.reads][1])}
          slotProps={{
            htmlInput: {
              maxLength: 60,
              'data-reading': call.id,
              style: { fontSize: '1.6rem', fontFamily: figures },
            },
          }}
        />
        {call.statesAccuracy && (
          <TextField
            id="accuracy"
            label={
              call.reads === 'turn'
                ? say('screen.read-sheet.its-stated-accuracy-degrees')
                : say('screen.read-sheet.its-stated-accuracy')
            }
            fullWidth
            required
            autoComplete="off"
            margin="dense"
            value={accuracy}
            onChange={(event) => reading.setAccuracy(event.target.value)}
            error={wrongAccuracy !== null}
            helperText={wrongAccuracy ?? say('screen.read-sheet.as-rig-states-it')}
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
        )}
        {question !== null && (
          <Box sx={{ mt: 1, pl: 1.5, borderLeft: 4, borderColor: 'verdict.unproven' }}>
            <Typography role="status" data-testid="asked" sx={{ fontWeight: 600, mb: 1 }}>
              {question}
            </Typography>
            <Button variant="outlined" loading={task.isWriting} onClick={() => record(true)}>
              {say('screen.it-does-show-take', { trim: typed.trim() })}
            </Button>
          </Box>
        )}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
          {SIDES[call.reads]?.map(([side, words]) => (
            <Button key={side} variant="outlined" onClick={() => addSide(side)}>
              {say(words)}
            </Button>
          ))}
          {question === null && (
            <Button type="submit" variant="contained" loading={task.isWriting}>
              {call.reading ? say('screen.read-sheet.correct-it') : say('screen.take-it')}
            </Button>
          )}
          <SayButton
            onHeard={(heard) => {
              setTyped(heard);
              focusField();
            }}
          />
          {state.simulated && (
            <Button variant="outlined" onClick={() => meter.mutate()} loading={meter.isPending}>
              {say('screen.read-sheet.simulated-meter')} <Key of="M" />
            </Button>
          )}
          {onLeave && (
            <Button color="inherit" onClick={onLeave}>
              {say('screen.read-sheet.back-what-due')}
            </Button>
          )}
        </Box>
        {call.statesAccuracy && <PoseFile task={task} />}
        {meter.isError && <Typography role="alert">{meter.error.message}</Typography>}
      </Box>
    </Sheet>
  );
}

const LABELS: Record<Call['reads'], [Code, Code]> = {
  sided: ['screen.read-sheet.reads-and-which-side', 'screen.read-sheet.as-rule-shows-it'],
  turn: ['screen.read-sheet.degrees-and-which-way', 'screen.read-sheet.as-sheet-or-rig'],
  length: ['screen.reads', 'screen.read-sheet.as-tape-shows-it'],
  height: ['screen.reads', 'screen.read-sheet.as-staff-shows-it'],
};

/** Why this reading is asked for, where it is not simply the next. */
function Why({ call, state }: { call: Call; state: Workspace }) {
  const { kind } = state.present;
  const suspects = state.suspects
    .map((suspect) => suspect.says)
    .join(`${say('screen.read-sheet.or')} `);
  if (state.present.call === call.id && kind === 'decide') {
    return (
      <Warning>{say('screen.read-sheet.readings-contradict-each-other', { suspects })}</Warning>
    );
  }
  if (state.present.call === call.id && kind === 'remeasure' && !isSuspect(call, state)) {
    return state.present.why === null ? null : <Warning>{state.present.why}</Warning>;
  }
  if (isSuspect(call, state)) {
    return (
      <Warning>
        {state.present.call === call.id && state.present.why !== null && `${state.present.why} `}
        {say('screen.read-sheet.it-reads', {
          why:
            state.disagreement?.id === call.id
              ? state.disagreement.says
              : say('screen.read-sheet.measure-again-this-reading'),
          typed: call.reading?.typed,
          others:
            state.suspects.length > 1
              ? say('screen.read-sheet.or-mistake-sits-in', {
                  others: state.suspects
                    .filter((suspect) => suspect.id !== call.id)
                    .map((suspect) => suspect.says)
                    .join(`${say('screen.read-sheet.or-in')} `),
                })
              : '.',
        })}
      </Warning>
    );
  }
  if (state.present.call === call.id && kind === 'guard') {
    return (
      <Typography sx={{ mt: 0.5 }} data-testid="guards">
        {state.present.why}
      </Typography>
    );
  }
  if (state.present.call === call.id && kind === 'check') {
    return (
      <Typography sx={{ mt: 0.5 }}>{say('screen.read-sheet.nothing-checks-this-set')}</Typography>
    );
  }
  return null;
}

function Warning({ children }: { children: ReactNode }) {
  return (
    <Typography
      role="status"
      data-testid="contradiction"
      sx={{ color: 'verdict.out', fontWeight: 700, mt: 0.5 }}
    >
      {children}
    </Typography>
  );
}

function isSuspect(call: Call, state: Workspace): boolean {
  return state.consistent === false && state.suspects.some((suspect) => suspect.id === call.id);
}
