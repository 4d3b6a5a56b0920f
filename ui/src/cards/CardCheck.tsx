import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { answer, client } from '../api/client';
import type { CardPage } from '../api/types';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';
import { Opening } from '../shell/Opening';
import { Page } from '../shell/Page';
import { figures } from '../theme/theme';
import { useWords } from '../words/useWords';
import { say } from '../words/say';
import { choiceWords, figureText } from './labels';
import { MakerPages } from './MakerPages';
import { useCard } from './useCards';

/** A second person looks at each value beside its place on the maker's page, one after the other. */
export function CardCheck() {
  const { card = '' } = useParams();
  const query = useCard(card);
  if (!query.data) {
    return <Opening query={query} what={say('screen.procedure-card')} />;
  }
  return <Look key={card} card={query.data} />;
}

function Look({ card }: { card: CardPage }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const words = useWords();
  const hash = card.page?.hash ?? '';
  const page = useQuery({
    queryKey: ['card-page', hash],
    queryFn: () => answer(client.GET('/api/card-pages/{hash}', { params: { path: { hash } } })),
    enabled: hash !== '',
    staleTime: Infinity,
  });
  const [zoom, setZoom] = useState(1.5);
  const [seen, setSeen] = useState<string[]>([]);
  const tied = card.values.filter((value) => value.from.at !== null && value.own);
  const now = tied.find((value) => !seen.includes(value.pointer));
  const check = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/cards/{card}/check', {
          params: { path: { card: card.id } },
          body: { id: uuid7(), version: card.version, values: seen },
        }),
      ),
    onSuccess: (next) => {
      queries.setQueryData(['card', card.id], next);
      void queries.invalidateQueries({ queryKey: ['cards'] });
      void queries.invalidateQueries({ queryKey: ['order'] });
      void navigate(`/cards/${card.id}`);
    },
  });
  return (
    <Page title={say('screen.card-check.title')} fill>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 380px' },
          gridTemplateRows: { md: '1fr' },
          '& > :first-of-type': { minHeight: { xs: '50vh', md: 0 } },
        }}
      >
        {page.data ? (
          <MakerPages
            shown={page.data}
            zoom={zoom}
            onZoom={setZoom}
            marks={tied.flatMap((value, i) =>
              value.from.at === null
                ? []
                : [{ ...value.from.at, label: String(i + 1), on: value.pointer === now?.pointer }],
            )}
          />
        ) : (
          <Typography role={page.isError ? 'alert' : undefined}>
            {page.error?.message ?? ''}
          </Typography>
        )}
        <Box component="section" aria-label={say('screen.card-check.value')}>
          <Typography color="text.secondary">
            {say('screen.card-check.count', { done: seen.length, all: tied.length })}
          </Typography>
          {now ? (
            <>
              <Typography variant="h2" sx={{ mt: 1 }}>
                {now.group}: {now.label}
              </Typography>
              <Box
                data-testid="checked-value"
                sx={{ fontFamily: figures, fontWeight: 700, fontSize: '3.2rem', my: 1 }}
              >
                {now.value === null
                  ? ''
                  : now.kind === 'choice'
                    ? choiceWords(words, now, String(now.value))
                    : figureText(now.value, now.unit)}
              </Box>
              <Button
                variant="contained"
                fullWidth
                sx={{ minHeight: 64, mb: 1 }}
                onClick={() => setSeen([...seen, now.pointer])}
              >
                {say('screen.card-check.right')}
              </Button>
              <Button
                variant="outlined"
                fullWidth
                sx={{ minHeight: 56 }}
                onClick={() => void navigate(`/cards/${card.id}/edit`)}
              >
                {say('screen.card-check.wrong')}
              </Button>
            </>
          ) : (
            <>
              <Typography sx={{ my: 2 }}>{say('screen.card-check.all-seen')}</Typography>
              <Button
                variant="contained"
                fullWidth
                sx={{ minHeight: 64 }}
                loading={check.isPending}
                onClick={() => check.mutate()}
              >
                {say('screen.card-screen.i-have-checked-it')}
              </Button>
            </>
          )}
          {seen.length > 0 && (
            <Button color="inherit" sx={{ mt: 1 }} onClick={() => setSeen(seen.slice(0, -1))}>
              {say('screen.back')}
            </Button>
          )}
          {check.error && (
            <Typography role="alert" color="error" sx={{ mt: 1 }}>
              {check.error.message}
            </Typography>
          )}
        </Box>
      </Box>
    </Page>
  );
}
