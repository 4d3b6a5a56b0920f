import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { FormColumn, FormList } from '../api/forms';
import { useIntake } from '../order/parts/useIntake';
import { useWords } from '../words/useWords';
import { textOf, type Doc } from './document';
import { columnLabel, listWords, type FormOf } from './labels';
import { cell, withCell } from './rows';

/** A list of a form, row by row. */
export function RowsEditor({
  of,
  spec,
  rows,
  onChange,
  wrong,
}: {
  of: FormOf;
  spec: FormList;
  rows: Doc[];
  onChange: (rows: Doc[]) => void;
  /** The row and column that were refused, and why. */
  wrong: { row: number; key: string; message: string } | null;
}) {
  const words = useWords();
  const { title, hint } = listWords(words, of, spec);
  return (
    <Box
      component="section"
      sx={{ mb: 2, p: 2, bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}
      aria-label={title}
    >
      <Typography variant="h3">{title}</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        {hint}
      </Typography>
      {rows.map((row, i) => (
        <Box
          key={i}
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'flex-start',
            borderLeft: 4,
            borderColor: 'divider',
            pl: 1.5,
            mb: 1.5,
          }}
        >
          <Box
            sx={{
              flex: 1,
              display: 'grid',
              gap: 1,
              gridTemplateColumns: 'repeat(auto-fill, minmax(170px, 1fr))',
            }}
          >
            {spec.columns.map((column) => (
              <Cell
                key={column.key}
                id={`${spec.pointer.slice(1)}-${i}-${column.key}`}
                column={column}
                label={columnLabel(words, of, spec, column)}
                row={row}
                wrong={
                  wrong?.row === i && (wrong.key === column.key || wrong.key === '')
                    ? wrong.message
                    : undefined
                }
                onChange={(next) => onChange(rows.map((known, k) => (k === i ? next : known)))}
              />
            ))}
          </Box>
          <Button
            color="inherit"
            onClick={() => onChange(rows.filter((_, k) => k !== i))}
            aria-label={`Take out row ${i + 1} of ${title}`}
          >
            Take out
          </Button>
        </Box>
      ))}
      <Button variant="outlined" onClick={() => onChange([...rows, {}])}>
        Add a row
      </Button>
    </Box>
  );
}

function Cell({
  id,
  column,
  label,
  row,
  wrong,
  onChange,
}: {
  id: string;
  column: FormColumn;
  label: string;
  row: Doc;
  wrong: string | undefined;
  onChange: (row: Doc) => void;
}) {
  const intake = useIntake();
  const shown = textOf(cell(row, column.key));
  const picks =
    column.kind === 'operation'
      ? (intake.data?.operations ?? []).map((operation) => ({
          value: operation.code,
          words: operation.says,
        }))
      : column.choices.map((word) => ({ value: word, words: word }));
  const select = column.kind === 'choice' || column.kind === 'operation';
  const set = (typed: string) => {
    const words = typed
      .split(',')
      .map((word) => word.trim())
      .filter((word) => word !== '');
    const next =
      column.kind === 'words'
        ? typed.trim() === ''
          ? undefined
          : words
        : typed === '' && column.optional
          ? undefined
          : typed;
    onChange(withCell(row, column.key, next));
  };
  return (
    <TextField
      id={id}
      label={label}
      select={select}
      value={select && !picks.some((pick) => pick.value === shown) ? '' : shown}
      onChange={(event) => set(event.target.value)}
      error={wrong !== undefined}
      helperText={wrong}
      multiline={column.wide && !select}
      sx={column.wide ? { gridColumn: '1 / -1' } : {}}
      slotProps={{
        htmlInput: {
          inputMode: column.kind === 'number' ? 'decimal' : 'text',
          autoComplete: 'off',
        },
      }}
    >
      {select && column.optional && (
        <MenuItem value="" sx={{ minHeight: 48 }}>
          not said
        </MenuItem>
      )}
      {select &&
        picks.map((pick) => (
          <MenuItem key={pick.value} value={pick.value} sx={{ minHeight: 48 }}>
            {pick.words}
          </MenuItem>
        ))}
    </TextField>
  );
}
