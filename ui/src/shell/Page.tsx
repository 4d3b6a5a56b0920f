import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, type ReactNode } from 'react';
import { TopBar } from './TopBar';

/** A screen of flowing content under the top bar. */
export function Page({ title, children }: { title: string; children: ReactNode }) {
  useEffect(() => {
    document.title = `${title} · Lumbro`;
  }, [title]);
  return (
    <Box sx={{ minHeight: '100%', display: 'flex', flexDirection: 'column' }}>
      <TopBar />
      <Box component="main" sx={{ p: 3, maxWidth: 1240, width: '100%', mx: 'auto' }}>
        <Typography variant="h1" sx={{ mb: 2 }}>
          {title}
        </Typography>
        {children}
      </Box>
    </Box>
  );
}
