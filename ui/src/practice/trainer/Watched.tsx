import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Trainer } from '../../api/types';
import { STAGES } from '../../shell/stages';
import { clock } from '../../words/moments';
import { say } from '../../words/say';

/** Who is at which call now, with what is truly wrong beside it. */
export function Watched({ trainer }: { trainer: Trainer }) {
  return (
    <Box component="section" aria-labelledby="watched" data-testid="watched">
      <Typography variant="h2" id="watched">
        {say('screen.trainer.watched')}
      </Typography>
      {trainer.watched.length === 0 && (
        <Typography color="text.secondary">{say('screen.trainer.nobody')}</Typography>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 1,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 360px), 1fr))',
        }}
      >
        {trainer.watched.map((run) => (
          <Box
            key={run.id}
            sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', p: 1.5 }}
          >
            <Typography variant="h3">
              {say('screen.trainer.who', {
                person: run.person,
                number: run.number,
                title: run.title,
              })}
            </Typography>
            <Typography sx={{ fontSize: '1.15rem' }}>
              <b>{say(STAGES[run.stage as keyof typeof STAGES])}</b>: {run.now}
            </Typography>
            <Typography variant="body2">
              {say('screen.trainer.so-far', {
                readings: run.readings,
                minutes: run.minutes,
                help: say(`screen.help.${run.help}`),
                asked: run.asked,
                last: run.lastAt === null ? '' : clock(run.lastAt),
              })}
            </Typography>
            {run.consistent === false && (
              <Typography sx={{ color: 'verdict.out', fontWeight: 700 }}>
                {say('screen.tally.readings-disagree')}
              </Typography>
            )}
            <Typography variant="body2" color="text.secondary">
              {run.truth.length === 0
                ? say('screen.trainer.nothing-wrong')
                : say('screen.trainer.truth', { truth: run.truth.join('; ') })}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
