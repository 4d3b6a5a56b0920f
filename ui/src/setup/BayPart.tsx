import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { BayDrawing } from '../floor/BayDrawing';
import { LengthField } from '../sheet/LengthField';
import { readLength } from '../words/readLength';
import { say } from '../words/say';
import { Part, wide } from './Part';
import { noObstacle, type Typed, type TypedObstacle } from './typed';

type Typing = Typed['bay'];

const SIDES = [
  ['fromBack', 'screen.set-up.from-back'],
  ['fromLeft', 'screen.set-up.from-left'],
  ['length', 'screen.set-up.obstacle-length'],
  ['width', 'screen.set-up.obstacle-width'],
] as const;

/** One bay by two lengths and what stands in it, drawn as it is typed. */
export function BayPart({
  bay,
  onChange,
  wrong,
}: {
  bay: Typing;
  onChange: (bay: Typing) => void;
  wrong: (path: string) => string | undefined;
}) {
  const put = (i: number, change: Partial<TypedObstacle>) =>
    onChange({
      ...bay,
      obstacles: bay.obstacles.map((one, k) => (k === i ? { ...one, ...change } : one)),
    });
  return (
    <Part title={say('screen.set-up.bay')} note={say('screen.set-up.bay-note')}>
      <Box sx={{ display: 'grid', gap: 1 }}>
        <TextField
          id="bay-name"
          label={say('screen.name')}
          required
          value={bay.name}
          onChange={(event) => onChange({ ...bay, name: event.target.value })}
          error={wrong('/bay/name') !== undefined}
          helperText={wrong('/bay/name') ?? ' '}
          slotProps={{ htmlInput: { maxLength: 60 } }}
        />
        <LengthField
          id="bay-length"
          label={say('screen.set-up.bay-length')}
          required
          value={bay.length}
          onChange={(length) => onChange({ ...bay, length })}
          wrong={wrong('/bay/length')}
        />
        <LengthField
          id="bay-width"
          label={say('screen.set-up.bay-width')}
          required
          value={bay.width}
          onChange={(width) => onChange({ ...bay, width })}
          wrong={wrong('/bay/width')}
        />
      </Box>
      <Drawn bay={bay} />
      {bay.obstacles.map((one, i) => (
        <Box
          key={i}
          role="group"
          aria-label={say('screen.set-up.obstacle', { number: i + 1 })}
          sx={{
            ...wide,
            display: 'grid',
            gap: 1,
            gridTemplateColumns: { xs: '1fr 1fr', md: '1.2fr repeat(4, 1fr) auto' },
          }}
        >
          <TextField
            id={`obstacle-${i}-name`}
            label={say('screen.set-up.obstacle-name')}
            required
            value={one.name}
            onChange={(event) => put(i, { name: event.target.value })}
            error={wrong(`/bay/obstacles/${i}/name`) !== undefined}
            helperText={wrong(`/bay/obstacles/${i}/name`)}
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
          {SIDES.map(([field, code]) => (
            <LengthField
              key={field}
              id={`obstacle-${i}-${field}`}
              label={say(code)}
              required
              value={one[field]}
              onChange={(typed) => put(i, { [field]: typed })}
              wrong={wrong(`/bay/obstacles/${i}/${field}`)}
            />
          ))}
          <Button
            color="inherit"
            onClick={() => onChange({ ...bay, obstacles: bay.obstacles.filter((_, k) => k !== i) })}
          >
            {say('screen.set-up.remove')}
          </Button>
        </Box>
      ))}
      <Button
        variant="outlined"
        sx={wide}
        onClick={() => onChange({ ...bay, obstacles: [...bay.obstacles, noObstacle] })}
      >
        {say('screen.set-up.add-obstacle')}
      </Button>
    </Part>
  );
}

/** To scale, with the car's tail to the left as in every drawing of a bay. */
function Drawn({ bay }: { bay: Typing }) {
  const [x, y] = [readLength(bay.length), readLength(bay.width)];
  const box = (back: number, left: number, along: number, across: number) => {
    const top = (y ?? 0) / 2 - left;
    return [
      [back, top],
      [back + along, top],
      [back + along, top - across],
      [back, top - across],
    ];
  };
  const obstacles = bay.obstacles.flatMap((one) => {
    const [back, left, along, across] = SIDES.map(([field]) => readLength(one[field]));
    return back == null || left == null || along == null || across == null
      ? []
      : [{ name: one.name, corners: box(back, left, along, across) }];
  });
  return (
    <Box sx={{ position: 'relative', minHeight: 220, height: '100%' }}>
      <BayDrawing
        bay={{
          name: bay.name,
          outline: x !== null && y !== null && x > 0 && y > 0 ? box(0, 0, x, y) : [],
          obstacles,
          levelZone: null,
        }}
        label={say('screen.bay-editor.plan', { now: bay.name })}
      />
    </Box>
  );
}
