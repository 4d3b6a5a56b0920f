import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Bench } from '../../api/types';
import { say } from '../../words/say';
import type { BenchFile } from './useBench';

/** The stand is moved by what the readings say it is off; whether to, and how often, is for the learner to say. */
export function BenchMove({ bench, file }: { bench: Bench; file: BenchFile }) {
  const [kinds, setKinds] = useState<Bench['moves']>([]);
  const chosen = bench.moves.filter((kind) => kinds.includes(kind));
  return (
    <Box data-testid="bench-move">
      <Typography>{say('screen.bench.move-note')}</Typography>
      {bench.moves.length === 0 && (
        <Typography color="text.secondary">{say('screen.bench.no-figure-yet')}</Typography>
      )}
      <Box role="group" aria-label={say('screen.bench.part.move')} sx={{ display: 'grid' }}>
        {bench.moves.map((kind) => (
          <FormControlLabel
            key={kind}
            label={say(`screen.bench.move.${kind}`)}
            control={
              <Checkbox
                checked={kinds.includes(kind)}
                onChange={(event) =>
                  setKinds(
                    event.target.checked
                      ? [...kinds, kind]
                      : kinds.filter((known) => known !== kind),
                  )
                }
              />
            }
          />
        ))}
      </Box>
      <Button
        variant="contained"
        disabled={chosen.length === 0}
        loading={file.isWriting}
        onClick={() => file.write({ kind: 'move', payload: { kinds: chosen } }, () => setKinds([]))}
      >
        {say('screen.bench.moved')}
      </Button>
    </Box>
  );
}
