import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { say } from '../words/say';

interface Wall {
  name: string;
  bays: string[];
}

/** Room that several bays have in common. */
export function Walls({
  walls,
  bays,
  disabled,
  onChange,
}: {
  walls: Wall[];
  bays: { id: string; name: string }[];
  disabled: boolean;
  onChange: (walls: Wall[]) => void;
}) {
  const set = (i: number, part: Partial<Wall>) =>
    onChange(walls.map((one, j) => (j === i ? { ...one, ...part } : one)));
  return (
    <>
      {walls.map((wall, i) => (
        <Box
          key={i}
          sx={{ border: 1, borderColor: 'divider', p: 1, mb: 1, bgcolor: 'background.paper' }}
        >
          <Box sx={{ display: 'flex', gap: 1 }}>
            <TextField
              id={`wall-${i}`}
              label={say('screen.hours.wall-name')}
              value={wall.name}
              disabled={disabled}
              fullWidth
              onChange={(event) => set(i, { name: event.target.value })}
              slotProps={{ htmlInput: { maxLength: 80 } }}
            />
            {!disabled && (
              <Button color="inherit" onClick={() => onChange(walls.filter((_, j) => j !== i))}>
                {say('screen.hours.remove')}
              </Button>
            )}
          </Box>
          {bays.map((bay) => (
            <FormControlLabel
              key={bay.id}
              disabled={disabled}
              label={bay.name}
              control={
                <Checkbox
                  checked={wall.bays.includes(bay.id)}
                  onChange={(_, is) =>
                    set(i, {
                      bays: is ? [...wall.bays, bay.id] : wall.bays.filter((id) => id !== bay.id),
                    })
                  }
                />
              }
            />
          ))}
        </Box>
      ))}
      {!disabled && (
        <Button
          variant="outlined"
          onClick={() => onChange([...walls, { name: say('screen.hours.far-wall'), bays: [] }])}
        >
          {say('screen.hours.add-wall')}
        </Button>
      )}
    </>
  );
}
