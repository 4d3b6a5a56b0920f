import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, client } from '../api/client';
import type { OrderLine } from '../api/types';
import { usePerson } from '../session/usePerson';
import { Page } from '../shell/Page';
import { PlumbWeight } from '../shell/PlumbWeight';
import { VerdictMark } from '../shell/VerdictMark';

/** The repair orders in the shop and what each waits for. */
export function Today() {
  const person = usePerson();
  const orders = useQuery({
    queryKey: ['orders'],
    queryFn: () => answer(client.GET('/api/repair-orders')),
    refetchInterval: 20_000,
  });
  return (
    <Page title="Today">
      {person.data && (
        <Typography color="text.secondary" sx={{ mb: 3 }}>
          {person.data.shop} · {person.data.name}, {person.data.role}
        </Typography>
      )}
      {orders.isPending && <Skeleton variant="rectangular" height={280} />}
      {orders.isError && (
        <Box role="alert">
          <p>{orders.error.message}</p>
          <Button variant="contained" onClick={() => void orders.refetch()}>
            Try again
          </Button>
        </Box>
      )}
      {orders.data?.orders.length === 0 && (
        <p>No repair order is in the shop. One that comes in stands here with what it waits for.</p>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5 }}>
        {orders.data?.orders.map((order) => (
          <Order key={order.task} order={order} />
        ))}
      </Box>
    </Page>
  );
}

const WAITS: Record<string, string> = {
  prepare: 'Preparation',
  line: 'The line',
  read: 'A reading',
  check: 'A check tape',
  decide: 'A tape that decides which reading is wrong',
  remeasure: 'A reading to be taken again',
  move: 'The stand to be moved',
  improve: 'A better reading',
  run: 'The run',
  prove: 'A decision on the axis',
  close: 'The seal',
};

function waitsFor(order: OrderLine): string {
  if (order.stage === 'closed') {
    return 'Sealed';
  }
  if (order.owed === 'not-owed') {
    return 'Nothing: not owed';
  }
  return WAITS[order.present] ?? order.present;
}

function Order({ order }: { order: OrderLine }) {
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '84px minmax(0, 1fr) 250px 250px' },
        gap: 2,
        alignItems: 'center',
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        px: 2,
        py: 1.5,
        position: 'relative',
      }}
    >
      <Typography sx={{ fontSize: '1.5rem', fontWeight: 700 }}>{order.number}</Typography>
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h2" sx={{ overflowWrap: 'anywhere' }}>
          <Box
            component={Link}
            to={order.stage === 'closed' ? `/tasks/${order.task}/record` : `/tasks/${order.task}`}
            sx={{
              color: 'inherit',
              textDecoration: 'none',
              '&::after': { content: '""', position: 'absolute', inset: 0 },
            }}
          >
            {order.vehicle}
          </Box>
        </Typography>
        <Typography color="text.secondary">
          {order.plate} · {order.bay} · {order.operations.join(', ')}
        </Typography>
      </Box>
      <Box>
        <Typography variant="body2" color="text.secondary">
          {order.stage === 'closed' ? order.sensor : `${order.sensor} waits for`}
        </Typography>
        <Typography sx={{ fontWeight: 700 }}>{waitsFor(order)}</Typography>
        {order.verdict && <VerdictMark verdict={order.verdict} size={16} />}
      </Box>
      <Stages order={order} />
    </Box>
  );
}

function Stages({ order }: { order: OrderLine }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.6 }}>
      {order.stages.map((stage) => (
        <Box key={stage.id} title={`${stage.id}: ${stage.note || 'not begun'}`}>
          <PlumbWeight
            state={order.stage === 'closed' && stage.id === 'close' ? 'full' : stage.state}
            size={24}
          />
        </Box>
      ))}
      <span className="visually-hidden">
        {order.stages.map((stage) => `${stage.id} ${stage.note || 'not begun'}`).join(', ')}
      </span>
    </Box>
  );
}
