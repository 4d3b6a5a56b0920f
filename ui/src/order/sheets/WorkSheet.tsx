import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Order } from '../../api/types';
import { clock } from '../../words/moments';
import { sentence } from '../../words/sentence';
import { Sheet } from '../../sheet/Sheet';
import { choices, OperationPicker } from '../parts/OperationPicker';
import { useIntake } from '../parts/useIntake';
import type { OrderFile } from '../parts/useOrder';
import { say } from '../../words/say';

/** What was done to the car, what is still due, and what each entry changed about what is owed. */
export function WorkSheet({ order, file }: { order: Order; file: OrderFile }) {
  const intake = useIntake();
  const taken = new Set(order.operations.map((operation) => operation.code));
  const options = choices(intake.data?.operations ?? [], order.sensors).filter(
    (choice) => !taken.has(choice.code),
  );
  const note = (operation: string, state: 'done' | 'due' | 'withdrawn') =>
    file.note({ kind: 'operation', payload: { operation, state } });
  const line = order.estimateLines[0];
  return (
    <>
      {line ? (
        <EstimateLine
          key={line.id}
          line={line}
          left={order.estimateLines.length}
          options={options}
          file={file}
        />
      ) : (
        <Sheet
          title={say('screen.what-was-done-car')}
          note={say('screen.work-sheet.every-operation-near-sensor')}
          testId="work"
        >
          <Box sx={{ mt: 1.5 }}>
            <OperationPicker
              id="operation"
              label={say('screen.work-sheet.add-operation')}
              options={options}
              disabled={file.isWriting}
              onPick={(choice) => note(choice.code, 'done')}
            />
          </Box>
        </Sheet>
      )}
      <LatestChange order={order} />
      {order.operations.length === 0 && (
        <Typography color="text.secondary">
          {say('screen.work-sheet.nothing-entered-yet')}
        </Typography>
      )}
      <Box
        component="ul"
        sx={{ listStyle: 'none', p: 0, m: 0 }}
        aria-label={say('screen.work-sheet.operations')}
      >
        {order.operations.map((operation) => (
          <Box
            component="li"
            key={operation.code}
            sx={{
              borderBottom: 1,
              borderColor: 'divider',
              py: 0.75,
              display: 'flex',
              alignItems: 'center',
              gap: 1,
            }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Box sx={{ fontWeight: 700 }}>{sentence(operation.says)}</Box>
              <Box sx={{ fontSize: '0.85rem', color: 'text.secondary' }}>
                {operation.word
                  ? `${say('screen.work-sheet.on-word', { word: operation.word })} `
                  : ''}
                {operation.person}, {clock(operation.at)}
              </Box>
            </Box>
            <Button
              variant="outlined"
              color="inherit"
              disabled={file.isWriting}
              onClick={() => note(operation.code, operation.state === 'done' ? 'due' : 'done')}
              aria-label={say('screen.work-sheet.change', {
                state:
                  operation.state === 'done'
                    ? say('screen.done')
                    : say('screen.work-sheet.still-due'),
                operation: operation.says,
              })}
            >
              {operation.state === 'done' ? say('screen.done') : say('screen.work-sheet.still-due')}
            </Button>
            <Button
              color="inherit"
              disabled={file.isWriting}
              onClick={() => note(operation.code, 'withdrawn')}
              aria-label={say('screen.work-sheet.take-back', { operation: operation.says })}
            >
              {say('screen.take-back')}
            </Button>
          </Box>
        ))}
      </Box>
      <Changes order={order} />
    </>
  );
}

/** What the entry made last changed: it must not go unnoticed. */
function LatestChange({ order }: { order: Order }) {
  const change = order.changes[0];
  if (change === undefined) {
    return null;
  }
  return (
    <Box
      role="status"
      data-testid="change"
      sx={{
        mb: 2,
        p: 1.5,
        border: 2,
        borderColor: change.sensors.length > 0 ? 'primary.main' : 'divider',
        bgcolor: 'background.paper',
      }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {change.sensors.length === 0
          ? say('screen.work-sheet.nothing-changed-about-what')
          : say('screen.work-sheet.this-changed-what-owed')}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {sentence(change.what)}
      </Typography>
      {change.sensors.map((sensor) => (
        <Box key={sensor.sensor} sx={{ mt: 0.75 }}>
          <b>{sensor.sensor}</b>: {sensor.before} → <b>{sensor.after}</b>
          <Box sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>{sensor.why}</Box>
        </Box>
      ))}
    </Box>
  );
}

function Changes({ order }: { order: Order }) {
  const earlier = order.changes.slice(1).filter((change) => change.sensors.length > 0);
  if (earlier.length === 0) {
    return null;
  }
  return (
    <Box sx={{ mt: 3 }}>
      <Typography variant="h3">{say('screen.work-sheet.earlier-changes')}</Typography>
      {earlier.map((change, i) => (
        <Typography key={i} variant="body2" sx={{ mt: 0.75 }}>
          {clock(change.at)} {sentence(change.what)}:{' '}
          {change.sensors
            .map((sensor) => `${sensor.sensor} ${sensor.before} → ${sensor.after}`)
            .join('; ')}
        </Typography>
      ))}
    </Box>
  );
}

function EstimateLine({
  line,
  left,
  options,
  file,
}: {
  line: Order['estimateLines'][number];
  left: number;
  options: { code: string; words: string }[];
  file: OrderFile;
}) {
  const settle = () => file.note({ kind: 'estimate-settled', payload: { line: line.id } });
  return (
    <Sheet
      title={`“${line.text}”`}
      note={say('screen.work-sheet.line-estimate-that-shops', {
        left: left > 1 ? say('screen.work-sheet.one', { left }) : '',
      })}
      testId="estimate-line"
    >
      <Box sx={{ mt: 1.5, display: 'grid', gap: 1 }}>
        <OperationPicker
          id="estimate-operation"
          label={say('screen.work-sheet.it-was-this-operation')}
          options={options}
          disabled={file.isWriting}
          onPick={(choice) =>
            file.note(
              {
                kind: 'operation',
                payload: {
                  operation: choice.code,
                  state: 'done',
                  word: say('screen.work-sheet.estimate'),
                },
              },
              settle,
            )
          }
        />
        <Button variant="outlined" onClick={settle} disabled={file.isWriting}>
          {say('screen.work-sheet.it-concerns-no-sensor')}
        </Button>
      </Box>
    </Sheet>
  );
}
