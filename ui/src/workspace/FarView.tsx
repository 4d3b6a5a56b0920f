import Box from '@mui/material/Box';
import type { Workspace } from '../api/types';
import { degrees, expectedReading, length, type LengthDisplay } from '../words/length';
import { FarFrame } from '../shell/FarFrame';
import { VerdictMark } from '../shell/VerdictMark';
import { stepDue } from './run/words';
import { figures } from '../theme/theme';

/** The present call alone, its number a fifth of the screen high, to be read from across the car. */
export function FarView({
  state,
  display,
  open,
  onClose,
}: {
  state: Workspace;
  display: LengthDisplay;
  open: boolean;
  onClose: () => void;
}) {
  const { title, figure, note } = presentCall(state, display);
  return (
    <FarFrame title={title} open={open} onClose={onClose}>
      <Box
        sx={{
          fontFamily: figures,
          fontWeight: 700,
          fontSize: figure.length > 9 ? '16vh' : '24vh',
          lineHeight: 1,
        }}
      >
        {figure}
      </Box>
      <Box sx={{ fontSize: figure === '' ? '8.5vh' : '6vh', lineHeight: 1.15 }}>{note}</Box>
      <Box sx={{ display: 'flex', gap: 5, flexWrap: 'wrap' }}>
        {state.verdicts.map((respect) => (
          <Box key={respect.id}>
            <Box sx={{ fontSize: '2.6vh' }}>{respect.title}</Box>
            <VerdictMark verdict={respect.verdict} size={34} />
          </Box>
        ))}
      </Box>
    </FarFrame>
  );
}

function presentCall(
  state: Workspace,
  display: LengthDisplay,
): { title: string; figure: string; note: string } {
  const call = state.calls.find((known) => known.id === state.present.call);
  if (call) {
    return {
      title: call.title,
      figure: call.expected === null ? '?' : expectedReading(call.expected, call.reads, display),
      note: call.instruction,
    };
  }
  const [first, ...others] = state.moves.flatMap((move) => move.parts);
  if (state.present.kind === 'move' && first) {
    return {
      title: state.moves[0]?.kind === 'turn' ? 'Turn the stand' : 'Move',
      figure: amount(first, display),
      note: [
        first.direction,
        ...others.map((part) => `then ${amount(part, display)} ${part.direction}`),
      ].join(', '),
    };
  }
  const question = [...state.preparation, ...state.lineSteps].find(
    (known) => known.answer === null,
  );
  const last = state.runs.at(-1);
  switch (state.present.kind) {
    case 'prepare':
    case 'line':
      return {
        title: state.present.kind === 'line' ? 'Line' : 'Prepare',
        figure: '',
        note: question?.question ?? '',
      };
    case 'run':
      return { title: 'Run', figure: 'barred', note: state.bars[0]?.says ?? '' };
    case 'step': {
      const step = stepDue(state);
      return {
        title: step?.does ? 'Scan tool' : 'Do this',
        figure: step?.seconds ? `${step.seconds} s` : '',
        note: `${step?.text ?? ''}. Nobody within the zone.`,
      };
    }
    case 'outcome':
      return { title: 'No answer', figure: '?', note: 'Ask the tool what came of it.' };
    case 'diagnose':
      return {
        title: 'Look for',
        figure: '',
        note: state.run.causes?.find((cause) => cause.id === state.present.call)?.check ?? '',
      };
    case 'repeat':
      return { title: 'Read the axis', figure: 'once more', note: state.present.why ?? '' };
    case 'adjust':
      return {
        title: 'Turn, facing the sensor',
        figure: '',
        note: (state.run.correction?.screws ?? [])
          .map((screw) => `${screw.id.replaceAll('-', ' ')}: ${screw.says}`)
          .join('. '),
      };
    case 'shift-test':
    case 'shift-back':
      return state.present.kind === 'shift-back' || !state.run.shiftTest
        ? { title: 'Target', figure: 'back', note: 'On its mark again.' }
        : {
            title: 'Shift the target',
            figure: length(state.run.shiftTest.move.amount, display),
            note: state.run.shiftTest.move.direction,
          };
    case 'send-back':
      return { title: 'Send it back', figure: '', note: state.present.why ?? '' };
    case 'survey-floor':
      return {
        title: 'Floor',
        figure: 'staff',
        note: 'Read the floor at the wheels and at the spot.',
      };
    case 'zero': {
      const zero = state.run.correction?.zero;
      return {
        title: 'Store an electronic zero',
        figure: zero ? degrees(zero.azimuth.amount) : '',
        note: zero
          ? `Azimuth ${zero.azimuth.direction}. Elevation ${degrees(zero.elevation.amount)} ${zero.elevation.direction}.`
          : '',
      };
    }
    case 'accept':
      return {
        title: 'Accept or send back',
        figure: last ? degrees((state.run.finding ?? last).azimuth.misalignment) : '',
        note: 'It is near its limit. A lead decides by name.',
      };
    case 'prove':
    case 'close':
      return {
        title: state.run.sentBack ? `Sent back to ${state.run.sentBack.to}` : 'Azimuth',
        figure: last ? degrees((state.run.finding ?? last).azimuth.misalignment) : '',
        note: (state.run.finding ?? last)?.azimuth.direction ?? '',
      };
    case 'read':
    case 'check':
    case 'decide':
    case 'remeasure':
    case 'move':
    case 'improve':
      return { title: 'Measure better', figure: '', note: '' };
  }
}

function amount(part: Workspace['moves'][number]['parts'][number], display: LengthDisplay): string {
  return part.unit === 'mm' ? length(part.amount, display) : degrees(part.amount, 1);
}
