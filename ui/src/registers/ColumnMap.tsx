import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { components } from '../api/schema.generated';
import { say } from '../words/say';

type File = components['schemas']['RegisterFile'];

/** Which column of the file is which of ours, each with what its first row holds. */
export function ColumnMap({
  file,
  map,
  onMap,
}: {
  file: File;
  map: Record<string, number>;
  onMap: (map: Record<string, number>) => void;
}) {
  const set = (column: string, place: string) => {
    const others = Object.fromEntries(Object.entries(map).filter(([known]) => known !== column));
    onMap(place === '' ? others : { ...others, [column]: Number(place) });
  };
  return (
    <Box component="section" aria-label={say('screen.register-file.columns')} sx={{ mt: 3 }}>
      <Typography variant="h2">{say('screen.register-file.columns')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        {say('screen.register-file.columns-hint')}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 1.25,
          gridTemplateColumns: 'repeat(auto-fill, minmax(260px, 1fr))',
        }}
      >
        {file.columns.map((column) => {
          const place = map[column.id];
          return (
            <TextField
              key={column.id}
              id={`map-${column.id}`}
              select
              label={column.label}
              required={column.required}
              value={place === undefined ? '' : String(place)}
              error={column.required && place === undefined}
              helperText={
                place === undefined
                  ? ' '
                  : say('screen.register-file.such-as', { example: file.rows[0]?.[place] ?? '' })
              }
              onChange={(event) => set(column.id, event.target.value)}
              slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
            >
              <MenuItem value="" sx={{ minHeight: 48 }}>
                {say('screen.register-file.not-in-it')}
              </MenuItem>
              {file.heading.map((theirs, i) => (
                <MenuItem key={i} value={String(i)} sx={{ minHeight: 48 }}>
                  {theirs === '' ? say('screen.register-file.column', { number: i + 1 }) : theirs}
                </MenuItem>
              ))}
            </TextField>
          );
        })}
      </Box>
    </Box>
  );
}
