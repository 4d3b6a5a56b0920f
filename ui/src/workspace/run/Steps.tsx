import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Workspace } from '../../api/types';
import { say } from '../../words/say';

const MARKS = { done: '■', now: '▶', later: '□' };
const SAID = { done: 'screen.steps.done', now: 'screen.steps.now' } as const;

/** The card’s steps, those done and those to come. */
export function Steps({ state }: { state: Workspace }) {
  return (
    <Box component="section" aria-label={say('screen.steps.steps-card')} sx={{ mb: 2 }}>
      <Typography variant="h3" component="h2">
        {say('screen.steps.cards-steps')}
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }} data-testid="steps">
        {state.run.steps.map((step) => (
          <Box
            component="li"
            key={step.id}
            data-state={step.state}
            sx={{
              display: 'flex',
              gap: 1,
              py: 0.75,
              borderBottom: 1,
              borderColor: 'divider',
              fontWeight: step.state === 'now' ? 700 : 400,
              color: step.state === 'done' ? 'text.secondary' : 'text.primary',
            }}
          >
            <span aria-hidden>{MARKS[step.state]}</span>
            <span>
              <span className="visually-hidden">
                {step.state === 'later' ? '' : `${say(SAID[step.state])} `}
              </span>
              {step.text}
            </span>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
