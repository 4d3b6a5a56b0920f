import Box from '@mui/material/Box';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import type { ListOf } from './LongList';

/** Of a list of any length: only the rows in sight are there, and the next page is asked for before the end is reached. */
export function ManyRows<Item>({ label, items, itemKey, height, render, onEnd }: ListOf<Item>) {
  const frame = useRef<HTMLDivElement>(null);
  // What it returns changes with every scroll; this component is not memoized over it.
  // oxlint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => frame.current,
    estimateSize: () => height,
    gap: 10,
    overscan: 6,
    getItemKey: (i) => itemKey(items[i]!),
    initialRect: { width: 1000, height: 900 },
  });
  const shown = rows.getVirtualItems();
  const last = shown.at(-1)?.index ?? 0;
  useEffect(() => {
    if (items.length > 0 && last >= items.length - 12) {
      onEnd();
    }
  }, [last, items.length, onEnd]);
  return (
    <Box
      ref={frame}
      tabIndex={0}
      aria-label={label}
      role="region"
      sx={{
        flex: 1,
        minHeight: { xs: '80vh', sm: 240 },
        height: { xs: '80vh', sm: 'auto' },
        overflowY: 'auto',
      }}
    >
      <Box
        component="ul"
        sx={{ listStyle: 'none', p: 0, m: 0, position: 'relative', height: rows.getTotalSize() }}
      >
        {shown.map((row) => (
          <Box
            component="li"
            key={row.key}
            aria-setsize={items.length}
            aria-posinset={row.index + 1}
            sx={{ position: 'absolute', top: 0, left: 0, right: 0, height }}
            style={{ transform: `translateY(${row.start}px)` }}
          >
            {render(items[row.index]!)}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
