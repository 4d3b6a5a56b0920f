import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { OrderLine, PresentKind } from '../api/types';
import { VerdictMark } from '../shell/VerdictMark';

const WAITS: Record<PresentKind, string> = {
  prepare: 'preparation',
  line: 'the line',
  read: 'a reading',
  check: 'a check tape',
  decide: 'a tape that decides which reading is wrong',
  remeasure: 'a reading to take again',
  move: 'the stand to be moved',
  improve: 'a better reading',
  'survey-floor': 'the floor to be surveyed',
  run: 'the run, which is barred',
  step: 'the next step of the run',
  outcome: 'what the scan tool did',
  diagnose: 'a check of what went wrong',
  repeat: 'the axis to be read once more',
  adjust: 'the screws to be turned',
  zero: 'an electronic zero',
  'shift-test': 'the target to be shifted for a test',
  'shift-back': 'the target back on its mark',
  accept: 'a lead to accept it',
  'send-back': 'it to be sent back',
  prove: 'a decision on the axis',
  close: 'the seal',
};

type Task = OrderLine['tasks'][number];

/** The tasks still to be worked on. */
function open(order: OrderLine): Task[] {
  return order.tasks.filter((task) => task.owed !== 'not-owed' && !task.sealed);
}

/** Where the work on an order goes on: its one open sensor where that is all that is left, its own screen otherwise. */
function place(order: OrderLine): string {
  const left = open(order);
  const [one] = left;
  const done = order.tasks.filter((task) => task.sealed);
  if (order.waits.kind === 'task' && left.length === 1 && one?.workspace) {
    return `/tasks/${one.task}`;
  }
  return order.closed && done.length === 1 && done[0]
    ? `/tasks/${done[0].task}/record`
    : `/orders/${order.id}`;
}

function waitsFor(order: OrderLine): string {
  if (order.closed) {
    return 'Sealed';
  }
  if (order.waits.kind !== 'task') {
    return order.waits.says;
  }
  const [next] = open(order);
  if (next === undefined) {
    return order.waits.says;
  }
  return `${next.name}: ${next.present === null ? 'a reading of its axis' : WAITS[next.present]}`;
}

/** One order: what it waits for, in words readable from the bench. */
export function OrderRow({ order }: { order: OrderLine }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: '84px minmax(0, 1fr)',
          md: '96px minmax(0, 1fr) minmax(0, 1.1fr) 210px',
        },
        gap: { xs: 1, md: 2 },
        alignItems: 'center',
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        borderLeft: 8,
        borderLeftColor: order.alarm ? 'verdict.out' : 'divider',
        px: 2,
        height: '100%',
        position: 'relative',
        overflow: 'hidden',
      }}
    >
      <Box
        sx={{ fontSize: '1.5rem', fontWeight: 700, overflow: 'hidden', textOverflow: 'ellipsis' }}
      >
        {order.number}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box
          component={Link}
          to={place(order)}
          sx={{
            ...CLIP,
            display: 'block',
            fontSize: '1.25rem',
            fontWeight: 700,
            color: 'inherit',
            textDecoration: 'none',
            '&::after': { content: '""', position: 'absolute', inset: 0 },
          }}
        >
          {order.vehicle}
        </Box>
        <Box sx={{ ...CLIP, color: 'text.secondary' }} title={order.operations.join(', ')}>
          {[order.plate, ...order.operations].filter((text) => text !== '').join(' · ')}
        </Box>
      </Box>
      <Box sx={{ minWidth: 0, display: { xs: 'none', md: 'block' } }}>
        <Box sx={{ fontSize: '0.9rem', color: 'text.secondary' }}>
          {order.alarm
            ? `${order.alarms} to capture before refit`
            : order.closed
              ? 'Closed'
              : 'Waits for'}
        </Box>
        <Box
          sx={{
            fontWeight: 700,
            fontSize: '1.1rem',
            lineHeight: 1.2,
            color: order.alarm ? 'verdict.out' : 'text.primary',
            display: '-webkit-box',
            WebkitLineClamp: 2,
            WebkitBoxOrient: 'vertical',
            overflow: 'hidden',
          }}
        >
          {waitsFor(order)}
        </Box>
      </Box>
      <Box
        sx={{
          display: { xs: 'none', md: 'block' },
          minWidth: 0,
          fontSize: '0.9rem',
          lineHeight: 1.3,
        }}
      >
        {order.tasks
          .filter((task) => task.owed !== 'not-owed')
          .slice(0, 4)
          .map((task) => (
            <Box
              key={task.task}
              sx={{ ...CLIP, display: 'flex', justifyContent: 'space-between', gap: 1 }}
            >
              <Box component="span" sx={CLIP}>
                {task.name}
              </Box>
              {task.verdict ? (
                <VerdictMark verdict={task.verdict} size={13} />
              ) : (
                <Box component="span" sx={{ color: 'text.secondary' }}>
                  {task.sealed ? 'sealed' : task.owed}
                </Box>
              )}
            </Box>
          ))}
        {order.tasks.every((task) => task.owed === 'not-owed') && (
          <Box sx={{ color: 'text.secondary' }}>no sensor owed</Box>
        )}
      </Box>
    </Box>
  );
}

const CLIP = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;
