import Box from '@mui/material/Box';
import { Suspense, type ReactNode } from 'react';
import { lazyPart } from '../loading/lazyPart';

const ManyRows = lazyPart(async () => (await import('./ManyRows')).ManyRows) as <Item>(
  props: ListOf<Item>,
) => ReactNode;

/** More than this are not all put on the page. */
const FEW = 40;
const GAP = 10;

export interface ListOf<Item> {
  label: string;
  items: Item[];
  itemKey: (item: Item) => string;
  /** of a row, px */
  height: number;
  render: (item: Item) => ReactNode;
  /** The end of what is known is in sight. */
  onEnd: () => void;
  /** Whether there are no more of them than are known. */
  isWhole: boolean;
}

/** A list of any length: a short one as it is, of a long one the rows in sight. */
export function LongList<Item>(props: ListOf<Item>) {
  const { label, items, itemKey, height, render, isWhole } = props;
  return isWhole && items.length <= FEW ? (
    <Box
      tabIndex={0}
      aria-label={label}
      role="region"
      sx={{ flex: { sm: 1 }, minHeight: { sm: 240 }, overflowY: { sm: 'auto' } }}
    >
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gridTemplateColumns: 'minmax(0, 1fr)',
          gap: `${GAP}px`,
        }}
      >
        {items.map((item) => (
          <li key={itemKey(item)} style={{ height }}>
            {render(item)}
          </li>
        ))}
      </Box>
    </Box>
  ) : (
    <Suspense fallback={null}>
      <ManyRows {...props} />
    </Suspense>
  );
}
