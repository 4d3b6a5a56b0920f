import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Intake } from '../../api/types';
import { say } from '../../words/say';

export interface Choice {
  code: string;
  words: string;
}

/** Every operation of the catalogue; those done at a sensor once for each sensor of the car. */
export function choices(
  operations: Intake['operations'],
  sensors: { id: string; name: string }[],
): Choice[] {
  return operations.flatMap((operation) =>
    operation.atSensor
      ? sensors.map((sensor) => ({
          code: `${operation.code}@${sensor.id}`,
          words: `${sensor.name}: ${operation.says}`,
        }))
      : [{ code: operation.code, words: operation.says }],
  );
}

/** Finds an operation by typing a part of its words. */
export function OperationPicker({
  id,
  label,
  options,
  onPick,
  disabled = false,
}: {
  id: string;
  label: string;
  options: Choice[];
  onPick: (choice: Choice) => void;
  disabled?: boolean;
}) {
  const [typed, setTyped] = useState('');
  return (
    <Autocomplete
      id={id}
      options={options}
      getOptionLabel={(choice) => choice.words}
      getOptionKey={(choice) => choice.code}
      value={null}
      // Whatever was picked is on the list below: the field is free for the next.
      inputValue={typed}
      onInputChange={(_, text, why) => setTyped(why === 'input' ? text : '')}
      blurOnSelect={false}
      clearOnBlur
      autoHighlight
      openText={say('screen.operation-picker.open')}
      closeText={say('screen.close')}
      noOptionsText={say('screen.operation-picker.none')}
      disabled={disabled}
      onChange={(_, choice) => choice && onPick(choice)}
      slotProps={{ listbox: { sx: { '& .MuiAutocomplete-option': { minHeight: 48 } } } }}
      renderInput={(props) => <TextField {...props} label={label} />}
    />
  );
}
