import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Checkbox from '@mui/material/Checkbox';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { FormColumn, FormList } from '../api/forms';
import { useWords } from '../words/useWords';
import type { Words } from '../words/words';
import { textOf, type Doc, type Json } from './document';
import { cellWords, codesOf, columnLabel, listWords, choiceWords, type FormOf } from './labels';
import { cell, withCell } from './rows';
import { say } from '../words/say';

/** A list of a form, row by row. */
export function RowsEditor({
  of,
  spec,
  rows,
  onChange,
  wrong,
  folded = false,
}: {
  of: FormOf;
  spec: FormList;
  rows: Doc[];
  /** Whether a row is one line until somebody opens it: for long lists. */
  folded?: boolean;
  onChange: (rows: Doc[]) => void;
  /** The row and column that were refused, and why. */
  wrong: { row: number; key: string; message: string } | null;
}) {
  const words = useWords();
  const { title, hint } = listWords(words, of, spec);
  const [open, setOpen] = useState<number | null>(null);
  const isOpen = (i: number) => !folded || open === i || wrong?.row === i;
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
      {rows.map((row, i) =>
        !isOpen(i) ? (
          <ButtonBase
            key={i}
            onClick={() => setOpen(i)}
            sx={{
              display: 'flex',
              width: '100%',
              justifyContent: 'flex-start',
              textAlign: 'left',
              gap: 1,
              minHeight: 48,
              py: 0.5,
              borderTop: 1,
              borderColor: 'divider',
            }}
          >
            <Box component="span" sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
              {summary(words, spec, row)}
            </Box>
          </ButtonBase>
        ) : (
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
              aria-label={say('screen.rows-editor.take-out-row', { i: i + 1, title })}
            >
              {say('screen.rows-editor.take-out')}
            </Button>
          </Box>
        ),
      )}
      <Button
        variant="outlined"
        onClick={() => {
          setOpen(rows.length);
          onChange([...rows, {}]);
        }}
      >
        {say('screen.rows-editor.add-row')}
      </Button>
    </Box>
  );
}

/** A row in one line: what its first filled cells say. */
function summary(words: Words, spec: FormList, row: Doc): string {
  const told = spec.columns
    .map((column) => cellWords(words, column, cell(row, column.key)))
    .filter((text) => text !== '');
  return told.length === 0 ? say('screen.rows-editor.empty') : told.slice(0, 4).join(' · ');
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
  const words = useWords();
  const several = column.kind === 'choices' || column.kind === 'operations';
  const select = several || column.kind === 'choice' || column.kind === 'operation';
  const value = cell(row, column.key);
  // A list of words is shown as it is typed: a comma would not survive being read and written back.
  const [typed, setTyped] = useState<string | null>(null);
  const shown = several ? codesOf(value) : (typed ?? textOf(value));
  const known = several ? true : column.choices.includes(textOf(value));
  const set = (typed: string | string[]) =>
    onChange(withCell(row, column.key, asked(column, typed)));
  return (
    <TextField
      id={id}
      label={label}
      select={select}
      value={select && !known ? '' : shown}
      onChange={(event) => {
        setTyped(column.kind === 'words' ? event.target.value : null);
        set(event.target.value);
      }}
      onBlur={() => setTyped(null)}
      error={wrong !== undefined}
      helperText={wrong}
      multiline={column.wide && !select}
      sx={
        column.wide
          ? { gridColumn: '1 / -1' }
          : several || column.kind === 'operation'
            ? { gridColumn: { sm: 'span 2' } }
            : {}
      }
      slotProps={{
        ...(several
          ? { select: { multiple: true, renderValue: () => cellWords(words, column, value) } }
          : {}),
        htmlInput: {
          inputMode: column.kind === 'number' ? 'decimal' : 'text',
          autoComplete: 'off',
        },
      }}
    >
      {select && !several && column.optional && (
        <MenuItem value="" sx={{ minHeight: 48 }}>
          {say('screen.not-said')}
        </MenuItem>
      )}
      {select &&
        column.choices.map((code) => (
          <MenuItem key={code} value={code} sx={{ minHeight: { xs: 48, sm: 48 } }}>
            {several && (
              <Checkbox
                checked={codesOf(value).includes(code)}
                tabIndex={-1}
                sx={{ p: 0, mr: 1.5 }}
              />
            )}
            {choiceWords(words, column, code)}
          </MenuItem>
        ))}
    </TextField>
  );
}

/** What a cell becomes by what was typed or chosen; undefined takes the member away. */
function asked(column: FormColumn, typed: string | string[]): Json | undefined {
  const list = column.kind === 'words' || Array.isArray(typed);
  const several = (Array.isArray(typed) ? typed : typed.split(','))
    .map((word) => word.trim())
    .filter((word) => word !== '');
  if (list) {
    return several.length === 0 ? undefined : several;
  }
  return typed === '' && column.optional ? undefined : typed;
}
