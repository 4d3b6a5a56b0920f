import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Workspace } from '../api/types';
import { keptRecord, unsent } from '../device/outbox';
import { say } from '../words/say';

interface Left {
  readonly task: string;
  readonly lines: number;
  readonly number: string;
  readonly sensor: string;
}

/** What was entered at cars on this tablet and is not sent yet; it goes as soon as its car is opened. */
export function Unsent({ person }: { person: string }) {
  const [left, setLeft] = useState<readonly Left[]>([]);
  useEffect(() => {
    let isOver = false;
    void leftOn(person).then((found) => {
      if (!isOver) {
        setLeft(found);
      }
    });
    return () => {
      isOver = true;
    };
  }, [person]);
  return left.length === 0 ? null : (
    <Alert severity="warning" data-testid="left-here" sx={{ mb: 2 }}>
      {say('screen.today.left-here')}
      {left.map(({ task, lines, number, sensor }) => (
        <Box key={task}>
          <Box
            component={Link}
            to={`/tasks/${task}`}
            sx={{ display: 'inline-block', color: 'inherit', fontWeight: 700, py: 1.5 }}
          >
            {say('screen.today.left-at', { number, sensor, lines })}
          </Box>
        </Box>
      ))}
    </Alert>
  );
}

async function leftOn(person: string): Promise<Left[]> {
  const found: Left[] = [];
  for (const [record, lines] of await unsent(person)) {
    const state = (await keptRecord(record, person))?.state as Workspace | undefined;
    const [kind, task] = record.split(' ');
    if (kind === 'task' && task !== undefined && state !== undefined) {
      found.push({ task, lines, number: state.order.number, sensor: state.card.sensor });
    }
  }
  return found;
}
