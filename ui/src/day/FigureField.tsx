import TextField from '@mui/material/TextField';

/** One figure; empty where it may be left open. */
export function Figure({
  id,
  label,
  value,
  least = 0,
  most,
  step = 1,
  disabled,
  onChange,
}: {
  id: string;
  label: string;
  value: number | null;
  least?: number;
  most: number;
  step?: number | 'any';
  disabled: boolean;
  onChange: (value: number | null) => void;
}) {
  return (
    <TextField
      id={id}
      label={label}
      type="number"
      value={value ?? ''}
      disabled={disabled}
      onChange={(event) => onChange(event.target.value === '' ? null : Number(event.target.value))}
      slotProps={{ htmlInput: { min: least, max: most, step } }}
    />
  );
}
