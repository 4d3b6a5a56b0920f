import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';

/** A line of a list of questions: what is asked at the left, what was said at the right; pressed, it is asked again. */
export function AnswerRow({
  present,
  onAsk,
  children,
}: {
  /** Whether it is the one being asked. */
  present: boolean;
  onAsk: () => void;
  children: ReactNode;
}) {
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: 'divider' }}>
      <ButtonBase
        onClick={onAsk}
        sx={{
          width: '100%',
          minHeight: 48,
          py: 0.75,
          px: 1,
          gap: 1,
          justifyContent: 'space-between',
          textAlign: 'left',
          fontWeight: present ? 700 : 400,
        }}
      >
        {children}
      </ButtonBase>
    </Box>
  );
}
