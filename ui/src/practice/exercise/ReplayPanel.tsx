import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, client } from '../../api/client';
import type { Replay } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { FloorPlan } from '../../floor/FloorPlan';
import { STANCES } from '../../floor/view';
import { TryAgain } from '../../shell/Opening';
import { useKeys } from '../../sheet/useKeys';
import { degrees } from '../../words/length';
import { say } from '../../words/say';
import { useLengthDisplay } from '../../words/useLengthDisplay';

/** The best plan of readings for that car, to be gone through step by step. */
export function ReplayPanel({ run }: { run: string }) {
  const query = useQuery<Replay>({
    queryKey: ['replay', run],
    queryFn: () =>
      answer(client.GET('/api/practice/runs/{run}/replay', { params: { path: { run } } })),
    staleTime: Infinity,
  });
  if (query.isError) {
    return <TryAgain message={query.error.message} again={() => void query.refetch()} />;
  }
  if (!query.data) {
    return (
      <Box sx={{ mt: 2 }} role="status">
        <Typography>{say('screen.replay.working-out')}</Typography>
        <Skeleton variant="rectangular" height={360} />
      </Box>
    );
  }
  return <Steps replay={query.data} />;
}

function Steps({ replay }: { replay: Replay }) {
  const [display] = useLengthDisplay();
  const [at, setAt] = useState(0);
  const last = replay.frames.length - 1;
  const frame = replay.frames[at];
  const go = (step: number) => setAt((now) => Math.min(last, Math.max(0, now + step)));
  useKeys({ n: () => go(1), b: () => go(-1) });
  if (!frame) {
    return <Typography>{say('screen.replay.nothing')}</Typography>;
  }
  return (
    <Box component="section" data-testid="replay" sx={{ mt: 2 }}>
      <Typography color="text.secondary">
        {say('screen.replay.about', {
          tried: replay.tried,
          minutes: Math.round(replay.minutes),
          method: replay.method,
          result: replay.result,
          staffs: replay.staffs,
        })}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          mt: 1,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' },
        }}
      >
        <Box sx={{ position: 'relative', height: 360 }}>
          <FloorPlan
            state={{
              plan: frame.plan,
              verdicts: [],
              present: { call: null },
              floor: null,
            }}
            stance={STANCES[0]!}
            display={display}
          />
        </Box>
        <Box>
          <Typography color="text.secondary">
            {say('screen.replay.step', { step: at + 1, steps: replay.frames.length })}
          </Typography>
          <Typography sx={{ fontSize: '1.4rem', fontWeight: 700 }} aria-live="polite">
            {frame.says}
            {frame.typed === null ? '' : `: ${frame.typed}`}
          </Typography>
          <Typography>
            {frame.azimuth === null
              ? say('screen.replay.not-placed')
              : say('screen.replay.set-up', {
                  off: degrees(Math.abs(frame.azimuth.deviation)),
                  uncertainty: degrees(frame.azimuth.uncertainty),
                })}
          </Typography>
          <Typography>
            {frame.consistent === false
              ? say('screen.replay.contradict')
              : frame.guarded
                ? say('screen.replay.guarded')
                : say('screen.replay.could-hide')}
          </Typography>
          {frame.shows.map((fault) => (
            <Typography key={fault} sx={{ color: 'verdict.out', fontWeight: 700 }}>
              {say('screen.replay.shows', { fault })}
            </Typography>
          ))}
          <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
            <Button variant="outlined" onClick={() => go(-1)} disabled={at === 0}>
              {say('screen.replay.before')}
            </Button>
            <Button variant="contained" onClick={() => go(1)} disabled={at === last}>
              {say('screen.replay.next')}
            </Button>
          </Box>
          <Slider
            value={at}
            min={0}
            max={last}
            onChange={(_, value) => setAt(value)}
            aria-label={say('screen.replay.slider')}
            sx={{ mt: 2 }}
          />
        </Box>
      </Box>
    </Box>
  );
}
