import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { halved } from './shapes';
import { say } from '../words/say';

/** The corners of a shape as numbers: mm in the bay's frame, x to the right and y up on the plan. */
export function CornersTable({
  corners,
  mayChange,
  onChange,
}: {
  corners: number[][];
  mayChange: boolean;
  onChange: (corners: number[][]) => void;
}) {
  return (
    <Box
      component="ol"
      aria-label={say('screen.corners-table.corners')}
      sx={{ listStyle: 'none', p: 0, pt: 1, my: 1, maxHeight: 300, overflowY: 'auto' }}
    >
      {corners.map((corner, i) => (
        <Box component="li" key={i} sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
          <Box sx={{ width: 22 }}>{i + 1}</Box>
          {(['x', 'y'] as const).map((axis, k) => (
            <Coordinate
              key={axis}
              label={say('screen.corners-table.mm', { axis })}
              value={corner[k] ?? 0}
              disabled={!mayChange}
              onChange={(value) =>
                onChange(
                  corners.map((old, j) =>
                    j === i
                      ? [k === 0 ? value : (old[0] ?? 0), k === 1 ? value : (old[1] ?? 0)]
                      : old,
                  ),
                )
              }
            />
          ))}
          {mayChange && (
            <>
              <Button
                sx={{ minWidth: 48, px: 0 }}
                aria-label={say('screen.corners-table.corner-after', { i: i + 1 })}
                onClick={() => onChange(halved(corners, i))}
              >
                +
              </Button>
              <Button
                sx={{ minWidth: 48, px: 0 }}
                aria-label={say('screen.corners-table.take-corner-away', { i: i + 1 })}
                disabled={corners.length <= 3}
                onClick={() => onChange(corners.filter((_, j) => j !== i))}
              >
                −
              </Button>
            </>
          )}
        </Box>
      ))}
    </Box>
  );
}

/** One number, taken when it is a whole one. */
function Coordinate(props: {
  label: string;
  value: number;
  disabled: boolean;
  onChange: (value: number) => void;
}) {
  const shown = String(Math.round(props.value));
  const [typed, setTyped] = useState<string | null>(null);
  const wrong = typed !== null && !/^[-−]?\d{1,6}(\.\d+)?$/.test(typed.trim());
  const take = () => {
    if (typed !== null && !wrong && typed !== shown) {
      props.onChange(Number(typed.trim().replace('−', '-')));
    }
    if (!wrong) {
      setTyped(null);
    }
  };
  return (
    <TextField
      label={props.label}
      slotProps={{ htmlInput: { readOnly: props.disabled } }}
      value={typed ?? shown}
      error={wrong}
      helperText={wrong ? say('screen.corners-table.mm-such-as-1700') : undefined}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => event.key === 'Enter' && take()}
    />
  );
}
