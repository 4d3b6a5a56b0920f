import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import type { HistoryTask } from '../api/types';
import { degrees } from '../words/length';
import { TryAgain } from '../shell/Opening';
import { VerdictMark, verdictFrom } from '../shell/VerdictMark';

/** A car's visits, the latest first, with what came of each sensor. */
export function CarPast({
  plate,
  vin,
  onSensor,
}: {
  plate: string | null;
  vin: string | null;
  onSensor: (serial: string) => void;
}) {
  const past = useQuery({
    queryKey: ['car', plate, vin],
    queryFn: () =>
      answer(
        client.GET('/api/history/car', {
          params: { query: { ...(plate ? { plate } : {}), ...(vin ? { vin } : {}) } },
        }),
      ),
  });
  if (!past.data) {
    return past.isError ? (
      <TryAgain message={past.error.message} again={() => void past.refetch()} />
    ) : (
      <Skeleton variant="rectangular" height={240} />
    );
  }
  const { orders, car } = past.data;
  return (
    <>
      <Typography variant="h2">
        {orders[0]?.vehicle ?? 'Unknown car'} {car.plate}
      </Typography>
      <Typography color="text.secondary" sx={{ mb: 2 }}>
        {car.vin ? `VIN ${car.vin}. ` : ''}
        {orders.length === 0
          ? 'The shop has no order of it.'
          : orders.length === 1
            ? 'One visit.'
            : `${orders.length} visits.`}
      </Typography>
      {orders.map((order) => (
        <Box
          key={order.id}
          component="article"
          aria-label={`Order ${order.number}`}
          sx={{ borderTop: 2, borderColor: 'divider', pt: 1, mb: 2.5 }}
        >
          <Box
            sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 1 }}
          >
            <b>
              {new Date(order.openedAt).toLocaleDateString('en-GB', { dateStyle: 'long' })}
              {order.closed ? '' : ', open'}
            </b>
            <Button component={Link} to={`/orders/${order.id}`} variant="outlined">
              Order {order.number}
            </Button>
          </Box>
          <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
            {order.operations.join(', ') || 'Nothing entered of what was done.'}
          </Typography>
          {order.sensors
            .filter((sensor) => sensor.owed !== 'not-owed' || sensor.sealedAt !== null)
            .map((sensor) => (
              <SensorLine key={sensor.task} sensor={sensor} onSensor={onSensor} />
            ))}
        </Box>
      ))}
    </>
  );
}

function SensorLine({
  sensor,
  onSensor,
}: {
  sensor: HistoryTask;
  onSensor: (serial: string) => void;
}) {
  const { outcome, serial } = sensor;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto',
        alignItems: 'center',
        gap: 1,
        borderTop: 1,
        borderColor: 'divider',
        py: 0.5,
        minHeight: 56,
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
          <span>{sensor.name}</span>
          <VerdictMark verdict={verdictFrom(sensor.outcome?.verdict ?? sensor.verdict)} size={14} />
          {sensor.revision !== null && sensor.revision > 1 && (
            <span>revision {sensor.revision}</span>
          )}
        </Box>
        <Typography variant="body2" color="text.secondary">
          {outcome?.azimuth != null && outcome.elevation != null
            ? `${degrees(outcome.azimuth)} in azimuth, ${degrees(outcome.elevation)} in elevation`
            : sensor.sealedAt === null
              ? 'not sealed'
              : 'not read'}
          {outcome && (outcome.zeroAzimuth !== 0 || outcome.zeroElevation !== 0)
            ? ` · zeros ${degrees(outcome.zeroAzimuth)} and ${degrees(outcome.zeroElevation)}`
            : ''}
        </Typography>
      </Box>
      {serial ? (
        <Button color="inherit" onClick={() => onSensor(serial)} title="This sensor’s history">
          {serial}
        </Button>
      ) : (
        <Typography variant="body2" color="text.secondary">
          no serial number
        </Typography>
      )}
    </Box>
  );
}
