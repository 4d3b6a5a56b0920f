import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Order } from '../../api/types';
import { clock } from '../../words/length';
import { sentence } from '../../words/sentence';
import { Sheet } from '../../sheet/Sheet';
import { choices, OperationPicker } from '../parts/OperationPicker';
import { useIntake } from '../parts/useIntake';
import type { OrderFile } from '../parts/useOrder';

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
          title="What was done to the car"
          note="Every operation near a sensor, a cover, a bracket or the axles, even if only for paint."
          testId="work"
        >
          <Box sx={{ mt: 1.5 }}>
            <OperationPicker
              id="operation"
              label="Add an operation"
              options={options}
              disabled={file.isWriting}
              onPick={(choice) => note(choice.code, 'done')}
            />
          </Box>
        </Sheet>
      )}
      <LatestChange order={order} />
      {order.operations.length === 0 && (
        <Typography color="text.secondary">Nothing is entered yet.</Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }} aria-label="Operations">
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
                {operation.word ? `on the word of ${operation.word}, ` : ''}
                {operation.person}, {clock(operation.at)}
              </Box>
            </Box>
            <Button
              variant="outlined"
              color="inherit"
              disabled={file.isWriting}
              onClick={() => note(operation.code, operation.state === 'done' ? 'due' : 'done')}
              aria-label={`${operation.state === 'done' ? 'Done' : 'Still due'}: ${operation.says}. Change.`}
            >
              {operation.state === 'done' ? 'Done' : 'Still due'}
            </Button>
            <Button
              color="inherit"
              disabled={file.isWriting}
              onClick={() => note(operation.code, 'withdrawn')}
              aria-label={`Take back: ${operation.says}`}
            >
              Take back
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
          ? 'Nothing changed about what is owed'
          : 'This changed what is owed'}
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
      <Typography variant="h3">Earlier changes</Typography>
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
      note={`A line of the estimate that the shop’s phrases do not know${left > 1 ? `, one of ${left}` : ''}. What was it?`}
      testId="estimate-line"
    >
      <Box sx={{ mt: 1.5, display: 'grid', gap: 1 }}>
        <OperationPicker
          id="estimate-operation"
          label="It was this operation"
          options={options}
          disabled={file.isWriting}
          onPick={(choice) =>
            file.note(
              {
                kind: 'operation',
                payload: { operation: choice.code, state: 'done', word: 'the estimate' },
              },
              settle,
            )
          }
        />
        <Button variant="outlined" onClick={settle} disabled={file.isWriting}>
          It concerns no sensor
        </Button>
      </Box>
    </Sheet>
  );
}
