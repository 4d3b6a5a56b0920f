import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, type ReactNode } from 'react';
import { TopBar } from './TopBar';
import { say } from '../words/say';

/** A screen of flowing content under the top bar; a filling one is as high as the window and scrolls inside. */
export function Page({
  title,
  children,
  fill = false,
}: {
  title: string;
  children: ReactNode;
  fill?: boolean;
}) {
  useEffect(() => {
    document.title = say('screen.page.lumbro', { title });
  }, [title]);
  return (
    <Box
      sx={{
        minHeight: '100%',
        ...(fill ? { height: '100vh' } : {}),
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <TopBar />
      <Box
        component="main"
        sx={{
          p: 3,
          maxWidth: 1240,
          width: '100%',
          mx: 'auto',
          ...(fill ? { flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column' } : {}),
        }}
      >
        <Typography variant="h1" sx={{ mb: 2 }}>
          {title}
        </Typography>
        {children}
      </Box>
    </Box>
  );
}
