import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
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

const signed = (value: number) => `${value < 0 ? '−' : '+'}${degrees(value)}`;

/** One sensor through all its visits, by the number on its label, with the electronic zeros it was given. */
export function SensorPast({ serial, onCar }: { serial: string; onCar: (plate: string) => void }) {
  const past = useQuery({
    queryKey: ['sensor', serial],
    queryFn: () => answer(client.GET('/api/history/sensor', { params: { query: { serial } } })),
  });
  if (!past.data) {
    return past.isError ? (
      <TryAgain message={past.error.message} again={() => void past.refetch()} />
    ) : (
      <Skeleton variant="rectangular" height={240} />
    );
  }
  const { tasks } = past.data;
  const zeros = tasks.flatMap((task) => task.zeros ?? []);
  const plates = [...new Set(tasks.map((task) => task.plate))];
  return (
    <>
      <Typography variant="h2">{say('screen.sensor-past.sensor', { serial })}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {tasks[0]?.partNumber
          ? `${say('screen.sensor-past.part', { partNumber: tasks[0].partNumber })} `
          : ''}
        {tasks.length === 0
          ? say('screen.sensor-past.no-order-has-this')
          : say('screen.sensor-past.visits', { visits: tasks.length, zeros: zeros.length })}
        {plates.length > 1 &&
          ` ${say('screen.sensor-past.it-was-seen-on', { plates: plates.length })}`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
        {plates
          .filter((plate) => plate !== '')
          .map((plate) => (
            <Button key={plate} variant="outlined" onClick={() => onCar(plate)}>
              {plate}
            </Button>
          ))}
      </Box>
      {tasks.map((task) => (
        <Visit key={task.task} task={task} />
      ))}
      {zeros.length > 0 && (
        <>
          <Typography variant="h3" sx={{ mt: 2 }}>
            {say('screen.sensor-past.electronic-zeros-so-far')}
          </Typography>
          <Table size="small">
            <TableHead>
              <TableRow>
                {[
                  say('screen.sensor-past.given'),
                  say('screen.azimuth'),
                  say('screen.elevation'),
                  say('screen.sensor-past.sum-azimuth'),
                  say('screen.sensor-past.sum-elevation'),
                ].map((head) => (
                  <TableCell key={head}>{head}</TableCell>
                ))}
              </TableRow>
            </TableHead>
            <TableBody>
              {zeros.map((zero) => (
                <TableRow key={zero.at}>
                  <TableCell>
                    {day(zero.at)}, {zero.person}
                  </TableCell>
                  <TableCell>{signed(zero.azimuth)}</TableCell>
                  <TableCell>{signed(zero.elevation)}</TableCell>
                  <TableCell>{signed(zero.sum.azimuth)}</TableCell>
                  <TableCell>{signed(zero.sum.elevation)}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
          <Typography variant="body2" sx={{ mt: 1 }}>
            {say('screen.sensor-past.those-given-elsewhere-are')}
          </Typography>
        </>
      )}
    </>
  );
}

function Visit({ task }: { task: HistoryTask }) {
  return (
    <Box
      sx={{
        display: 'flex',
        justifyContent: 'space-between',
        alignItems: 'center',
        gap: 1,
        borderTop: 1,
        borderColor: 'divider',
        py: 0.75,
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <b>{day(task.openedAt)}</b>{' '}
        <VerdictMark verdict={verdictFrom(task.outcome?.verdict ?? task.verdict)} size={14} />
        <Typography variant="body2" color="text.secondary">
          {task.vehicle} {task.plate}, {task.name}
          {task.outcome?.azimuth != null &&
            task.outcome.elevation != null &&
            say('screen.sensor-past.in-azimuth-in-elevation', {
              azimuth: degrees(task.outcome.azimuth),
              elevation: degrees(task.outcome.elevation),
            })}
        </Typography>
      </Box>
      <Button component={Link} to={`/orders/${task.order}`} color="inherit">
        {say('screen.order', { number: task.number })}
      </Button>
    </Box>
  );
}
