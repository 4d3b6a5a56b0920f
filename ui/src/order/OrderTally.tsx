import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Order } from '../api/types';
import { say } from '../words/say';

/** What the order waits for, what is owed, what must not be missed, and whether all is saved. */
export function OrderTally({ order, saved }: { order: Order; saved: string }) {
  const owed = order.sensors.filter((sensor) => sensor.owed.state === 'owed');
  const unknown = order.sensors.filter((sensor) => sensor.owed.state === 'unknown');
  return (
    <Box
      component="section"
      aria-label={say('screen.tally')}
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: '1fr 1fr 1.4fr',
          md: '146px 1fr 1fr 420px',
          lg: '176px 1fr 1fr 452px',
        },
        flexShrink: 0,
        minHeight: 84,
        bgcolor: 'background.paper',
        borderTop: 1,
        borderColor: 'divider',
      }}
    >
      <Cell title={say('screen.record')}>
        <Box aria-live="polite" sx={{ color: 'text.secondary' }}>
          {saved}
        </Box>
      </Cell>
      <Cell title={say('screen.order-tally.owed-calibration')}>
        <Box sx={{ fontWeight: 700, fontSize: '1.15rem' }}>
          {say('screen.order-tally.of', {
            owed: owed.length,
            sensors: order.sensors.length,
            unknown:
              unknown.length > 0
                ? say('screen.order-tally.unknown', { unknown: unknown.length })
                : '',
          })}
        </Box>
      </Cell>
      <Cell title={say('screen.before-refit')} wide>
        {order.alarms.length === 0 ? (
          <Box sx={{ color: 'text.secondary' }}>{say('screen.order-tally.nothing-due')}</Box>
        ) : (
          <Box role="status" sx={{ color: 'verdict.out', fontWeight: 700, fontSize: '1.15rem' }}>
            {say('screen.order-tally.capture', { alarms: order.alarms.length })}
          </Box>
        )}
      </Cell>
      <Cell title={say('screen.waits-for')}>
        <Box sx={{ fontWeight: 700, fontSize: '1.05rem', lineHeight: 1.2 }} data-testid="waits">
          {order.waits.says}
        </Box>
      </Cell>
    </Box>
  );
}

function Cell({
  title,
  children,
  wide = false,
}: {
  title: string;
  children: ReactNode;
  wide?: boolean;
}) {
  return (
    <Box
      sx={{
        p: 1.5,
        borderLeft: 1,
        borderColor: 'divider',
        minWidth: 0,
        display: { xs: wide ? 'none' : 'block', md: 'block' },
      }}
    >
      <Box sx={{ fontSize: '0.85rem', fontWeight: 700, color: 'text.secondary' }}>{title}</Box>
      {children}
    </Box>
  );
}
