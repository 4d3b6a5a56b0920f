import Box from '@mui/material/Box';
import type { Workspace } from '../../api/types';
import { clock } from '../../words/moments';

/** What happened from the run on, line by line. */
export function Events({ state }: { state: Workspace }) {
  return (
    <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }} data-testid="events">
      {state.run.events.map((event, i) => (
        <Box component="li" key={i} sx={{ py: 0.25 }}>
          {clock(event.at)} {event.person}: {event.says}
        </Box>
      ))}
    </Box>
  );
}
