import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Cause } from '../../api/types';
import { chance } from '../../words/length';
import { say } from '../../words/say';

const LEAST = 0.01;

/** The causes as likely as this record makes them, and what was found of those looked into. */
export function CauseList({ causes }: { causes: Cause[] }) {
  return (
    <Box component="section" aria-label={say('screen.cause-list.causes')} sx={{ mb: 2 }}>
      <Typography variant="h3" component="h2">
        {say('screen.cause-list.by-this-cars-own')}
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }} data-testid="causes">
        {causes
          .filter((cause) => cause.chance >= LEAST || cause.found !== null)
          .map((cause) => (
            <Box
              component="li"
              key={cause.id}
              sx={{ py: 0.75, borderBottom: 1, borderColor: 'divider' }}
            >
              <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
                <span>{cause.title}</span>
                <Box component="span" sx={{ whiteSpace: 'nowrap', fontWeight: 700 }}>
                  {cause.found === null
                    ? chance(cause.chance)
                    : cause.found
                      ? say('screen.found')
                      : say('screen.cause-list.not-found')}
                </Box>
              </Box>
              <Box
                aria-hidden
                sx={{
                  height: 4,
                  width: `${Math.max(1, cause.chance * 100)}%`,
                  bgcolor: cause.found === false ? 'divider' : 'primary.main',
                }}
              />
            </Box>
          ))}
      </Box>
    </Box>
  );
}
