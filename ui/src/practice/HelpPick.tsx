import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Practice } from '../api/types';
import { say } from '../words/say';
import type { Help } from './useBegin';

/** How much somebody wants to be helped. */
export function HelpPick({
  id,
  helps,
  help,
  onPick,
}: {
  id: string;
  helps: Practice['helps'];
  help: Help;
  onPick: (help: Help) => void;
}) {
  return (
    <TextField
      select
      id={id}
      label={say('screen.practice.help')}
      value={help}
      onChange={(event) => onPick(event.target.value as Help)}
      sx={{ minWidth: 150 }}
      slotProps={{ select: { renderValue: (value) => say(`screen.help.${value as Help}`) } }}
    >
      {helps.map((one) => (
        <MenuItem key={one.id} value={one.id} sx={{ minHeight: 48, whiteSpace: 'normal' }}>
          {one.says}
        </MenuItem>
      ))}
    </TextField>
  );
}
