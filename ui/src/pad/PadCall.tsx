import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { figures } from '../theme/theme';
import type { PresentCall } from '../workspace/presentCall';

/** A call that asks for no reading, as large as the hand holds it, with what can be done about it at the thumb. */
export function PadCall({
  call,
  sketch,
  children,
}: {
  call: PresentCall;
  /** The drawing of it, in the room that is left. */
  sketch?: ReactNode;
  children?: ReactNode;
}) {
  return (
    <Box sx={{ flex: 1, display: 'flex', flexDirection: 'column', gap: 1 }}>
      <Box sx={{ flex: sketch === undefined ? 1 : 'none' }} data-testid="pad-call">
        <Typography variant="h1" sx={{ fontSize: '1.6rem', lineHeight: 1.15, mb: 1 }}>
          {call.title}
        </Typography>
        {call.figure !== '' && (
          <Box
            sx={{
              fontFamily: figures,
              fontWeight: 700,
              lineHeight: 1.1,
              // As large as its digits fit beside each other.
              fontSize: `min(5.5rem, ${Math.floor(88 / (0.62 * Math.max(3, call.figure.length)))}vw)`,
              whiteSpace: 'nowrap',
            }}
          >
            {call.figure}
          </Box>
        )}
        <Typography sx={{ fontSize: '1.3rem', lineHeight: 1.25 }}>{call.note}</Typography>
      </Box>
      {sketch !== undefined && (
        <Box sx={{ flex: 1, minHeight: 200, position: 'relative' }}>{sketch}</Box>
      )}
      {children}
    </Box>
  );
}
