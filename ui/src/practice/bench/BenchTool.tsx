import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Bench, ToolCommand, Wish } from '../../api/types';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import { say } from '../../words/say';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { ASKS } from '../../workspace/run/words';
import type { BenchFile } from './useBench';

type Way = Extract<Wish, { kind: 'correction' }>['payload']['way'];

/** The card's steps, what the tool said, what its readings come to, and what can be adjusted. */
export function BenchTool({ bench, file }: { bench: Bench; file: BenchFile }) {
  const ask = (command: ToolCommand, values?: { azimuth: number; elevation: number }) =>
    file.write({ kind: 'asked', payload: { command, ...(values ? { values } : {}) } });
  return (
    <Box data-testid="bench-tool">
      {bench.pending !== null && (
        <Box sx={{ mb: 2 }}>
          <Typography>{say('screen.bench.pending', { command: bench.pending })}</Typography>
          <Button
            variant="contained"
            loading={file.isWriting}
            onClick={() => file.write({ kind: 'tool-outcome', payload: {} })}
          >
            {say('screen.bench.what-became')}
          </Button>
        </Box>
      )}
      {bench.events.length > 0 && (
        <Typography
          role="status"
          data-testid="bench-last"
          sx={{ fontWeight: 700, mb: 1.5, pl: 1.5, borderLeft: 4, borderColor: 'primary.main' }}
        >
          {bench.events.at(-1)?.says}
        </Typography>
      )}
      <Typography variant="h3">{say('screen.bench.steps')}</Typography>
      {bench.steps.map((step) => (
        <Box
          key={step.id}
          sx={{
            borderTop: 1,
            borderColor: 'divider',
            py: 1,
            bgcolor: step.due ? 'background.paper' : undefined,
          }}
        >
          <Box sx={{ mb: step.due ? 1 : 0, color: step.done ? 'text.secondary' : undefined }}>
            {step.text}
            {step.done ? ` ${say('screen.bench.step-done')}` : ''}
          </Box>
          {step.due && (
            <Button
              variant="contained"
              data-testid="bench-step"
              loading={file.isWriting}
              onClick={() =>
                step.does === null
                  ? file.write({ kind: 'step', payload: { step: step.id } })
                  : ask(step.does as ToolCommand)
              }
              fullWidth
            >
              {step.does === null
                ? say('screen.bench.do-step')
                : say(ASKS[step.does as ToolCommand])}
            </Button>
          )}
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', my: 2 }}>
        {(['read', 'codes', 'voltage', 'identify'] as const).map((command) => (
          <Button
            key={command}
            variant="outlined"
            disabled={file.isWriting}
            onClick={() => ask(command)}
          >
            {say(ASKS[command])}
          </Button>
        ))}
      </Box>
      <Axes bench={bench} />
      <Adjust bench={bench} file={file} onZero={(zero) => ask('zero', zero)} />
      <Typography variant="h3" sx={{ mt: 2 }}>
        {say('screen.bench.log')}
      </Typography>
      <Box component="ol" reversed sx={{ pl: 4, my: 1 }} data-testid="bench-log">
        {bench.events.toReversed().map((event, i) => (
          <li key={bench.events.length - i}>{event.says}</li>
        ))}
      </Box>
    </Box>
  );
}

function Axes({ bench }: { bench: Bench }) {
  const [display] = useLengthDisplay();
  if (bench.axes === null) {
    return <Typography color="text.secondary">{say('screen.bench.not-read')}</Typography>;
  }
  const axes = bench.axes;
  return (
    <Box data-testid="bench-axes">
      <Typography variant="h3">
        {say('screen.bench.axis-so-far', { times: axes.readings })}
      </Typography>
      {(['azimuth', 'elevation'] as const).map((axis) => (
        <Typography key={axis} sx={{ fontSize: '1.15rem' }}>
          {say(axis === 'azimuth' ? 'screen.azimuth' : 'screen.elevation')}:{' '}
          <b>{amount(axes[axis], display)}</b> ±{degrees(axes[axis].uncertainty)}
          {bench.card.limits[axis] === null
            ? ''
            : ` · ${say('screen.tally.limit', { azimuth: degrees(bench.card.limits[axis]) })}`}
        </Typography>
      ))}
    </Box>
  );
}

function Adjust({
  bench,
  file,
  onZero,
}: {
  bench: Bench;
  file: BenchFile;
  onZero: (zero: { azimuth: number; elevation: number }) => void;
}) {
  const adjusts = bench.adjusts;
  if (adjusts === null) {
    return null;
  }
  const { turns, zero, way } = adjusts;
  return (
    <Box sx={{ mt: 2 }} data-testid="bench-adjust">
      <Typography variant="h3">{say('screen.bench.adjust')}</Typography>
      {way === 'screws' && turns !== null && (
        <>
          {Object.entries(turns).map(([screw, turn]) => (
            <Typography key={screw}>
              {say('screen.bench.turn', {
                screw: screw.replaceAll('-', ' '),
                turns: Math.abs(turn).toFixed(2),
                way: turn >= 0 ? 'clockwise' : 'anticlockwise',
              })}
            </Typography>
          ))}
          <Button
            variant="outlined"
            loading={file.isWriting}
            onClick={() => file.write({ kind: 'correction', payload: { way: 'screws', turns } })}
          >
            {say('screen.bench.turned')}
          </Button>
        </>
      )}
      {way !== 'screws' && way !== 'electronic' && (
        <Button
          variant="outlined"
          loading={file.isWriting}
          onClick={() => file.write({ kind: 'correction', payload: { way: way as Way } })}
        >
          {say('screen.bench.spots')}
        </Button>
      )}
      {way === 'electronic' && zero !== null && (
        <Button variant="outlined" loading={file.isWriting} onClick={() => onZero(zero)}>
          {say('screen.bench.zero', { azimuth: zero.azimuth, elevation: zero.elevation })}
        </Button>
      )}
    </Box>
  );
}
