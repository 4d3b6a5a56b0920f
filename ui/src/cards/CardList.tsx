import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CardLine } from '../api/types';
import { ImportDialog } from '../imports/ImportDialog';
import { usePerson } from '../session/usePerson';
import { LongList } from '../shell/LongList';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { useCards } from './useCards';

/** The procedure cards: which car and sensor, from where, and whether a second person stands for them. */
export function CardList() {
  const [search, setSearch] = useState('');
  const [importing, setImporting] = useState(false);
  const person = usePerson();
  const list = useCards(search);
  const lead = person.data?.role === 'lead';
  return (
    <Page title="Procedure cards" fill>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <TextField
          id="search"
          label="Find a card: car, sensor, source, target"
          type="search"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          sx={{ flex: 1, minWidth: 240, bgcolor: 'background.paper' }}
        />
        {lead && (
          <Button variant="outlined" onClick={() => setImporting(true)} sx={{ minHeight: 56 }}>
            Take in cards
          </Button>
        )}
      </Box>
      <Typography color="text.secondary" sx={{ mb: 1.5 }} aria-live="polite">
        {list.count === null
          ? ' '
          : `${list.count.toLocaleString('en-US')} ${list.count === 1 ? 'card' : 'cards'}`}
      </Typography>
      {list.query.isPending && <Skeleton variant="rectangular" height={280} />}
      {list.query.isError && (
        <TryAgain message={list.query.error.message} again={() => void list.query.refetch()} />
      )}
      {list.query.data && list.cards.length === 0 && (
        <p>
          {search === '' ? 'The shop has no procedure card yet.' : `No card has “${search}” in it.`}
        </p>
      )}
      {list.cards.length > 0 && (
        <LongList
          label="Procedure cards"
          items={list.cards}
          itemKey={(card) => card.id}
          height={92}
          onEnd={list.more}
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

function Row({ card }: { card: CardLine }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: 'minmax(0, 1fr) 150px',
          md: 'minmax(0, 1.2fr) minmax(0, 1fr) 230px',
        },
        gap: 2,
        alignItems: 'center',
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
            ...CLIP,
            display: 'block',
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
          {card.car || 'no car named'} · {card.sensor}
        </Box>
      </Box>
      <Box sx={{ minWidth: 0, display: { xs: 'none', md: 'block' } }}>
        <Box sx={CLIP}>{card.source}</Box>
        <Box sx={{ ...CLIP, color: 'text.secondary' }}>
          edition {card.edition}, {card.dated}, version {card.version}
        </Box>
      </Box>
      <Box sx={{ fontSize: '0.95rem' }}>
        <Box sx={{ fontWeight: 700, color: card.checked ? 'verdict.holds' : 'verdict.unproven' }}>
          {card.checked ? `Checked by ${card.checkedBy}` : 'Not checked: no proof with it'}
        </Box>
        {card.lacks > 0 && (
          <Box>
            {card.lacks} {card.lacks === 1 ? 'value' : 'values'} missing
          </Box>
        )}
        {card.disputed > 0 && <Box>{card.disputed} with another source</Box>}
      </Box>
    </Box>
  );
}
