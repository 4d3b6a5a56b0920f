import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import type { Task } from '../task/useTask';
import { ToolButton } from './ToolButton';
import { say } from '../../words/say';

/** A plate’s positions in the card’s order, what each should echo and did, and the elevation that follows. */
export function Swing({
  state,
  task,
  working,
}: {
  state: Workspace;
  task: Task;
  working: boolean;
}) {
  const { swing, steps } = state.run;
  if (!swing) {
    return null;
  }
  const now = swing.positions.find((position) => position.state === 'now');
  const free = steps.every((step) => step.state === 'done');
  return (
    <Box
      component="section"
      aria-label={say('screen.swing.plate-swing')}
      sx={{ mb: 2 }}
      data-testid="swing"
    >
      <Typography variant="h3" component="h2">
        {say('screen.swing.plate-position-by-position')}
      </Typography>
      {swing.positions.map((position, i) => (
        <Box
          key={`${position.id}-${i}`}
          sx={{
            borderBottom: 1,
            borderColor: 'divider',
            py: 0.75,
            fontWeight: position.state === 'now' ? 700 : 400,
          }}
        >
          <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
            <span>
              {i + 1}. {position.says}
            </span>
            <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
              {position.level === null
                ? '—'
                : say('screen.swing.db', { level: position.level.toFixed(1) })}
            </Box>
          </Box>
          <Typography
            variant="body2"
            sx={{ color: position.odd ? 'verdict.out' : 'text.secondary' }}
          >
            {position.odd
              ? say('screen.swing.it-should-have-been', { expect: position.expect })
              : position.expect}
          </Typography>
        </Box>
      ))}
      {swing.peak && (
        <Typography sx={{ mt: 1, fontWeight: 700 }}>
          {say('screen.swing.by-levels-elevation-reads', {
            peak: amount(swing.peak, 'mm'),
            uncertainty: degrees(swing.peak.uncertainty),
          })}
        </Typography>
      )}
      {swing.failure && <Typography sx={{ mt: 1 }}>{swing.failure}</Typography>}
      {working && now && free && state.tool !== 'none' && (
        <Box sx={{ mt: 1 }}>
          <ToolButton state={state} task={task} command="level" outlined />
        </Box>
      )}
    </Box>
  );
}
