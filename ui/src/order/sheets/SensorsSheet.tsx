import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Order } from '../../api/types';
import { VerdictMark } from '../../shell/VerdictMark';
import { Sheet } from '../../sheet/Sheet';
import { EnterCard } from '../parts/EnterCard';
import { OwedMark } from '../parts/OwedMark';
import { ended } from '../../words/sentence';
import { say } from '../../words/say';

/** Each sensor and where its own work goes on. */
export function SensorsSheet({ order }: { order: Order }) {
  return (
    <>
      <Sheet
        title={say('screen.sensors-sheet.set-up-sensors')}
        note={
          order.waits.part === 'sensors'
            ? say('screen.sensors-sheet.intake-and-preparation-are')
            : ended(say('screen.sensors-sheet.before-that', { waits: order.waits.says }))
        }
      />
      {order.tasks.map((task) => (
        <Box key={task.task} sx={{ borderBottom: 1, borderColor: 'divider', py: 1.5 }}>
          <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
            <b>{task.name}</b>
            <OwedMark state={task.owed} size={15} />
          </Box>
          {task.hindrance && task.owed !== 'not-owed' && (
            <Typography variant="body2" sx={{ my: 0.5 }}>
              {task.hindrance}
            </Typography>
          )}
          {task.card === null && task.owed !== 'not-owed' && <EnterCard task={task.task} />}
          {task.verdict && (
            <Box sx={{ mt: 0.5 }}>
              <VerdictMark verdict={task.verdict} size={15} />
            </Box>
          )}
          {task.workspace && (
            <Button
              component={Link}
              to={task.sealed ? `/tasks/${task.task}/record` : `/tasks/${task.task}`}
              variant={task.owed === 'owed' && !task.sealed ? 'contained' : 'outlined'}
              sx={{ mt: 1 }}
            >
              {task.sealed ? say('screen.sensors-sheet.open-its-record') : say('screen.set-it-up')}
            </Button>
          )}
        </Box>
      ))}
    </>
  );
}
