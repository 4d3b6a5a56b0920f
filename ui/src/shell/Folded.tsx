import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useState, type ReactNode } from 'react';
import { say } from '../words/say';
import { PHONE } from './widths';

/** On a phone the plumb line is one row that says where the work stands, and opens; elsewhere it hangs as it is. */
export function Folded({
  mark,
  title,
  note,
  children,
}: {
  mark: ReactNode;
  title: string;
  note: string;
  children: (shut: () => void) => ReactNode;
}) {
  const [isOpen, setIsOpen] = useState(false);
  const isPhone = useMediaQuery(PHONE, { noSsr: true });
  if (!isPhone) {
    return children(() => undefined);
  }
  return (
    <>
      <ButtonBase
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
        sx={{
          width: '100%',
          minHeight: 56,
          px: 2,
          gap: 1.25,
          justifyContent: 'flex-start',
          textAlign: 'left',
          borderBottom: 1,
          borderColor: 'divider',
          bgcolor: 'background.paper',
        }}
      >
        {mark}
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Box sx={{ fontWeight: 800, fontSize: '1.1rem' }}>{title}</Box>
          {note !== '' && <Box sx={{ fontSize: '0.8rem', color: 'text.secondary' }}>{note}</Box>}
        </Box>
        <Box sx={{ fontWeight: 700 }}>
          {isOpen ? say('screen.folded.shut') : say('screen.folded.all')}
        </Box>
      </ButtonBase>
      {isOpen && children(() => setIsOpen(false))}
    </>
  );
}
