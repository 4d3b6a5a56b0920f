import Box from '@mui/material/Box';
import { Suspense, useSyncExternalStore } from 'react';
import { underway } from '../api/underway';
import { lazyPart } from '../loading/lazyPart';

const UnderwayItem = lazyPart(async () => (await import('./UnderwayItem')).UnderwayItem);

/** Above everything but what asks a question. */
const ABOVE = 1_200;

/** What is being done elsewhere for this person: how far it is, and that it may be called off. */
export function UnderwayTray() {
  const items = useSyncExternalStore(underway.subscribe, underway.items);
  return (
    <Box
      role="status"
      sx={{
        position: 'fixed',
        left: 16,
        bottom: 16,
        zIndex: ABOVE,
        width: 'min(420px, calc(100vw - 32px))',
        displayPrint: 'none',
      }}
    >
      <Suspense fallback={null}>
        {items.map((item) => (
          <UnderwayItem key={item.chore.id} item={item} />
        ))}
      </Suspense>
    </Box>
  );
}
