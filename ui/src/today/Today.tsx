import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import FormControl from '@mui/material/FormControl';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput from '@mui/material/OutlinedInput';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import { StripPlace } from '../day/StripPlace';
import type { Told } from '../day/TodayStrip';
import { useMay, usePerson } from '../session/usePerson';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { LongList } from '../shell/LongList';
import { NARROW } from '../shell/widths';
import { OrderRow } from './OrderRow';
import { useOrders } from './useOrders';
import { searchedBefore } from '../loading/before';
import { say } from '../words/say';
import { lazyPart } from '../loading/lazyPart';

const TodayStrip = lazyPart(async () => (await import('../day/TodayStrip')).TodayStrip);

const Unsent = lazyPart(async () => (await import('./Unsent')).Unsent);

const SeeToIt = lazyPart(async () => (await import('../installation/SeeToIt')).SeeToIt);

const ImportDialog = lazyPart(async () => (await import('../imports/ImportDialog')).ImportDialog);

/** The repair orders in the shop and what each waits for, those with something to capture before refit first. */
export function Today() {
  const person = usePerson();
  const may = useMay();
  const [search, setSearch] = useState(searchedBefore);
  const [told, setTold] = useState<Told>({ times: new Map(), now: undefined });
  const [importing, setImporting] = useState(false);
  const isNarrow = useMediaQuery(NARROW, { noSsr: true });
  const list = useOrders(search);
  const { orders, count } = list;
  return (
    <Page title={say('screen.today')} fill>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
        <FormControl sx={{ flex: 1, minWidth: 240, bgcolor: 'background.paper' }}>
          <InputLabel htmlFor="search">{say('screen.today.find-order-number-plate')}</InputLabel>
          <OutlinedInput
            id="search"
            label={say('screen.today.find-order-number-plate')}
            type="search"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </FormControl>
        <Button component={Link} to="/orders/new" variant="contained" sx={{ minHeight: 56 }}>
          {say('screen.new-repair-order')}
        </Button>
        <Button variant="outlined" onClick={() => setImporting(true)} sx={{ minHeight: 56 }}>
          {say('screen.take-in-estimates')}
        </Button>
      </Box>
      <Suspense fallback={null}>
        {person.data && <Unsent person={person.data.email} orders={orders} />}
      </Suspense>
      {person.data && (
        <Typography color="text.secondary" sx={{ mb: 1.5 }} aria-live="polite">
          {person.data.shop}
          {count !== null &&
            ` · ${say(search === '' ? 'screen.today.open' : 'screen.today.found', { count, more: list.hasMore })}`}
        </Typography>
      )}
      {may('people') && (
        <Suspense fallback={null}>
          <SeeToIt />
        </Suspense>
      )}
      {search === '' && (
        <Suspense fallback={<StripPlace />}>
          <TodayStrip onTold={setTold} />
        </Suspense>
      )}
      {list.query.isPending && <Skeleton variant="rectangular" height={280} />}
      {list.query.isError && (
        <TryAgain message={list.query.error.message} again={() => void list.query.refetch()} />
      )}
      {list.query.data && orders.length === 0 && (
        <p>
          {search === ''
            ? say('screen.today.no-repair-order-in')
            : say('screen.today.no-order-has-in', { search })}
        </p>
      )}
      {orders.length > 0 && (
        <LongList
          label={say('screen.today.repair-orders')}
          items={orders}
          itemKey={(order) => order.id}
          height={isNarrow ? 132 : 88}
          onEnd={list.more}
          isWhole={list.isWhole}
          render={(order) => (
            <OrderRow
              order={order}
              begins={told.times.get(order.id) ?? null}
              now={told.now ?? list.now}
              link={Link}
            />
          )}
        />
      )}
      {importing && (
        <Suspense fallback={null}>
          <ImportDialog
            kind="estimates"
            open={importing}
            onClose={() => setImporting(false)}
            onTaken={() => void list.query.refetch()}
          />
        </Suspense>
      )}
    </Page>
  );
}
