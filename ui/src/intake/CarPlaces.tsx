import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { Intake } from '../api/types';
import { slate } from '../theme/floor';
import { say } from '../words/say';

export type PlaceId = Intake['places'][number]['id'];

/** Where each stands on the drawing, in percent: the front of the car is at the right, its left side above. */
const AT: Readonly<Record<PlaceId, readonly [number, number]>> = {
  front: [92, 50],
  'front-left': [85, 16],
  'front-right': [85, 84],
  'rear-left': [10, 30],
  'rear-right': [10, 70],
  'blind-left': [22, 14],
  'blind-right': [22, 86],
};

/** The car from above: its radar sensors are where they are tapped. */
export function CarPlaces({
  places,
  chosen,
  onChange,
}: {
  places: Intake['places'];
  chosen: readonly PlaceId[];
  onChange: (chosen: PlaceId[]) => void;
}) {
  return (
    <Box role="group" aria-label={say('screen.car-places.where')}>
      <Typography color="text.secondary" sx={{ mb: 0.5 }}>
        {say('screen.car-places.tap')}
      </Typography>
      <Box sx={{ position: 'relative', height: 300, bgcolor: slate.ground }}>
        <svg
          viewBox="0 0 100 100"
          preserveAspectRatio="none"
          width="100%"
          height="100%"
          aria-hidden
          style={{ position: 'absolute', inset: 0 }}
        >
          <path
            d="M12 22 Q6 22 6 32 V68 Q6 78 12 78 H84 Q95 76 95 60 V40 Q95 24 84 22 Z"
            fill="none"
            stroke={slate.chalk}
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
          <path
            d="M24 30 H30 V70 H24 M62 28 Q68 50 62 72"
            fill="none"
            stroke={slate.chalkSoft}
            strokeWidth="1.5"
            vectorEffect="non-scaling-stroke"
          />
          {[28, 66].map((x) =>
            [20, 76].map((y) => (
              <rect key={`${x}-${y}`} x={x} y={y} width="10" height="4" fill={slate.chalkSoft} />
            )),
          )}
        </svg>
        <Typography
          component="span"
          sx={{ position: 'absolute', left: '44%', top: 6, color: slate.chalkSoft }}
        >
          {say('screen.car-places.left-side')}
        </Typography>
        <Typography
          component="span"
          sx={{ position: 'absolute', left: '44%', bottom: 6, color: slate.chalkSoft }}
        >
          {say('screen.car-places.right-side')}
        </Typography>
        {places.map((place) => {
          const on = chosen.includes(place.id);
          const [x, y] = AT[place.id];
          return (
            <ButtonBase
              key={place.id}
              aria-pressed={on}
              onClick={() =>
                onChange(on ? chosen.filter((known) => known !== place.id) : [...chosen, place.id])
              }
              sx={{
                position: 'absolute',
                left: `${x}%`,
                top: `${y}%`,
                transform:
                  x > 80
                    ? 'translate(-100%, -50%)'
                    : x < 15
                      ? 'translate(0, -50%)'
                      : 'translate(-20%, -50%)',
                whiteSpace: 'nowrap',
                minHeight: 48,
                minWidth: 48,
                px: 1.5,
                border: 2,
                borderColor: on ? 'transparent' : slate.chalkSoft,
                borderStyle: on ? 'solid' : 'dashed',
                bgcolor: on ? slate.brass : slate.ground,
                color: on ? slate.tyre : slate.chalk,
                fontWeight: 700,
                fontSize: '0.95rem',
              }}
            >
              {place.says}
            </ButtonBase>
          );
        })}
      </Box>
    </Box>
  );
}
