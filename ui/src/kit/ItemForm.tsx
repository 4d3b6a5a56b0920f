import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { answer, client, Refused } from '../api/client';
import type { KitItem } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { numeric, textOf, withValue, type Doc } from '../cards/document';
import { choiceWords, withUnit } from '../cards/labels';
import { RowsEditor } from '../cards/RowsEditor';
import { finished, rowsOf, withRows } from '../cards/rows';
import { useKept } from '../sheet/useKept';
import { useWords } from '../words/useWords';
import { kitForms } from '../api/forms.generated';
import { say } from '../words/say';

export type Sort = keyof typeof kitForms;

/** An item of the kit is entered or changed. */
export function ItemForm({
  item,
  sort,
  onClose,
}: {
  item: KitItem | null;
  sort: Sort;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const [kept, setKept, forget] = useKept<{ id: string; version: number; doc: Doc }>(
    `kit-${item?.id ?? sort}`,
    () => ({
      id: item?.id ?? uuid7(),
      version: item?.version ?? 0,
      doc:
        item === null
          ? { sort, ...(sort === 'target' ? { heights: { centre: 0 } } : {}) }
          : (item.document as Doc),
    }),
  );
  const words = useWords();
  const form = kitForms[sort];
  const frame = useRef<HTMLFormElement>(null);
  useEffect(() => {
    // It opens above the list, out of sight of whoever pressed a button further down.
    frame.current?.scrollIntoView?.({ block: 'start' });
    frame.current?.querySelector('input')?.focus({ preventScroll: true });
  }, []);
  const { doc } = kept;
  const set = (next: Doc) => setKept({ ...kept, doc: next });
  const save = useMutation({
    mutationFn: (retired: boolean) => {
      let made = form.lists.reduce(finished, doc);
      for (const field of form.values) {
        if (field.kind === 'number') {
          made = withValue(made, `/${field.key}`, numeric(made[field.key]));
        }
      }
      return answer(
        client.POST('/api/kit', {
          body: {
            id: kept.id,
            version: kept.version,
            document: made,
            ...(retired ? { retired } : {}),
          },
        }),
      );
    },
    onSuccess: (kit) => {
      forget();
      queries.setQueryData(['kit'], kit);
      void queries.invalidateQueries({ queryKey: ['order'] });
      onClose();
    },
    onError: (failure) => {
      if (failure instanceof Refused && failure.problem.kit) {
        queries.setQueryData(['kit'], failure.problem.kit);
      }
    },
  });
  const problem = save.error instanceof Refused ? save.error.problem : null;
  const newest = problem?.kit?.items.find((known) => known.id === kept.id);
  const wrong = (key: string) => (problem?.path === `/document/${key}` ? problem.title : undefined);
  return (
    <Box
      component="form"
      ref={frame}
      aria-label={
        item === null ? say('screen.item-form.new-item') : say('screen.item-form.change-item')
      }
      sx={{
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        borderLeft: 8,
        borderLeftColor: 'primary.main',
        p: 2,
        mb: 3,
      }}
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(item?.retired ?? false);
      }}
    >
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        {item === null ? words.of(`kit.new.${sort}`) : textOf(doc['name'])}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(230px, 1fr))',
          mb: 2,
        }}
      >
        {form.values.map((field) => (
          <TextField
            key={field.key}
            id={`kit-${field.key}`}
            label={withUnit(words.of(`kit.field.${field.key}`), field.unit)}
            required={!field.optional}
            select={field.kind === 'choice'}
            type={field.kind === 'day' ? 'date' : 'text'}
            value={textOf(doc[field.key])}
            onChange={(event) =>
              set(
                withValue(
                  doc,
                  `/${field.key}`,
                  event.target.value === '' ? undefined : event.target.value,
                ),
              )
            }
            error={wrong(field.key) !== undefined}
            helperText={wrong(field.key)}
            slotProps={{
              htmlInput: {
                inputMode: field.kind === 'number' ? 'decimal' : 'text',
                autoComplete: 'off',
              },
              ...(field.kind === 'day' ? { inputLabel: { shrink: true } } : {}),
            }}
          >
            {field.choices.map((choice) => (
              <MenuItem key={choice} value={choice} sx={{ minHeight: 48 }}>
                {choiceWords(words, field, choice)}
              </MenuItem>
            ))}
          </TextField>
        ))}
      </Box>
      {form.lists.map((spec) => (
        <RowsEditor
          key={spec.pointer}
          of="kit"
          spec={spec}
          rows={rowsOf(doc, spec)}
          onChange={(rows) => set(withRows(doc, spec, rows))}
          wrong={null}
        />
      ))}
      {save.error && (
        <Typography role="alert" color="error" sx={{ mb: 1 }}>
          {save.error.message}
          {newest &&
            ` ${say('screen.item-form.register-now-says', { stringify: JSON.stringify(newest.document) })}`}
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" loading={save.isPending}>
          {say('screen.item-form.keep-it')}
        </Button>
        {newest && (
          <Button variant="outlined" onClick={() => setKept({ ...kept, version: newest.version })}>
            {say('screen.item-form.mine-replaces-it')}
          </Button>
        )}
        {item !== null && (
          <Button variant="outlined" color="inherit" onClick={() => save.mutate(!item.retired)}>
            {item.retired
              ? say('screen.item-form.take-back-into-use')
              : say('screen.item-form.retire-it')}
          </Button>
        )}
        <Button
          color="inherit"
          onClick={() => {
            forget();
            onClose();
          }}
        >
          {say('screen.leave-it')}
        </Button>
      </Box>
    </Box>
  );
}
