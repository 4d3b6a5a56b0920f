import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, client } from '../api/client';
import type { KitItem } from '../api/types';
import { useQuery } from '../api/useQuery';
import { TryAgain } from '../shell/Opening';
import { say } from '../words/say';

const times = (factor: number) => `${factor.toFixed(2)} ×`;

/** What an instrument's own readings in sealed set-ups taught, and what that rests on. */
export function Lessons({ item, real }: { item: KitItem; real: boolean }) {
  const [open, setOpen] = useState(false);
  if (item.lesson === null) {
    return null;
  }
  return (
    <Box data-testid={`lesson-${item.document['id'] as string}`}>
      <Typography variant="body2" sx={{ mt: 0.5 }}>
        {say('screen.lessons.scatter', {
          factor: times(item.lesson.factor),
          readings: item.lesson.readings,
        })}
        {!real && ` ${say('screen.lessons.simulated')}`}
      </Typography>
      <Button
        color="inherit"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        sx={{ px: 0, minHeight: 48 }}
      >
        {open ? say('screen.lessons.hide') : say('screen.lessons.show')}
      </Button>
      {open && <History id={item.id} />}
    </Box>
  );
}

function History({ id }: { id: string }) {
  const history = useQuery({
    queryKey: ['kit', id, 'lessons'],
    queryFn: () =>
      answer(client.GET('/api/kit/{item}/lessons', { params: { path: { item: id } } })),
  });
  if (history.isPending) {
    return <Skeleton variant="rectangular" height={96} />;
  }
  if (history.isError) {
    return <TryAgain message={history.error.message} again={() => void history.refetch()} />;
  }
  return (
    <>
      <Rows
        title={say('screen.lessons.by-month')}
        rows={history.data.months.map((row) => ({ ...row, name: row.month }))}
      />
      <Rows
        title={say('screen.lessons.by-person')}
        rows={history.data.people.map((row) => ({ ...row, name: row.person }))}
      />
      <Typography variant="body2">{say('screen.lessons.note')}</Typography>
    </>
  );
}

function Rows({
  title,
  rows,
}: {
  title: string;
  rows: { name: string; readings: number; redundancy: number; factor: number }[];
}) {
  return (
    <Table size="small" aria-label={title} sx={{ mb: 1, tableLayout: 'fixed' }}>
      <TableHead>
        <TableRow>
          <TableCell sx={{ px: 0 }}>{title}</TableCell>
          <TableCell align="right">{say('screen.lessons.readings')}</TableCell>
          <TableCell align="right">{say('screen.lessons.checked')}</TableCell>
          <TableCell align="right">{say('screen.lessons.factor')}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map((row) => (
          <TableRow key={row.name}>
            <TableCell sx={{ px: 0 }}>{row.name}</TableCell>
            <TableCell align="right">{row.readings}</TableCell>
            <TableCell align="right">{row.redundancy.toFixed(1)}</TableCell>
            <TableCell align="right">{times(row.factor)}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
