import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Reckoning } from '../../api/types';
import { expectedReading, type LengthDisplay } from '../../words/length';
import { say } from '../../words/say';

/** What was wrong, whether it was named, and what would have shown it. */
export function FaultList({
  reckoning,
  display,
}: {
  reckoning: Reckoning;
  display: LengthDisplay;
}) {
  return (
    <Box component="section" data-testid="faults">
      <Typography variant="h2">{say('screen.reckoning.what-was-wrong')}</Typography>
      {reckoning.faults.length === 0 && (
        <Typography>{say('screen.reckoning.nothing-was-wrong')}</Typography>
      )}
      {reckoning.faults.map((fault) => (
        <Box
          key={`${fault.kind} ${fault.at ?? ''}`}
          data-testid={`fault-${fault.kind}`}
          sx={{
            bgcolor: 'background.paper',
            border: 1,
            borderColor: 'divider',
            borderLeft: 8,
            borderLeftColor: fault.named ? 'verdict.holds' : 'verdict.out',
            p: 1.5,
            mb: 1,
          }}
        >
          <Typography variant="h3">{fault.says}</Typography>
          {fault.at !== null && <Typography variant="body2">{fault.at}</Typography>}
          <Typography variant="body2" sx={{ fontWeight: 700 }}>
            {fault.named
              ? say('screen.reckoning.named')
              : fault.showable
                ? say('screen.reckoning.not-named')
                : say('screen.reckoning.could-not-show')}
          </Typography>
          {!fault.named && fault.told && (
            <Typography variant="body2">{say('screen.reckoning.your-readings-told')}</Typography>
          )}
          {fault.look !== null && <Typography variant="body2">{fault.look}</Typography>}
          {fault.wouldShow.map((one) => (
            <Typography variant="body2" key={one.call}>
              {say('screen.reckoning.would-have-shown', {
                call: one.says,
                foretold: expectedReading(one.foretold, one.reads, display),
                would: expectedReading(one.would, one.reads, display),
                times: Math.round(one.times),
              })}
            </Typography>
          ))}
        </Box>
      ))}
      {reckoning.wronglyNamed.map((said) => (
        <Typography key={said} sx={{ color: 'verdict.out', mb: 0.5 }}>
          {say('screen.reckoning.wrongly-named', { said })}
        </Typography>
      ))}
    </Box>
  );
}
