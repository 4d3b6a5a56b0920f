import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { answer, client } from '../api/client';
import { usePages } from '../api/usePages';
import type { OrderLine } from '../api/types';
import { LongList } from '../shell/LongList';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { VerdictMark } from '../shell/VerdictMark';
import { Archives } from './Archives';
import { CarPast } from './CarPast';
import { SensorPast } from './SensorPast';
import { day } from '../words/moments';
import { say } from '../words/say';

/** All that the shop has recorded, found while typing, and beside it what is known of one car or one sensor. */
export function RecordsScreen() {
  const [address, setAddress] = useSearchParams();
  const navigate = useNavigate();
  const [search, setSearch] = useState(address.get('search') ?? '');
  const list = usePages('records', search, (query) =>
    answer(client.GET('/api/repair-orders', { params: { query: { ...query, all: '1' } } })),
  );
  const orders = list.pages.flatMap((page) => page.orders);
  const [plate, vin, serial] = [address.get('plate'), address.get('vin'), address.get('serial')];
  const archives = address.get('show') === 'archives';
  const open = (to: Record<string, string>) => setAddress(to);
  return (
    <Page title={say('screen.records')} fill>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <TextField
          id="search"
          label={say('screen.records-screen.find-number-plate-vin')}
          type="search"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          sx={{ flex: 1, minWidth: 240 }}
          slotProps={{ htmlInput: { maxLength: 120 } }}
        />
        <Button
          variant={archives ? 'contained' : 'outlined'}
          aria-pressed={archives}
          onClick={() => setAddress(archives ? {} : { show: 'archives' })}
          sx={{ minHeight: 56 }}
        >
          {say('screen.archives-from-elsewhere')}
        </Button>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          flex: 1,
          minHeight: 0,
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) minmax(0, 1.15fr)' },
          gridTemplateRows: { xs: '40vh minmax(0, 1fr)', md: 'minmax(0, 1fr)' },
        }}
      >
        <Box sx={{ minHeight: 0, display: 'flex', flexDirection: 'column' }}>
          {list.query.isPending && <Skeleton variant="rectangular" height={280} />}
          {list.query.isError && (
            <TryAgain message={list.query.error.message} again={() => void list.query.refetch()} />
          )}
          <Typography color="text.secondary" sx={{ mb: 1 }} aria-live="polite">
            {list.count !== null &&
              (list.count === 0
                ? say('screen.records-screen.nothing-has-in-it', { search })
                : say('screen.records-screen.count', {
                    count: list.count,
                    more: list.pages[0]?.more === true,
                  }))}
          </Typography>
          {orders.length > 0 && (
            <LongList
              label={say('screen.records-screen.orders')}
              items={orders}
              itemKey={(order) => order.id}
              height={92}
              onEnd={list.more}
              isWhole={list.isWhole}
              render={(order) => (
                <Line
                  order={order}
                  chosen={plate !== null && plate === order.plate}
                  onOpen={() =>
                    order.plate === ''
                      ? void navigate(`/orders/${order.id}`)
                      : open({ plate: order.plate })
                  }
                />
              )}
            />
          )}
        </Box>
        <Box
          component="section"
          aria-label={say('screen.records-screen.history')}
          // Where it scrolls, the keyboard scrolls it too.
          tabIndex={0}
          sx={{
            minHeight: 0,
            overflowY: 'auto',
            borderLeft: { md: 1 },
            borderColor: { md: 'divider' },
            pl: { md: 2 },
          }}
        >
          {archives ? (
            <Archives />
          ) : serial ? (
            <SensorPast serial={serial} onCar={(of) => open({ plate: of })} />
          ) : plate || vin ? (
            <CarPast
              plate={plate}
              vin={vin}
              onSensor={(of) =>
                open({ ...(plate ? { plate } : {}), ...(vin ? { vin } : {}), serial: of })
              }
            />
          ) : (
            <Typography color="text.secondary">
              {say('screen.records-screen.tap-order-what-shop')}
            </Typography>
          )}
        </Box>
      </Box>
    </Page>
  );
}

function Line({
  order,
  chosen,
  onOpen,
}: {
  order: OrderLine;
  chosen: boolean;
  onOpen: () => void;
}) {
  // What does not hold comes first: it is what somebody looks for.
  const judged = order.tasks
    .filter((task) => task.verdict !== null)
    .sort((a, b) => Number(a.verdict === 'holds') - Number(b.verdict === 'holds'));
  return (
    <ButtonBase
      onClick={onOpen}
      aria-current={chosen}
      sx={{
        width: '100%',
        height: '100%',
        justifyContent: 'flex-start',
        textAlign: 'left',
        gap: 1.5,
        px: 1.5,
        bgcolor: 'background.paper',
        border: 1,
        borderColor: chosen ? 'primary.main' : 'divider',
        borderLeft: 6,
        borderLeftColor: chosen ? 'primary.main' : 'divider',
        overflow: 'hidden',
      }}
    >
      <Box sx={{ fontSize: '1.25rem', fontWeight: 700, width: 76, flexShrink: 0 }}>
        {order.number}
      </Box>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box sx={{ ...CLIP, fontWeight: 700 }}>{order.vehicle}</Box>
        <Box sx={{ ...CLIP, color: 'text.secondary', fontSize: '0.9rem' }}>
          {[
            order.plate,
            day(order.openedAt),
            say(order.closed ? 'screen.order-spine.closed' : 'screen.records-screen.open'),
          ]
            .filter((text) => text !== '')
            .join(' · ')}
        </Box>
      </Box>
      <Box sx={{ fontSize: '0.85rem', flexShrink: 0, maxWidth: 170 }}>
        {judged.slice(0, 3).map((task) => (
          <Box key={task.task} sx={CLIP} title={task.name}>
            {task.verdict && <VerdictMark verdict={task.verdict} size={13} />}
          </Box>
        ))}
      </Box>
    </ButtonBase>
  );
}

const CLIP = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;
