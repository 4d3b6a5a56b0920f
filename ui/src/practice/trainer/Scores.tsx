import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Trainer } from '../../api/types';
import { day } from '../../words/moments';
import { say } from '../../words/say';

const TABLE = {
  borderCollapse: 'collapse',
  width: '100%',
  bgcolor: 'background.paper',
  '& td, & th': { p: 1, textAlign: 'left', borderBottom: 1, borderColor: 'divider' },
} as const;

/** What came of exercises, newest first. */
export function Scores({ trainer }: { trainer: Trainer }) {
  return (
    <Box component="section" aria-labelledby="scores" sx={{ minWidth: 0 }} data-testid="all-scores">
      <Typography variant="h2" id="scores">
        {say('screen.trainer.scores')}
      </Typography>
      {trainer.scores.length === 0 ? (
        <Typography color="text.secondary">{say('screen.trainer.no-scores')}</Typography>
      ) : (
        <Box
          sx={{ overflow: 'auto', maxHeight: 420 }}
          role="group"
          tabIndex={0}
          aria-labelledby="scores"
        >
          <Box component="table" sx={TABLE}>
            <thead>
              <tr>
                <th scope="col">{say('screen.trainer.when')}</th>
                <th scope="col">{say('screen.trainer.person')}</th>
                <th scope="col">{say('screen.trainer.exercise')}</th>
                <th scope="col">{say('screen.practice.method')}</th>
                <th scope="col">{say('screen.practice.result')}</th>
                <th scope="col">{say('screen.trainer.minutes')}</th>
              </tr>
            </thead>
            <tbody>
              {trainer.scores.map((score) => (
                <tr key={score.id}>
                  <td>{day(score.at)}</td>
                  <td>{score.person}</td>
                  <td>
                    <Box
                      component={Link}
                      to={`/practice/runs/${score.id}`}
                      sx={{
                        color: 'primary.main',
                        display: 'inline-flex',
                        alignItems: 'center',
                        minHeight: 48,
                        minWidth: 48,
                      }}
                    >
                      {score.number} {score.title}
                    </Box>{' '}
                    · {say(`screen.help.${score.help}`)}
                  </td>
                  <td>{score.method}</td>
                  <td>{score.result}</td>
                  <td>{score.minutes}</td>
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
      )}
    </Box>
  );
}
