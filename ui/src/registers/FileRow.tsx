import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { components } from '../api/schema.generated';
import { say } from '../words/say';
import type { Cells } from './cells';

type File = components['schemas']['RegisterFile'];
type Told = components['schemas']['RegisterRows']['rows'][number];

/** A row of a file: whether it is good, what is wrong with it, and its cells to be mended where they are. */
export function FileRow({
  number,
  file,
  cells,
  told,
  aside,
  onAside,
  onMend,
}: {
  number: number;
  file: File;
  cells: Cells;
  told: Told | null;
  aside: boolean;
  onAside: (aside: boolean) => void;
  onMend: (cells: Cells) => void;
}) {
  const [open, setOpen] = useState(false);
  const bad = told?.says != null;
  const column = told?.path?.split('/')[1]?.replaceAll('~1', '/') ?? '';
  const shown = file.columns.filter((known) => cells[known.id] !== undefined || known.required);
  const mends = (bad || open) && !aside && file.items === null;
  return (
    <Box
      component="li"
      data-testid={`row-${number}`}
      sx={{
        borderLeft: 6,
        borderColor: aside ? 'divider' : bad ? 'verdict.out' : told ? 'verdict.holds' : 'divider',
        bgcolor: 'background.paper',
        mb: 1,
        p: 1.25,
        opacity: aside ? 0.7 : 1,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography sx={{ fontWeight: 700 }}>{number}</Typography>
        <Typography sx={{ flex: 1, minWidth: 160, overflowWrap: 'anywhere' }}>
          {told?.title ??
            shown
              .map((known) => cells[known.id])
              .filter(Boolean)
              .slice(0, 3)
              .join(', ')}
          {aside && `: ${say('screen.register-file.set-aside-row')}`}
        </Typography>
        {!bad && !aside && file.items === null && (
          <Button color="inherit" onClick={() => setOpen(!open)}>
            {say(open ? 'screen.register-file.close' : 'screen.register-file.change')}
          </Button>
        )}
        <Button color="inherit" onClick={() => onAside(!aside)}>
          {say(aside ? 'screen.register-file.take-back' : 'screen.register-file.set-aside')}
        </Button>
      </Box>
      {bad && (
        <Typography
          role="alert"
          sx={{ color: 'verdict.out', fontWeight: 700, overflowWrap: 'anywhere' }}
        >
          {file.columns.find((known) => known.id === column)?.label}
          {column !== '' && ': '}
          {told?.says}
        </Typography>
      )}
      {mends && (
        <Box
          sx={{
            display: 'grid',
            gap: 1,
            mt: 1.25,
            gridTemplateColumns: 'repeat(auto-fill, minmax(200px, 1fr))',
          }}
        >
          {shown.map((known) => (
            <TextField
              key={known.id}
              id={`cell-${number}-${known.id}`}
              label={known.label}
              required={known.required}
              value={cells[known.id] ?? ''}
              error={bad && known.id === column}
              onChange={(event) => onMend({ ...cells, [known.id]: event.target.value })}
              slotProps={{ htmlInput: { autoComplete: 'off', maxLength: 500 } }}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}
