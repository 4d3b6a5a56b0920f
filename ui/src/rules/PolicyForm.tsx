import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { FormColumn } from '../api/forms';
import { policyColumns } from '../api/forms.generated';
import type { Problem } from '../api/types';
import { at, numeric, textOf, withValue, type Doc } from '../cards/document';
import { choiceWords, withUnit } from '../cards/labels';
import { say } from '../words/say';
import { useWords } from '../words/useWords';

const whole = (key: string): FormColumn => ({
  key,
  kind: 'number',
  unit: '',
  optional: true,
  wide: false,
  choices: [],
  said: 'choice',
});
/** What has to be put up before some readings can be taken. */
const SET_UPS = ['line', 'stand-laser', 'hub-plumbs', 'squares', 'wheel-lasers', 'rig', 'level'];
const POLICY = [...['readings', 'most', 'rounds'].map(whole), ...policyColumns];

/** What the shop settles beforehand: readings near a limit, what may hide, instruments that are overdue. */
export function PolicyForm({
  doc,
  problem,
  usual,
  onChange,
}: {
  doc: Doc;
  problem: Problem | null;
  /** What holds where the shop says nothing. */
  usual: Readonly<Record<string, string | number>>;
  onChange: (doc: Doc) => void;
}) {
  const words = useWords();
  const field = (pointer: string, column: FormColumn, label: string) => (
    <TextField
      key={pointer}
      id={`rules${pointer.replaceAll('/', '-')}`}
      label={withUnit(label, column.unit)}
      select={column.kind === 'choice'}
      value={textOf(at(doc, pointer))}
      onChange={(event) =>
        onChange(
          withValue(
            pointer.startsWith('/policy') ? begun(doc, usual) : doc,
            pointer,
            event.target.value === ''
              ? undefined
              : column.kind === 'number'
                ? numeric(event.target.value)
                : event.target.value,
          ),
        )
      }
      error={problem?.path === `/document${pointer}`}
      helperText={
        problem?.path === `/document${pointer}`
          ? problem.title
          : textOf(at(doc, pointer)) === ''
            ? say('screen.rules.usual', {
                usual:
                  usual[column.key] === undefined
                    ? ''
                    : column.kind === 'choice'
                      ? choiceWords(words, column, String(usual[column.key]))
                      : String(usual[column.key]),
              })
            : ' '
      }
      slotProps={{ htmlInput: { inputMode: column.kind === 'number' ? 'decimal' : 'text' } }}
    >
      {column.choices.map((choice) => (
        <MenuItem key={choice} value={choice} sx={{ minHeight: 48 }}>
          {choiceWords(words, column, choice)}
        </MenuItem>
      ))}
    </TextField>
  );
  const grid = {
    display: 'grid',
    gap: 1,
    gridTemplateColumns: 'repeat(auto-fill, minmax(240px, 1fr))',
    mb: 2,
  };
  return (
    <>
      <Typography variant="h3">{say('screen.rules.border-line')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        {say('screen.rules.border-line-hint')}
      </Typography>
      <Box sx={grid}>
        {POLICY.map((column) =>
          field(
            `/policy/${column.key.replaceAll('.', '/')}`,
            column,
            words.of(`rules.policy.${column.key}`),
          ),
        )}
      </Box>
      <Typography variant="h3">{say('screen.rules.durations')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        {say('screen.rules.durations-hint')}
      </Typography>
      <Box sx={grid}>
        {SET_UPS.map((name) =>
          field(
            `/policy/minutes/${name}`,
            { ...whole(`minutes.${name}`), unit: 'min' },
            words.of(`rules.minutes.${name}`),
          ),
        )}
      </Box>
      <Typography variant="h3">{say('screen.rules.overdue')}</Typography>
      <Box sx={{ ...grid, mt: 1.5 }}>
        <TextField
          id="rules-overdue-bars"
          select
          label={say('screen.rules.overdue-does')}
          value={at(doc, '/overdue/bars') === true ? 'bars' : 'widens'}
          onChange={(event) =>
            onChange(withValue(doc, '/overdue/bars', event.target.value === 'bars'))
          }
        >
          {(['bars', 'widens'] as const).map((what) => (
            <MenuItem key={what} value={what} sx={{ minHeight: 48 }}>
              {say(`screen.rules.overdue.${what}`)}
            </MenuItem>
          ))}
        </TextField>
        {field('/overdue/widening', whole('widening'), say('screen.rules.widening'))}
      </Box>
    </>
  );
}

/** A policy of the shop's own begins as the usual one. */
function begun(doc: Doc, usual: Readonly<Record<string, string | number>>): Doc {
  return ['readings', 'most', 'rounds', 'unproven'].reduce(
    (made, key) =>
      at(made, `/policy/${key}`) === undefined && usual[key] !== undefined
        ? withValue(made, `/policy/${key}`, usual[key])
        : made,
    doc,
  );
}
