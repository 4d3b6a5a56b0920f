import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useState, type ReactNode } from 'react';
import { answer, client, Refused } from '../../api/client';
import type { Call, Workspace } from '../../api/types';
import { lengthUnit, readingFigure, readingSide, type LengthDisplay } from '../../words/length';
import { useBurst } from '../../sheet/useBurst';
import { useDraft } from '../../sheet/useDraft';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { Key } from '../../sheet/AnswerButtons';
import { PoseFile } from './PoseFile';
import { Figure, Sheet } from '../../sheet/Sheet';
import { figures } from '../../theme/theme';

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
  const [typed, setTyped] = useDraft(`${state.task}-${call.id}`);
  const [datum, setDatum] = useState(call.reading?.datum ?? state.card.heightDatum);
  const [accuracy, setAccuracy] = useDraft(`${state.task}-${call.reads}-accuracy`);
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

  const refused =
    task.failure instanceof Refused &&
    /^\/payload\/(typed|datum|call|strikes|accuracy)$/.test(task.failure.problem.path ?? '')
      ? task.failure
      : null;
  // A question stands as long as the text that it is about; another text is another reading.
  const isQuestion = refused?.problem.code === 'asks-once';
  const sent = task.failed?.kind === 'reading' ? task.failed.payload : null;
  const question =
    isQuestion && sent?.call === call.id && (sent.typed === typed || typed === '')
      ? refused.message
      : null;
  const failure = isQuestion ? null : refused;
  const addSide = (side: string) => {
    setTyped(
      `${typed.replace(/\s*(left|right|l|r|anticlockwise|clockwise)\s*$/i, '')} ${side}`.trimStart(),
    );
    focusField();
  };
  const record = (confirmed = false) => {
    task.write(
      {
        kind: 'reading',
        payload: {
          call: call.id,
          // One that waited here has left the field: its question is about what was typed then.
          typed: typed === '' && confirmed ? (sent?.typed ?? '') : typed,
          ...(call.datums.length > 0 ? { datum } : {}),
          ...(call.reading ? { strikes: call.reading.id } : {}),
          ...(call.statesAccuracy ? { accuracy } : {}),
        },
        ...(confirmed ? { confirmed } : {}),
      },
      () => {
        setTyped('');
        onDone();
      },
    );
  };

  return (
    <Sheet title={call.title} note={call.instruction} testId="read">
      <Why call={call} state={state} />
      {call.expected !== null && (
        <>
          <Typography sx={{ mt: 1 }}>
            {isSuspect(call, state) ? 'The other readings say' : 'Should read'}
            {call.datums.length > 0 ? `, to the ${state.card.heightDatum}` : ''}
          </Typography>
          <Figure
            testId="expected"
            value={readingFigure(call.expected, call.reads, display)}
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
            onChange={(_, value: string | null) => value && setDatum(value)}
            aria-label="Read to the target’s"
            sx={{ my: 1, flexWrap: 'wrap' }}
          >
            {call.datums.map((name) => (
              <ToggleButton key={name} value={name}>
                {name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        )}
        <TextField
          id="typed"
          label={LABELS[call.reads][0]}
          fullWidth
          autoFocus
          autoComplete="off"
          margin="dense"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          error={failure !== null && failure.problem.path !== '/payload/accuracy'}
          helperText={
            (failure?.problem.path === '/payload/accuracy' ? null : failure?.message) ??
            LABELS[call.reads][1]
          }
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
              call.reads === 'turn' ? 'Its stated accuracy, ± degrees' : 'Its stated accuracy, ±'
            }
            fullWidth
            required
            autoComplete="off"
            margin="dense"
            value={accuracy}
            onChange={(event) => setAccuracy(event.target.value)}
            error={failure?.problem.path === '/payload/accuracy'}
            helperText={
              failure?.problem.path === '/payload/accuracy'
                ? failure.message
                : 'As the rig states it for this figure. It is kept for the next.'
            }
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
        )}
        {question !== null && (
          <Box sx={{ mt: 1, pl: 1.5, borderLeft: 4, borderColor: 'verdict.unproven' }}>
            <Typography role="status" data-testid="asked" sx={{ fontWeight: 600, mb: 1 }}>
              {question}
            </Typography>
            <Button variant="outlined" loading={task.isWriting} onClick={() => record(true)}>
              It does show {typed.trim()}: take it
            </Button>
          </Box>
        )}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
          {SIDES[call.reads]?.map(([side, words]) => (
            <Button key={side} variant="outlined" onClick={() => addSide(side)}>
              {words}
            </Button>
          ))}
          {question === null && (
            <Button type="submit" variant="contained" loading={task.isWriting}>
              {call.reading ? 'Correct it' : 'Take it'}
            </Button>
          )}
          {state.simulated && (
            <Button variant="outlined" onClick={() => meter.mutate()} loading={meter.isPending}>
              Simulated meter <Key of="M" />
            </Button>
          )}
          {onLeave && (
            <Button color="inherit" onClick={onLeave}>
              Back to what is due
            </Button>
          )}
        </Box>
        {call.statesAccuracy && <PoseFile task={task} />}
        {meter.isError && <Typography role="alert">{meter.error.message}</Typography>}
      </Box>
    </Sheet>
  );
}

function unitWords(call: Call, display: LengthDisplay): string {
  if (call.reads === 'turn') {
    return `° ${call.expected === null ? '' : readingSide(call.expected, 'turn', display)}`.trim();
  }
  const unit = lengthUnit(display);
  const side = call.expected === null ? '' : readingSide(call.expected, call.reads, display);
  return side === '' ? unit : `${unit} to the car’s ${side}`;
}

/** The words that can be put behind a figure, where one of them is needed. */
const SIDES: Partial<Record<Call['reads'], readonly (readonly [string, string])[]>> = {
  sided: [
    ['left', 'car’s left'],
    ['right', 'car’s right'],
  ],
  turn: [
    ['anticlockwise', 'anticlockwise'],
    ['clockwise', 'clockwise'],
  ],
};

const LABELS: Record<Call['reads'], [string, string]> = {
  sided: [
    'Reads, and to which side of the car',
    'As the rule shows it, for example 12 mm left. Enter takes it.',
  ],
  turn: [
    'Degrees, and which way seen from above',
    'As the sheet or rig gives it, for example 0.4 clockwise. Enter takes it.',
  ],
  length: ['Reads', 'As the tape shows it, in any unit. Enter takes it.'],
  height: ['Reads', 'As the staff shows it, in any unit. Enter takes it.'],
};

/** Why this reading is asked for, where it is not simply the next. */
function Why({ call, state }: { call: Call; state: Workspace }) {
  const { kind } = state.present;
  const suspects = state.suspects.map((suspect) => suspect.says).join(', or ');
  if (state.present.call === call.id && kind === 'decide') {
    return (
      <Warning>
        The readings contradict each other. The mistake may sit in: {suspects}. This tape decides.
      </Warning>
    );
  }
  if (isSuspect(call, state)) {
    return (
      <Warning>
        {state.disagreement?.id === call.id
          ? state.disagreement.says
          : 'Measure again: this reading disagrees with the others.'}{' '}
        It reads {call.reading?.typed}
        {state.suspects.length > 1
          ? `. Or the mistake sits in ${state.suspects
              .filter((suspect) => suspect.id !== call.id)
              .map((suspect) => suspect.says)
              .join(', or in ')}.`
          : '.'}
      </Warning>
    );
  }
  if (state.present.call === call.id && kind === 'check') {
    return (
      <Typography sx={{ mt: 0.5 }}>
        Nothing checks this set-up yet: a slip in one reading would show nowhere.
      </Typography>
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
