import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';

interface Value {
  id: string;
  label: string;
  unit: string;
  wanted?: string | null;
}

/** The figures that belong to a precondition, as the gauge shows them. */
export function ValueFields({
  values,
  typed,
  onType,
  onEnter,
}: {
  values: Value[];
  typed: Record<string, string>;
  onType: (typed: Record<string, string>) => void;
  /** Enter in the last field: what was typed is what it is. */
  onEnter?: () => void;
}) {
  if (values.length === 0) {
    return null;
  }
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 1.5 }}>
      {values.map((value, i) => (
        <TextField
          key={value.id}
          id={`value-${value.id}`}
          label={`${value.label}, ${value.unit}`}
          value={typed[value.id] ?? ''}
          onChange={(event) => onType({ ...typed, [value.id]: event.target.value })}
          helperText={value.wanted ?? ' '}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && onEnter && i === values.length - 1) {
              event.preventDefault();
              onEnter();
            }
          }}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 20, autoComplete: 'off' } }}
        />
      ))}
    </Box>
  );
}

/** Those of them that were typed, as a line takes them. */
export function typedValues(
  values: Value[],
  typed: Record<string, string>,
): { values?: Record<string, string> } {
  const given = values.flatMap(({ id }) => {
    const value = typed[id]?.trim() ?? '';
    return value === '' ? [] : [[id, value]];
  });
  return given.length === 0 ? {} : { values: Object.fromEntries(given) as Record<string, string> };
}
