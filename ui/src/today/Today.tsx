import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { ImportDialog } from '../imports/ImportDialog';
import { usePerson } from '../session/usePerson';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { LongList } from '../shell/LongList';
import { OrderRow } from './OrderRow';
import { useOrders } from './useOrders';

/** The repair orders in the shop and what each waits for, those with something to capture before refit first. */
export function Today() {
  const person = usePerson();
  const [search, setSearch] = useState('');
  const [importing, setImporting] = useState(false);
  const list = useOrders(search);
  const { orders, count } = list;
  return (
    <Page title="Today" fill>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
        <TextField
          id="search"
          label="Find an order: number, plate, car"
          type="search"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          sx={{ flex: 1, minWidth: 240, bgcolor: 'background.paper' }}
        />
        <Button component={Link} to="/orders/new" variant="contained" sx={{ minHeight: 56 }}>
          New repair order
        </Button>
        <Button variant="outlined" onClick={() => setImporting(true)} sx={{ minHeight: 56 }}>
          Take in estimates
        </Button>
      </Box>
      {person.data && (
        <Typography color="text.secondary" sx={{ mb: 1.5 }} aria-live="polite">
          {person.data.shop}
          {count !== null &&
            ` · ${list.hasMore ? 'more than ' : ''}${count.toLocaleString('en-US')} ${search === '' ? 'open' : 'found'}`}
        </Typography>
      )}
      {list.query.isPending && <Skeleton variant="rectangular" height={280} />}
      {list.query.isError && (
        <TryAgain message={list.query.error.message} again={() => void list.query.refetch()} />
      )}
      {list.query.data && orders.length === 0 && (
        <p>
          {search === ''
            ? 'No repair order is in the shop. One that comes in stands here with what it waits for.'
            : `No order has “${search}” in its number, plate or car.`}
        </p>
      )}
      {orders.length > 0 && (
        <LongList
          label="Repair orders"
          items={orders}
          itemKey={(order) => order.id}
          height={112}
          onEnd={list.more}
          render={(order) => <OrderRow order={order} />}
        />
      )}
      <ImportDialog
        kind="estimates"
        open={importing}
        onClose={() => setImporting(false)}
        onTaken={() => void list.query.refetch()}
      />
    </Page>
  );
}
