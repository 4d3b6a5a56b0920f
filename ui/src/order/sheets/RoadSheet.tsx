import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { Order, RoadFunction } from '../../api/types';
import { useKept } from '../../sheet/useKept';
import { usePerson } from '../../session/usePerson';
import { Key } from '../../sheet/Key';
import { Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { OrderFile } from '../parts/useOrder';
import { AnswerRow } from './AnswerRow';
import { say, type Code } from '../../words/say';

type Found = 'seen' | 'not-seen' | 'untested';

const FOUND: Record<Found, [words: Code, key: string, colour: string]> = {
  seen: ['screen.road-sheet.seen', 'Y', 'verdict.holds'],
  'not-seen': ['screen.road-sheet.it-did-not', 'N', 'verdict.out'],
  untested: ['screen.road-sheet.untested', 'U', 'verdict.unproven'],
};

/** The road test, one function after the other: what the car was seen to do, what it did not, what could not be tried. */
export function RoadSheet({ order, file }: { order: Order; file: OrderFile }) {
  const person = usePerson();
  const [chosen, setChosen] = useState<string | null>(null);
  const known = order.road.find((one) => one.driver !== null);
  const [trip, setTrip] = useKept(`road-${order.id}`, () => ({
    driver: known?.driver ?? person.data?.name ?? '',
    route: known?.route ?? '',
    weather: known?.weather ?? '',
  }));
  const present =
    order.road.find((one) => one.id === chosen) ?? order.road.find((one) => one.found === null);
  if (order.road.length === 0) {
    return (
      <Sheet
        title={say('screen.road-sheet.no-road-test')}
        note={say('screen.road-sheet.no-sensor-this-car')}
      />
    );
  }
  const lacks = trip.route.trim() === '' || trip.weather.trim() === '' || trip.driver.trim() === '';
  const field = (name: keyof typeof trip, label: string, most: number) => (
    <TextField
      required
      id={`road-${name}`}
      label={label}
      value={trip[name]}
      onChange={(event) => setTrip({ ...trip, [name]: event.target.value })}
      slotProps={{ htmlInput: { maxLength: most, autoComplete: 'off' } }}
    />
  );
  return (
    <>
      {present ? (
        <FunctionForm
          key={present.id}
          asked={present}
          busy={file.isWriting}
          lacks={lacks}
          onSay={(found, reason) =>
            file.note(
              {
                kind: 'road',
                payload: {
                  function: present.id,
                  found,
                  driver: trip.driver.trim() || (person.data?.name ?? ''),
                  ...(trip.route.trim() === '' ? {} : { route: trip.route.trim() }),
                  ...(trip.weather.trim() === '' ? {} : { weather: trip.weather.trim() }),
                  ...(reason === '' ? {} : { reason }),
                },
              },
              () => setChosen(null),
            )
          }
        />
      ) : (
        <Sheet
          title={say('screen.road-sheet.all-looked-for')}
          note={say('screen.tap-line-answer-it')}
        />
      )}
      <Box sx={{ display: 'grid', gap: 1.5, mb: 2 }}>
        {field('driver', say('screen.who-drove'), 80)}
        {field('route', say('screen.road-sheet.route'), 200)}
        {field('weather', say('screen.road-sheet.weather-and-light'), 120)}
      </Box>
      <Typography sx={{ mb: 1.5 }}>{say('screen.licensed-driver-road-law')}</Typography>
      <Box
        component="ul"
        sx={{ listStyle: 'none', p: 0, m: 0 }}
        aria-label={say('screen.road-sheet.functions')}
      >
        {order.road.map((one) => (
          <AnswerRow key={one.id} present={present === one} onAsk={() => setChosen(one.id)}>
            <span>
              {one.question}
              {one.reason && (
                <Box
                  component="span"
                  sx={{ display: 'block', fontSize: '0.9rem', color: 'text.secondary' }}
                >
                  {one.reason}
                </Box>
              )}
            </span>
            {one.found === null ? (
              <span>—</span>
            ) : (
              <Box component="span" sx={{ fontWeight: 700, color: FOUND[one.found][2] }}>
                {say(FOUND[one.found][0])}
              </Box>
            )}
          </AnswerRow>
        ))}
      </Box>
    </>
  );
}

function FunctionForm({
  asked,
  busy,
  lacks,
  onSay,
}: {
  asked: RoadFunction;
  busy: boolean;
  /** Whether driver, route or weather are still to be said. */
  lacks: boolean;
  onSay: (found: Found, reason: string) => void;
}) {
  const [why, setWhy] = useState<Found | null>(null);
  const [reason, setReason] = useState('');
  const [told, setTold] = useState(false);
  const answer = (found: Found) => {
    if (found !== 'untested' && lacks) {
      setTold(true);
      document.getElementById('road-route')?.focus();
    } else if (found === 'seen') {
      onSay(found, '');
    } else {
      setWhy(found);
    }
  };
  useKeys(
    useMemo(
      () =>
        why === null
          ? { y: () => answer('seen'), n: () => answer('not-seen'), u: () => answer('untested') }
          : {},
      [why, lacks, onSay], // oxlint-disable-line react/exhaustive-deps
    ),
  );
  return (
    <Sheet title={asked.question} note={asked.sensors.join(', ')} testId="road-function">
      {why === null ? (
        <Box sx={{ display: 'grid', gap: 1, mt: 1.5 }}>
          {told && lacks && (
            <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
              {say('screen.road-sheet.trip-first')}
            </Typography>
          )}
          {(Object.keys(FOUND) as Found[]).map((found) => (
            <Button
              key={found}
              variant={found === 'seen' ? 'contained' : 'outlined'}
              disabled={busy}
              onClick={() => answer(found)}
              sx={{ minHeight: 56 }}
            >
              {say(FOUND[found][0])} <Key of={FOUND[found][1]} />
            </Button>
          ))}
        </Box>
      ) : (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, mt: 1.5 }}
          onSubmit={(event) => {
            event.preventDefault();
            onSay(why, reason.trim());
          }}
        >
          <TextField
            id="road-reason"
            label={
              why === 'untested'
                ? say('screen.road-sheet.why-it-could-not')
                : say('screen.road-sheet.what-it-did-instead')
            }
            autoFocus
            required
            multiline
            minRows={2}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 300, minLength: 5 } }}
          />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained" disabled={busy}>
              {say(FOUND[why][0])}
            </Button>
            <Button color="inherit" onClick={() => setWhy(null)}>
              {say('screen.back')}
            </Button>
          </Box>
        </Box>
      )}
    </Sheet>
  );
}
