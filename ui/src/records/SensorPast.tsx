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
      <Typography variant="h2">Sensor {serial}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {tasks[0]?.partNumber ? `Part ${tasks[0].partNumber}. ` : ''}
        {tasks.length === 0
          ? 'No order has this number on a label.'
          : `${tasks.length === 1 ? 'One visit' : `${tasks.length} visits`}, ${zeros.length === 0 ? 'no electronic zero given here' : zeros.length === 1 ? 'one electronic zero' : `${zeros.length} electronic zeros`}.`}
        {plates.length > 1 && ` It was seen on ${plates.length} cars.`}
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
            Electronic zeros so far
          </Typography>
          <Table size="small">
            <TableHead>
              <TableRow>
                {['Given', 'Azimuth', 'Elevation', 'Sum, azimuth', 'Sum, elevation'].map((head) => (
                  <TableCell key={head}>{head}</TableCell>
                ))}
              </TableRow>
            </TableHead>
            <TableBody>
              {zeros.map((zero) => (
                <TableRow key={zero.at}>
                  <TableCell>
                    {new Date(zero.at).toLocaleDateString('en-GB')}, {zero.person}
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
            Those given elsewhere are not among them: the sensor itself tells its sum.
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
        <b>{new Date(task.openedAt).toLocaleDateString('en-GB', { dateStyle: 'long' })}</b>{' '}
        <VerdictMark verdict={verdictFrom(task.outcome?.verdict ?? task.verdict)} size={14} />
        <Typography variant="body2" color="text.secondary">
          {task.vehicle} {task.plate}, {task.name}
          {task.outcome?.azimuth != null &&
            task.outcome.elevation != null &&
            `: ${degrees(task.outcome.azimuth)} in azimuth, ${degrees(task.outcome.elevation)} in elevation`}
        </Typography>
      </Box>
      <Button component={Link} to={`/orders/${task.order}`} color="inherit">
        Order {task.number}
      </Button>
    </Box>
  );
}
