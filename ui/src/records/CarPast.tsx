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
import { day } from '../words/moments';
import { say } from '../words/say';

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
        {orders[0]?.vehicle ?? say('screen.car-past.unknown-car')} {car.plate}
      </Typography>
      <Typography color="text.secondary" sx={{ mb: 2 }}>
        {car.vin ? `${say('screen.car-past.vin', { vin: car.vin })} ` : ''}
        {say('screen.car-past.visits', { visits: orders.length })}
      </Typography>
      {orders.map((order) => (
        <Box
          key={order.id}
          component="article"
          aria-label={say('screen.order', { number: order.number })}
          sx={{ borderTop: 2, borderColor: 'divider', pt: 1, mb: 2.5 }}
        >
          <Box
            sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 1 }}
          >
            <b>
              {day(order.openedAt)}
              {order.closed ? '' : say('screen.car-past.open')}
            </b>
            <Button component={Link} to={`/orders/${order.id}`} variant="outlined">
              {say('screen.order', { number: order.number })}
            </Button>
          </Box>
          <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
            {order.operations.join(', ') || say('screen.car-past.nothing-entered-what-was')}
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
            <span>{say('screen.car-past.revision', { revision: sensor.revision })}</span>
          )}
        </Box>
        <Typography variant="body2" color="text.secondary">
          {outcome?.azimuth != null && outcome.elevation != null
            ? say('screen.car-past.in-azimuth-in-elevation', {
                azimuth: degrees(outcome.azimuth),
                elevation: degrees(outcome.elevation),
              })
            : sensor.sealedAt === null
              ? say('screen.car-past.not-sealed')
              : say('screen.car-past.not-read')}
          {outcome && (outcome.zeroAzimuth !== 0 || outcome.zeroElevation !== 0)
            ? ` ${say('screen.car-past.zeros-and', { zeroAzimuth: degrees(outcome.zeroAzimuth), zeroElevation: degrees(outcome.zeroElevation) })}`
            : ''}
        </Typography>
      </Box>
      {serial ? (
        <Button
          color="inherit"
          onClick={() => onSensor(serial)}
          title={say('screen.car-past.this-sensors-history')}
        >
          {serial}
        </Button>
      ) : (
        <Typography variant="body2" color="text.secondary">
          {say('screen.car-past.no-serial-number')}
        </Typography>
      )}
    </Box>
  );
}
