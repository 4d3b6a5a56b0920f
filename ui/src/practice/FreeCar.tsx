import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Practice } from '../api/types';
import { say, type Code } from '../words/say';
import { HelpPick } from './HelpPick';
import { useBegin, type Help } from './useBegin';

/** The largest seed. */
export const MOST_SEED = 2_147_483_647;

export const KINDS: Record<string, Code> = {
  front: 'screen.practice.kind.front',
  'front-corner': 'screen.practice.kind.front-corner',
  rear: 'screen.practice.kind.rear',
  'blind-spot': 'screen.practice.kind.blind-spot',
  intake: 'screen.practice.kind.intake',
  close: 'screen.practice.kind.close',
};

export const DIFFICULTIES: Record<number, Code> = {
  1: 'screen.practice.difficulty.1',
  2: 'screen.practice.difficulty.2',
  3: 'screen.practice.difficulty.3',
};

/** Another car each time, or the same one again by its number. */
export function FreeCar({ practice }: { practice: Practice }) {
  const begin = useBegin();
  const [kind, setKind] = useState(practice.kinds[0] ?? 'front');
  const [difficulty, setDifficulty] = useState(1);
  const [seed, setSeed] = useState('');
  const [help, setHelp] = useState<Help>('guided');
  const number = Number(seed);
  const wrong = !Number.isInteger(number) || number < 0 || number > MOST_SEED;
  return (
    <Box component="section" aria-labelledby="free-car" data-testid="free-car">
      <Typography variant="h2" id="free-car" sx={{ mb: 1 }}>
        {say('screen.practice.free')}
      </Typography>
      <Box
        component="form"
        sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}
        onSubmit={(event) => {
          event.preventDefault();
          if (!wrong) {
            const any = Math.floor(Math.random() * 100_000);
            begin.mutate({ draw: { kind, seed: seed === '' ? any : number, difficulty }, help });
          }
        }}
      >
        <TextField
          select
          id="free-kind"
          label={say('screen.practice.sensor')}
          value={kind}
          onChange={(event) => setKind(event.target.value)}
        >
          {practice.kinds.map((one) => (
            <MenuItem key={one} value={one} sx={{ minHeight: 48 }}>
              {say(KINDS[one] ?? 'screen.practice.kind.front')}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          id="free-difficulty"
          label={say('screen.practice.difficulty')}
          value={difficulty}
          onChange={(event) => setDifficulty(Number(event.target.value))}
        >
          {practice.difficulties.map((one) => (
            <MenuItem key={one} value={one} sx={{ minHeight: 48 }}>
              {say(DIFFICULTIES[one] ?? 'screen.practice.difficulty.1')}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          id="free-seed"
          label={say('screen.practice.seed')}
          value={seed}
          placeholder={say('screen.practice.seed-any')}
          onChange={(event) => setSeed(event.target.value.trim())}
          error={wrong}
          helperText={wrong ? say('screen.practice.seed-wrong') : say('screen.practice.seed-why')}
          slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 10 } }}
        />
        <HelpPick id="free-help" helps={practice.helps} help={help} onPick={setHelp} />
        <Button
          type="submit"
          variant="outlined"
          loading={begin.isPending}
          sx={{ gridColumn: '1 / 3' }}
        >
          {say('screen.practice.draw')}
        </Button>
      </Box>
      {begin.isError && <Typography role="alert">{begin.error.message}</Typography>}
    </Box>
  );
}
