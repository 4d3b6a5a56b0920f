import Box from '@mui/material/Box';
import { say } from '../../words/say';

/** The cautions that stand where they matter. */
export function Cautions({ cautions }: { cautions: string[] }) {
  if (cautions.length === 0) {
    return null;
  }
  return (
    <Box
      component="aside"
      aria-label={say('screen.cautions')}
      sx={{ borderTop: 2, borderColor: 'verdict.out', pt: 1, mt: 2, fontSize: '0.9rem' }}
    >
      {cautions.map((caution) => (
        <Box component="p" key={caution} sx={{ my: 0.5 }}>
          {caution}
        </Box>
      ))}
    </Box>
  );
}
