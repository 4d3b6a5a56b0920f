import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { answer, client } from '../../api/client';
import type { Order } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { degrees } from '../../words/length';
import { say } from '../../words/say';

/** The figures of the car that buy most proof when they are measured, each with what it buys. */
export function NextFigures({ order, onPick }: { order: Order; onPick: (figure: string) => void }) {
  const next = useQuery({
    queryKey: ['order', order.id, 'next-figures', order.version],
    queryFn: () =>
      answer(
        client.GET('/api/repair-orders/{order}/next-figures', {
          params: { path: { order: order.id } },
        }),
      ),
    placeholderData: (known) => known,
  });
  if (next.data === undefined || !order.tasks.some((task) => task.workspace)) {
    return null;
  }
  return (
    <Box component="section" aria-label={say('screen.figure.next')} sx={{ mb: 2 }}>
      <Typography variant="h3">{say('screen.figure.next')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {next.data.next.length === 0
          ? say('screen.figure.next-none')
          : say('screen.figure.next-why')}
      </Typography>
      {next.data.next.map((gain, i) => (
        <Button
          key={gain.figure}
          variant={i === 0 ? 'contained' : 'outlined'}
          fullWidth
          onClick={() => onPick(gain.figure)}
          sx={{ mb: 1, display: 'block', textAlign: 'left' }}
        >
          {order.geometry.find((known) => known.figure === gain.figure)?.label ?? gain.figure}
          <Box component="span" sx={{ display: 'block', fontWeight: 400 }}>
            {say('screen.figure.next-buys', {
              sensor: gain.sensor,
              axis: gain.axis,
              now: degrees(gain.now).replace('°', ''),
              then: degrees(gain.then).replace('°', ''),
            })}
          </Box>
        </Button>
      ))}
      {next.data.more > 0 && (
        <Typography color="text.secondary">
          {say('screen.figure.next-more', { more: next.data.more })}
        </Typography>
      )}
    </Box>
  );
}
