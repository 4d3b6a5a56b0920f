import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, type ReactNode } from 'react';
import { TopBar } from './TopBar';
import { say } from '../words/say';

/** A screen of flowing content under the top bar; a filling one is as high as the window (a wide one where the window is wide) and scrolls inside. */
export function Page({
  title,
  children,
  fill = false,
  tools,
}: {
  title: string;
  children: ReactNode;
  fill?: boolean | 'wide';
  /** Beside the title. */
  tools?: ReactNode;
}) {
  useEffect(() => {
    document.title = say('screen.page.lumbro', { title });
  }, [title]);
  return (
    <Box
      sx={{
        minHeight: '100%',
        // A phone scrolls as a page does.
        ...(fill ? { height: fill === 'wide' ? { lg: '100vh' } : { sm: '100vh' } } : {}),
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <TopBar />
      <Box
        component="main"
        sx={{
          p: { xs: 2, sm: 3 },
          maxWidth: fill === 'wide' ? 1900 : 1240,
          width: '100%',
          mx: 'auto',
          ...(fill ? { flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column' } : {}),
        }}
      >
        <Box
          sx={{
            display: 'flex',
            gap: 1,
            flexWrap: 'wrap',
            alignItems: 'center',
            mb: tools ? 1 : 2,
          }}
        >
          <Typography variant="h1">{title}</Typography>
          {tools}
        </Box>
        {children}
      </Box>
    </Box>
  );
}
