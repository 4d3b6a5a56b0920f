import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { OrderLine, PresentKind } from '../api/types';
import { VerdictMark } from '../shell/VerdictMark';
import { wallHour } from '../words/moments';
import { say, type Code } from '../words/say';

const WAITS: Record<PresentKind, Code> = {
  stance: 'screen.order-row.stance',
  prepare: 'screen.order-row.preparation',
  line: 'screen.order-row.line',
  read: 'screen.order-row.reading',
  check: 'screen.order-row.check-tape',
  decide: 'screen.order-row.tape-that-decides-which',
  remeasure: 'screen.order-row.reading-take-again',
  move: 'screen.order-row.stand-be-moved',
  guard: 'screen.order-row.reading-that-guards',
  improve: 'screen.order-row.better-reading',
  'survey-floor': 'screen.order-row.floor-be-surveyed',
  run: 'screen.order-row.run-which-barred',
  step: 'screen.order-row.next-step-run',
  outcome: 'screen.order-row.what-scan-tool-did',
  diagnose: 'screen.order-row.check-what-went-wrong',
  repeat: 'screen.order-row.axis-be-read-once',
  adjust: 'screen.order-row.screws-be-turned',
  zero: 'screen.order-row.electronic-zero',
  'shift-test': 'screen.order-row.target-be-shifted-for',
  'shift-back': 'screen.order-row.target-back-on-its',
  nudge: 'screen.order-row.stand-be-nudged',
  accept: 'screen.order-row.lead-accept-it',
  'send-back': 'screen.order-row.it-be-sent-back',
  prove: 'screen.order-row.decision-on-axis',
  close: 'screen.order-row.seal',
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
    return say('screen.sealed');
  }
  if (order.waits.kind !== 'task') {
    return order.waits.says;
  }
  const [next] = open(order);
  if (next === undefined) {
    return order.waits.says;
  }
  return `${next.name}: ${next.present === null ? say('screen.order-row.reading-its-axis') : say(WAITS[next.present])}`;
}

/** One order: what it waits for, in words readable from the bench. */
export function OrderRow({ order, begins }: { order: OrderLine; begins: string | null }) {
  const promised = order.promised === null || order.closed ? null : wallHour(order.promised);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: '84px minmax(0, 1fr)',
          md: '96px minmax(0, 1fr) minmax(0, 1.1fr) 210px',
        },
        columnGap: { xs: 1, md: 2 },
        alignItems: 'center',
        alignContent: 'center',
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
          {promised && (
            <Box
              component="span"
              data-testid="promised"
              sx={{ fontWeight: 700, color: promised.isPast ? 'verdict.out' : 'text.primary' }}
            >
              {say(
                promised.isPast ? 'screen.order-row.was-promised' : 'screen.order-row.promised',
                {
                  at: promised.says,
                },
              )}
              {' · '}
            </Box>
          )}
          {[order.plate, ...order.operations].filter((text) => text !== '').join(' · ')}
        </Box>
      </Box>
      <Box sx={{ minWidth: 0, gridColumn: { xs: 2, md: 'auto' } }}>
        <Box sx={{ ...CLIP, fontSize: '0.9rem', color: 'text.secondary' }}>
          {order.alarm
            ? say('screen.order-row.capture-before-refit', { alarms: order.alarms })
            : order.closed
              ? say('screen.closed')
              : say('screen.waits-for')}
          {begins !== null && <b> · {begins}</b>}
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
                  {say(
                    task.sealed
                      ? 'screen.sealed-state'
                      : task.owed === 'owed'
                        ? 'screen.owed-state'
                        : 'screen.unknown',
                  )}
                </Box>
              )}
            </Box>
          ))}
        {order.tasks.every((task) => task.owed === 'not-owed') && (
          <Box sx={{ color: 'text.secondary' }}>{say('screen.order-row.no-sensor-owed')}</Box>
        )}
      </Box>
    </Box>
  );
}

const CLIP = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;
