import TextField from '@mui/material/TextField';
import { length } from '../words/length';
import { readLength } from '../words/readLength';
import { say } from '../words/say';
import { useLengthDisplay } from '../words/useLengthDisplay';

/** A length as it is read off a tape, with how it was understood under it. */
export function LengthField({
  id,
  label,
  value,
  onChange,
  wrong,
  hint,
  required = false,
}: {
  id: string;
  label: string;
  value: string;
  onChange: (typed: string) => void;
  /** What the server says against it. */
  wrong?: string | undefined;
  hint?: string;
  required?: boolean;
}) {
  const [display] = useLengthDisplay();
  const read = readLength(value);
  const unread = value.trim() !== '' && read === null;
  const helper = unread
    ? say('screen.length-field.unread')
    : read === null
      ? hint
      : say('screen.length-field.read', {
          length: length(read, display, display === 'mm' && !Number.isInteger(read) ? 1 : 0),
        });
  return (
    <TextField
      id={id}
      label={label}
      value={value}
      required={required}
      onChange={(event) => onChange(event.target.value)}
      error={unread || wrong !== undefined}
      helperText={wrong ?? helper ?? ' '}
      slotProps={{ htmlInput: { maxLength: 60, inputMode: 'text', autoComplete: 'off' } }}
    />
  );
}
