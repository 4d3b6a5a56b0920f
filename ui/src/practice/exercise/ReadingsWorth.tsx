import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Reckoning } from '../../api/types';
import { say } from '../../words/say';

const ORDER = ['carries', 'nothing', 'struck', 'replaced', 'moved'] as const;

/** What carried the set-up, what was read for nothing, and what was taken on somebody's word. */
export function ReadingsWorth({
  readings,
  words,
}: {
  readings: Reckoning['readings'];
  words: Reckoning['words'];
}) {
  return (
    <Box data-testid="worth">
      {words.map((word) => (
        <Typography
          key={word.question}
          sx={{ color: word.believed ? 'verdict.out' : 'verdict.holds', fontWeight: 700 }}
        >
          {say(word.believed ? 'screen.reckoning.word-believed' : 'screen.reckoning.word-looked', {
            who: word.who,
            question: word.question,
          })}
        </Typography>
      ))}
      {readings.length === 0 && <Typography>{say('screen.reckoning.no-readings')}</Typography>}
      {ORDER.map((worth) => {
        const some = readings.filter((reading) => reading.worth === worth);
        return some.length === 0 ? null : (
          <Box key={worth} sx={{ mt: 1 }}>
            <Typography sx={{ fontWeight: 700 }}>
              {say(`screen.reckoning.worth.${worth}`, { count: some.length })}
            </Typography>
            <Typography variant="body2" color="text.secondary">
              {some.map((reading) => `${reading.title}: ${reading.typed}`).join(' · ')}
            </Typography>
          </Box>
        );
      })}
    </Box>
  );
}
