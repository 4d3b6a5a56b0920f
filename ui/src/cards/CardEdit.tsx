import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { answer, client, Refused } from '../api/client';
import type { CardPage, CardValue } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { useKept } from '../sheet/useKept';
import { Page } from '../shell/Page';
import { at, numeric, textOf, withValue, type Doc } from './document';
import { cardLists } from '../api/forms.generated';
import { RowsEditor } from './RowsEditor';
import { finished, rowsOf, withRows } from './rows';
import { choiceWords, figureText } from './labels';
import { useWords } from '../words/useWords';
import { useCard } from './useCards';
import { say } from '../words/say';

/** A text that has more letters than this does not fit a single column. */
const LONG = 24;

/** A new version of a card is entered, the one before it being kept; or a new card that begins as a copy. */
export function CardEdit({ copy = false }: { copy?: boolean }) {
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
  return <Form key={card + String(copy)} page={query.data} copy={copy} />;
}

const escaped = (pointer: string) => pointer.replaceAll('~', '~0').replaceAll('/', '~1');

function Form({ page, copy }: { page: CardPage; copy: boolean }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [kept, setKept, forget] = useKept<{ id: string; follows: string; doc: Doc }>(
    `card-${copy ? 'copy-' : ''}${page.id}`,
    () => ({
      id: uuid7(),
      follows: page.id,
      doc: copy ? { ...(page.document as Doc), id: '' } : (page.document as Doc),
    }),
  );
  const { doc } = kept;
  const setDoc = (next: Doc) => setKept({ ...kept, doc: next });
  const save = useMutation({
    mutationFn: () => {
      let made = cardLists.reduce(finished, doc);
      for (const value of page.values) {
        if (value.kind === 'number') {
          made = withValue(made, value.pointer, numeric(at(made, value.pointer)));
        }
      }
      return answer(
        client.POST('/api/cards', {
          body: {
            id: kept.id,
            version: 0,
            document: made,
            ...(copy ? { copies: kept.follows } : { follows: kept.follows }),
          },
        }),
      );
    },
    onSuccess: (next) => {
      forget();
      queries.setQueryData(['card', next.id], next);
      void queries.invalidateQueries({ queryKey: ['cards'] });
      void queries.invalidateQueries({ queryKey: ['card'] });
      void navigate(`/cards/${next.id}`);
    },
  });
  const problem = save.error instanceof Refused ? save.error.problem : null;
  const path = problem?.path?.startsWith('/document')
    ? problem.path.slice('/document'.length)
    : null;
  const newest = problem?.code === 'card-moved-on' ? problem.card : undefined;
  const groups = [...new Set(page.values.map((value) => value.group))];
  return (
    <Page title={copy ? say('screen.card-edit.new-card') : say('screen.card-edit.new-version')}>
      <Typography color="text.secondary" sx={{ mb: 2 }}>
        {say('screen.card-edit.somebody-else-checks-it', {
          copy: copy
            ? say('screen.card-edit.it-begins-as-copy')
            : say('screen.card-edit.it-follows-version', { version: page.version }),
        })}
      </Typography>
      {newest && (
        <Alert
          severity="warning"
          action={
            <Button color="inherit" onClick={() => setKept({ ...kept, follows: newest.id })}>
              {say('screen.card-edit.let-mine-follow-it')}
            </Button>
          }
        >
          {say('screen.card-edit.it-version-entered-by', {
            message: save.error?.message,
            version: newest.version,
            enteredBy: newest.versions[0]?.enteredBy,
          })}
        </Alert>
      )}
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        {copy && (
          <TextField
            id="card-id"
            label={say('screen.card-edit.id-new-card-small')}
            required
            fullWidth
            value={textOf(doc['id'])}
            onChange={(event) => setDoc({ ...doc, id: event.target.value })}
            error={path === '/id'}
            helperText={path === '/id' ? problem?.title : undefined}
            slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }}
            sx={{ mb: 2 }}
          />
        )}
        {groups.map((group) => (
          <Box
            key={group}
            component="section"
            aria-label={group}
            sx={{ mb: 2, p: 2, bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}
          >
            <Typography variant="h2" sx={{ mb: 1 }}>
              {group}
            </Typography>
            <Box
              sx={{
                display: 'grid',
                gap: 1.5,
                gridTemplateColumns: 'repeat(auto-fill, minmax(260px, 1fr))',
              }}
            >
              {page.values
                .filter((value) => value.group === group)
                .map((value) => (
                  <Value
                    key={value.pointer}
                    value={value}
                    doc={doc}
                    onChange={setDoc}
                    wrong={path === value.pointer ? problem?.title : undefined}
                  />
                ))}
            </Box>
          </Box>
        ))}
        {cardLists.map((spec) => (
          <RowsEditor
            of="card"
            key={spec.pointer}
            spec={spec}
            rows={rowsOf(doc, spec)}
            onChange={(rows) => setDoc(withRows(doc, spec, rows))}
            wrong={place(path, spec.pointer, problem?.title)}
          />
        ))}
        {save.error && !newest && (
          <Typography role="alert" color="error" sx={{ mb: 1 }}>
            {save.error.message}
          </Typography>
        )}
        <Box
          sx={{
            display: 'flex',
            gap: 1,
            position: 'sticky',
            zIndex: 2,
            bottom: 0,
            py: 1.5,
            bgcolor: 'background.default',
          }}
        >
          <Button type="submit" variant="contained" loading={save.isPending}>
            {copy
              ? say('screen.card-edit.enter-this-card')
              : say('screen.card-edit.enter-this-version')}
          </Button>
          <Button
            color="inherit"
            onClick={() => {
              forget();
              void navigate(`/cards/${page.id}`);
            }}
          >
            {say('screen.leave-it')}
          </Button>
        </Box>
      </Box>
    </Page>
  );
}

/** Which row and column of a list a refusal is about. */
function place(path: string | null, pointer: string, message: string | undefined) {
  if (path === null || message === undefined || !path.startsWith(`${pointer}/`)) {
    return null;
  }
  const [row = '', ...key] = path.slice(pointer.length + 1).split('/');
  return /^\d+$/.test(row) ? { row: Number(row), key: key.join('.'), message } : null;
}

function Value({
  value,
  doc,
  onChange,
  wrong,
}: {
  value: CardValue;
  doc: Doc;
  onChange: (doc: Doc) => void;
  wrong: string | undefined;
}) {
  const words = useWords();
  const found = at(doc, value.pointer);
  const typed = typeof found === 'object' || found === undefined ? '' : String(found);
  const own = `/values/${escaped(value.pointer)}`;
  const [open, setOpen] = useState(false);
  const others = value.others;
  return (
    <Box sx={String(value.value ?? '').length > LONG ? { gridColumn: { sm: 'span 2' } } : {}}>
      <TextField
        id={`value${value.pointer.replaceAll('/', '-')}`}
        label={`${value.label}${value.unit === '' ? '' : `, ${value.unit}`}`}
        fullWidth
        select={value.kind === 'choice'}
        required={value.required}
        type={value.kind === 'day' ? 'date' : 'text'}
        value={typed}
        onChange={(event) =>
          onChange(
            withValue(
              doc,
              value.pointer,
              event.target.value === '' ? undefined : event.target.value,
            ),
          )
        }
        error={wrong !== undefined}
        helperText={wrong}
        slotProps={{
          htmlInput: {
            inputMode: value.kind === 'number' ? 'decimal' : 'text',
            autoComplete: 'off',
          },
          ...(value.kind === 'day' ? { inputLabel: { shrink: true } } : {}),
        }}
      >
        {value.kind === 'choice' && [
          ...(value.required
            ? []
            : [
                <MenuItem key="" value="" sx={{ minHeight: 48 }}>
                  {say('screen.not-said')}
                </MenuItem>,
              ]),
          ...value.choices.map((choice) => (
            <MenuItem key={choice} value={choice} sx={{ minHeight: 48 }}>
              {choiceWords(words, value, choice)}
            </MenuItem>
          )),
        ]}
      </TextField>
      {others.map((other, i) => (
        <Box
          key={i}
          sx={{
            borderLeft: 4,
            borderColor: 'verdict.unproven',
            pl: 1,
            my: 0.5,
            fontSize: '0.9rem',
          }}
        >
          {say('screen.card-edit.gives', {
            source: other.from.source,
            kind:
              value.kind === 'choice'
                ? choiceWords(words, value, String(other.value))
                : figureText(other.value, value.unit),
          })}
          <Button
            onClick={() => onChange(chosen(doc, value, i))}
            disabled={at(doc, `/others/${escaped(value.pointer)}`) === undefined}
          >
            {say('screen.card-edit.choose-this-one')}
          </Button>
        </Box>
      ))}
      {value.group !== 'Card' && found !== undefined && (
        <Button size="small" color="inherit" onClick={() => setOpen(!open)} aria-expanded={open}>
          {at(doc, own) === undefined
            ? say('screen.card-edit.source-cards')
            : say('screen.card-edit.source-its-own')}
        </Button>
      )}
      {open && (
        <Source doc={doc} pointer={own} onChange={onChange} enteredBy={value.from.enteredBy} />
      )}
    </Box>
  );
}

/** The other source's value takes the place; what stood there stands beside it now. */
function chosen(doc: Doc, value: CardValue, index: number): Doc {
  const other = value.others[index];
  const pointer = `/others/${escaped(value.pointer)}`;
  if (other === undefined) {
    return doc;
  }
  const from = (known: CardValue['from']) => ({
    source: known.source,
    edition: known.edition,
    dated: known.dated,
    enteredBy: known.enteredBy,
    ...(known.checkedBy === null ? {} : { checkedBy: known.checkedBy }),
  });
  const rest = value.others
    .filter((_, i) => i !== index)
    .map((left) => ({ value: left.value, ...from(left.from) }));
  const before = value.value === null ? [] : [{ value: value.value, ...from(value.from) }];
  const next = withValue(
    withValue(doc, value.pointer, other.value),
    `/values/${escaped(value.pointer)}`,
    from(other.from),
  );
  return withValue(next, pointer, [...rest, ...before]);
}

function Source({
  doc,
  pointer,
  onChange,
  enteredBy,
}: {
  doc: Doc;
  pointer: string;
  onChange: (doc: Doc) => void;
  enteredBy: string;
}) {
  const field = (name: string, label: string, type = 'text') => (
    <TextField
      label={label}
      type={type}
      fullWidth
      value={textOf(at(doc, `${pointer}/${name}`))}
      onChange={(event) =>
        onChange(
          withValue(
            withValue(
              doc,
              `${pointer}/enteredBy`,
              textOf(at(doc, `${pointer}/enteredBy`)) || enteredBy,
            ),
            `${pointer}/${name}`,
            event.target.value,
          ),
        )
      }
      {...(type === 'date' ? { slotProps: { inputLabel: { shrink: true } } } : {})}
    />
  );
  return (
    <Box sx={{ display: 'grid', gap: 1, pl: 1.5, borderLeft: 4, borderColor: 'divider' }}>
      {field('source', say('screen.card-edit.source'))}
      {field('edition', say('screen.card-edit.edition'))}
      {field('dated', say('screen.card-edit.dated'), 'date')}
      <Button color="inherit" onClick={() => onChange(withValue(doc, pointer, undefined))}>
        {say('screen.card-edit.as-card')}
      </Button>
    </Box>
  );
}
