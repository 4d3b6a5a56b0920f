import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CardLine } from '../api/types';
import { FileLinks } from '../registers/FileLinks';
import { ImportDialog } from '../imports/ImportDialog';
import { usePerson } from '../session/usePerson';
import { LongList } from '../shell/LongList';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { PHONE } from '../shell/widths';
import { useCards } from './useCards';
import { say } from '../words/say';

/** The procedure cards: which car and sensor, from where, and whether a second person stands for them. */
export function CardList() {
  const [search, setSearch] = useState('');
  const [importing, setImporting] = useState(false);
  const person = usePerson();
  const list = useCards(search);
  const lead = person.data?.role === 'lead';
  const isPhone = useMediaQuery(PHONE, { noSsr: true });
  return (
    <Page title={say('screen.card-list.procedure-cards')} fill>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <TextField
          id="search"
          label={say('screen.card-list.find-card-car-sensor')}
          type="search"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          sx={{ flex: 1, minWidth: 240, bgcolor: 'background.paper' }}
        />
        {lead && (
          <Button variant="outlined" onClick={() => setImporting(true)} sx={{ minHeight: 56 }}>
            {say('screen.card-list.take-in-cards')}
          </Button>
        )}
        <FileLinks register="cards" mayEdit={lead} />
      </Box>
      <Typography color="text.secondary" sx={{ mb: 1.5 }} aria-live="polite">
        {list.count === null ? ' ' : say('screen.card-list.count', { count: list.count })}
      </Typography>
      {list.query.isPending && <Skeleton variant="rectangular" height={280} />}
      {list.query.isError && (
        <TryAgain message={list.query.error.message} again={() => void list.query.refetch()} />
      )}
      {list.query.data && list.cards.length === 0 && (
        <p>
          {search === ''
            ? say('screen.card-list.shop-has-no-procedure')
            : say('screen.card-list.no-card-has-in', { search })}
        </p>
      )}
      {list.cards.length > 0 && (
        <LongList
          label={say('screen.card-list.procedure-cards')}
          items={list.cards}
          itemKey={(card) => card.id}
          height={isPhone ? 148 : 92}
          onEnd={list.more}
          isWhole={list.isWhole}
          render={(card) => <Row card={card} />}
        />
      )}
      <ImportDialog
        kind="cards"
        open={importing}
        onClose={() => setImporting(false)}
        onTaken={() => void list.query.refetch()}
      />
    </Page>
  );
}

const CLIP = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;

/** On a phone two lines of a name: cards of one car begin alike. */
const TITLE = {
  overflow: 'hidden',
  display: '-webkit-box',
  WebkitBoxOrient: 'vertical',
  WebkitLineClamp: { xs: 2, sm: 1 },
} as const;

function Row({ card }: { card: CardLine }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: 'minmax(0, 1fr)',
          sm: 'minmax(0, 1fr) 150px',
          md: 'minmax(0, 1.2fr) minmax(0, 1fr) 230px',
        },
        columnGap: 2,
        alignItems: 'center',
        alignContent: 'center',
        height: '100%',
        px: 2,
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        position: 'relative',
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Box
          component={Link}
          to={`/cards/${card.id}`}
          sx={{
            ...TITLE,
            fontSize: '1.15rem',
            fontWeight: 700,
            color: 'inherit',
            textDecoration: 'none',
            '&::after': { content: '""', position: 'absolute', inset: 0 },
          }}
        >
          {card.title}
        </Box>
        <Box sx={{ ...CLIP, color: 'text.secondary' }}>
          {card.car || say('screen.card-list.no-car-named')} · {card.sensor}
        </Box>
      </Box>
      <Box sx={{ minWidth: 0, display: { xs: 'none', md: 'block' } }}>
        <Box sx={CLIP}>{card.source}</Box>
        <Box sx={{ ...CLIP, color: 'text.secondary' }}>
          {say('screen.card-list.edition-version', {
            edition: card.edition,
            dated: card.dated,
            version: card.version,
          })}
        </Box>
      </Box>
      <Box sx={{ fontSize: '0.95rem' }}>
        <Box sx={{ fontWeight: 700, color: card.checked ? 'verdict.holds' : 'verdict.unproven' }}>
          {card.checked
            ? say('screen.card-list.checked-by', { checkedBy: card.checkedBy })
            : say('screen.card-list.not-checked-no-proof')}
        </Box>
        {card.lacks > 0 && <Box>{say('screen.card-list.missing', { count: card.lacks })}</Box>}
        {card.disputed > 0 && (
          <Box>{say('screen.card-list.with-another-source', { disputed: card.disputed })}</Box>
        )}
      </Box>
    </Box>
  );
}
