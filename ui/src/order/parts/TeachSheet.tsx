import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, client } from '../../api/client';
import type { Order } from '../../api/types';
import { uuid7 } from '../../api/uuid7';
import { useMay } from '../../session/usePerson';
import { Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';

/** Once an order is closed: its car becomes what the next of its kind begins with. */
export function TeachSheet({ order }: { order: Order }) {
  const may = useMay();
  const queries = useQueryClient();
  const teach = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/repair-orders/{order}/teach', {
          params: { path: { order: order.id } },
          body: { id: uuid7(), version: order.version },
        }),
      ),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['intake'] }),
  });
  if (
    !may('enter-card') ||
    order.simulated ||
    !order.geometry.some((known) => known.from !== null)
  ) {
    return null;
  }
  return (
    <Sheet
      title={say('screen.teach-sheet.title')}
      note={say('screen.teach-sheet.note')}
      testId="teach"
    >
      {teach.isSuccess ? (
        <Typography role="status" sx={{ mt: 1 }}>
          {say('screen.teach-sheet.done', { name: teach.data.name, cars: teach.data.cars })}
          {teach.data.floor && ` ${say('screen.teach-sheet.floor')}`}
        </Typography>
      ) : (
        <Button
          variant="contained"
          sx={{ mt: 1 }}
          loading={teach.isPending}
          onClick={() => teach.mutate()}
        >
          {say('screen.teach-sheet.keep')}
        </Button>
      )}
      {order.tasks.some((task) => task.card !== null) && (
        <Typography sx={{ mt: 1.5 }}>{say('screen.teach-sheet.cards')}</Typography>
      )}
      {order.tasks.map(
        (task) =>
          task.card !== null && (
            <Button
              key={task.task}
              component={Link}
              to={`/cards/${task.card}/copy`}
              color="inherit"
              sx={{ minHeight: 48 }}
            >
              {say('screen.teach-sheet.copy', { sensor: task.name })}
            </Button>
          ),
      )}
      {teach.isError && (
        <Typography role="alert" color="error" sx={{ mt: 1 }}>
          {teach.error.message}
        </Typography>
      )}
    </Sheet>
  );
}
