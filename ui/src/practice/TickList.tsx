import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';

/** Things to be named, each by a box of its own. */
export function TickList({
  things,
  ticked,
  onTick,
}: {
  things: { id: string; says: string }[];
  ticked: string[];
  onTick: (ticked: string[]) => void;
}) {
  return things.map((thing) => (
    <FormControlLabel
      key={thing.id}
      sx={{ display: 'flex' }}
      control={
        <Checkbox
          checked={ticked.includes(thing.id)}
          onChange={(event) =>
            onTick(
              event.target.checked
                ? [...ticked, thing.id]
                : ticked.filter((known) => known !== thing.id),
            )
          }
        />
      }
      label={thing.says}
    />
  ));
}
