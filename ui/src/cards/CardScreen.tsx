import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import type { CardPage, CardValue } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { Page } from '../shell/Page';
import { figures } from '../theme/theme';
import type { Doc } from './document';
import { cellWords, choiceWords, columnName, figureText, listWords } from './labels';
import type { FormList } from '../api/forms';
import { cardLists } from '../api/forms.generated';
import { useWords } from '../words/useWords';
import { cell, rowsOf } from './rows';
import { useCard } from './useCards';
import { say } from '../words/say';

/** A procedure card as it is read: every value with its unit and where it comes from, and what it lacks. */
export function CardScreen() {
  const { card = '' } = useParams();
  const query = useCard(card);
  if (!query.data) {
    return (
      <Page title={say('screen.procedure-card')}>
        <p role={query.isError ? 'alert' : undefined}>
          {query.error?.message ?? say('screen.opening-card')}
        </p>
      </Page>
    );
  }
  return <Open key={card} page={query.data} />;
}

function Open({ page }: { page: CardPage }) {
  const queries = useQueryClient();
  const doc = page.document as Doc;
  const words = useWords();
  const [compared, setCompared] = useState<string | null>(null);
  const check = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/cards/{card}/check', {
          params: { path: { card: page.id } },
          body: { id: uuid7(), version: page.version },
        }),
      ),
    onSuccess: (next) => {
      queries.setQueryData(['card', page.id], next);
      void queries.invalidateQueries({ queryKey: ['cards'] });
    },
  });
  const title = typeof doc['title'] === 'string' ? doc['title'] : say('screen.procedure-card');
  const known = page.values.filter((value) => value.value !== null || value.others.length > 0);
  const groups = [...new Set(known.map((value) => value.group))];
  return (
    <Page title={title}>
      <Box className="screen-only" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
        {page.mayEdit && (
          <Button component={Link} to={`/cards/${page.id}/edit`} variant="contained">
            {say('screen.card-screen.enter-new-version')}
          </Button>
        )}
        {page.mayEdit && (
          <Button component={Link} to={`/cards/${page.id}/copy`} variant="outlined">
            {say('screen.card-screen.copy-new-card')}
          </Button>
        )}
        {page.mayCheck &&
          (page.page === null ? (
            <Button variant="contained" onClick={() => check.mutate()} loading={check.isPending}>
              {say('screen.card-screen.i-have-checked-it')}
            </Button>
          ) : (
            <Button component={Link} to={`/cards/${page.id}/check`} variant="contained">
              {say('screen.card-screen.check-beside-page')}
            </Button>
          ))}
        <Button variant="outlined" component="a" href={`/api/cards/${page.id}/export`} download>
          {say('screen.export-as-json')}
        </Button>
        <Button variant="outlined" onClick={() => window.print()}>
          {say('screen.print')}
        </Button>
      </Box>
      {page.unsaid.length > 0 && (
        <Alert severity="warning">
          {say('screen.card-screen.unsaid', { count: page.unsaid.length })}
        </Alert>
      )}
      {check.error && <Alert severity="error">{check.error.message}</Alert>}
      {!page.newest && (
        <Alert severity="warning">{say('screen.card-screen.this-version-superseded-it')}</Alert>
      )}
      {!page.checked && (
        <Alert severity="warning" data-testid="unchecked">
          {say('screen.card-screen.not-checked-by-second')}
        </Alert>
      )}
      {page.missing.length > 0 && (
        <Alert severity="info" sx={{ mt: 1 }}>
          {page.missing.map((value) => (
            <div key={value.pointer}>
              <b>{value.label}</b> {say('screen.card-screen.missing', { missing: value.missing })}
            </div>
          ))}
        </Alert>
      )}
      <Box sx={{ mt: 2, columnCount: { xs: 1, lg: 2 }, columnGap: 2, '& > *': { mb: 2 } }}>
        {groups.map((group) => (
          <Part key={group} title={group}>
            {known
              .filter((value) => value.group === group)
              .map((value) => (
                <Value key={value.pointer} value={value} />
              ))}
          </Part>
        ))}
        {cardLists.map((spec) => {
          const rows = rowsOf(doc, spec);
          return rows.length === 0 ? null : (
            <Part key={spec.pointer} title={listWords(words, 'card', spec).title}>
              <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
                {rows.map((row, i) => (
                  <Row key={i} row={row} spec={spec} />
                ))}
              </Box>
            </Part>
          );
        })}
        <Part title={say('screen.card-screen.versions')}>
          {page.versions.map((version) => (
            <Box
              key={version.id}
              sx={{
                display: 'flex',
                gap: 1,
                alignItems: 'center',
                borderBottom: 1,
                borderColor: 'divider',
                minHeight: 48,
              }}
            >
              <Box sx={{ flex: 1 }}>
                <b>{say('screen.card-screen.version', { version: version.version })}</b>
                {say('screen.card-screen.edition', {
                  edition: version.edition,
                  dated: version.dated,
                })}
                <Box sx={{ fontSize: '0.85rem', color: 'text.secondary' }}>
                  {say('screen.card-screen.entered-by', {
                    enteredBy: version.enteredBy,
                    checkedBy: version.checkedBy
                      ? say('screen.checked-by', { checkedBy: version.checkedBy })
                      : say('screen.not-checked'),
                  })}
                </Box>
              </Box>
              {version.id !== page.id && (
                <>
                  <Button component={Link} to={`/cards/${version.id}`} color="inherit">
                    {say('screen.card-screen.open')}
                  </Button>
                  <Button
                    variant="outlined"
                    onClick={() => setCompared(version.id)}
                    aria-pressed={compared === version.id}
                  >
                    {say('screen.card-screen.compare')}
                  </Button>
                </>
              )}
            </Box>
          ))}
          {compared && <Differences from={compared} to={page} />}
        </Part>
      </Box>
    </Page>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        p: 2,
        breakInside: 'avoid',
        minWidth: 0,
      }}
    >
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

/** A row of a list: its sentence first, what belongs to it smaller; without a sentence, all alike. */
function Row({ row, spec }: { row: Doc; spec: FormList }) {
  const words = useWords();
  const cells = spec.columns
    .map((column) => ({ column, text: cellWords(words, column, cell(row, column.key)) }))
    .filter(({ text }) => text !== '');
  const main =
    cells.find(({ column }) => column.wide) ?? cells.find(({ column }) => column.kind !== 'number');
  const others = cells
    .filter((known) => known !== main)
    .map(({ column, text }) => `${columnName(words, 'card', spec, column).toLowerCase()} ${text}`)
    .join(' · ');
  return (
    <Box
      component="li"
      sx={{ borderBottom: 1, borderColor: 'divider', py: 0.75, overflowWrap: 'anywhere' }}
    >
      {main?.text ?? others}
      {main && <Box sx={{ fontSize: '0.85rem', color: 'text.secondary' }}>{others}</Box>}
    </Box>
  );
}

function Value({ value }: { value: CardValue }) {
  const words = useWords();
  const shown = (figure: string | number) =>
    value.kind === 'choice'
      ? choiceWords(words, value, String(figure))
      : figureText(figure, value.unit);
  return (
    <Box sx={{ borderBottom: 1, borderColor: 'divider', py: 0.75 }}>
      <Box
        sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'baseline' }}
      >
        <span>{value.label}</span>
        <Box
          component="span"
          sx={{
            fontWeight: 700,
            fontFamily: value.kind === 'number' ? figures : undefined,
            textAlign: 'right',
            overflowWrap: 'anywhere',
          }}
        >
          {value.value === null ? say('screen.card-screen.no-value') : shown(value.value)}
        </Box>
      </Box>
      {value.own && <From from={value.from} />}
      {value.others.map((other, i) => (
        <Box
          key={i}
          data-testid="dispute"
          sx={{ mt: 0.5, pl: 1.5, borderLeft: 4, borderColor: 'verdict.unproven' }}
        >
          {say('screen.card-screen.another-source-gives')} <b>{shown(other.value)}</b>
          {say('screen.card-screen.it-stands-beside-it')}
          <From from={other.from} />
        </Box>
      ))}
    </Box>
  );
}

function From({ from }: { from: CardValue['from'] }) {
  return (
    <Box sx={{ fontSize: '0.85rem', color: 'text.secondary' }}>
      {say('screen.card-screen.edition-entered-by', {
        source: from.source ?? say('screen.card-screen.source-not-said'),
        edition: from.edition ?? '–',
        dated: from.dated ?? '–',
        enteredBy: from.enteredBy,
        checkedBy: from.checkedBy
          ? say('screen.card-screen.checked-by', { checkedBy: from.checkedBy })
          : say('screen.card-screen.not-checked'),
      })}
    </Box>
  );
}

function Differences({ from, to }: { from: string; to: CardPage }) {
  const query = useQuery({
    queryKey: ['differences', from, to.id],
    queryFn: () =>
      answer(
        client.GET('/api/cards/{card}/differences/{other}', {
          params: { path: { card: from, other: to.id } },
        }),
      ),
  });
  const other = to.versions.find((version) => version.id === from);
  if (!query.data) {
    return (
      <p role={query.isError ? 'alert' : undefined}>
        {query.error?.message ?? say('screen.card-screen.comparing')}
      </p>
    );
  }
  return (
    <Box data-testid="differences" sx={{ mt: 1.5 }}>
      <Typography variant="h3">
        {say('screen.card-screen.version-version', {
          from: other?.version,
          to: to.version,
        })}
      </Typography>
      {query.data.differences.length === 0 && (
        <Typography>{say('screen.card-screen.they-say-same')}</Typography>
      )}
      {query.data.differences.map((difference, i) => (
        <Box
          key={i}
          sx={{
            borderBottom: 1,
            borderColor: 'divider',
            py: 0.75,
            whiteSpace: 'pre-line',
            overflowWrap: 'anywhere',
          }}
        >
          <b>{difference.label}</b>
          <Box>
            <s>{difference.before ?? say('screen.card-screen.nothing')}</s> →{' '}
            {difference.after ?? say('screen.card-screen.nothing')} {difference.unit}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
