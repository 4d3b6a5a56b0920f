import type { Plan, Reckoning } from '../../api/types';
import { Car } from '../../floor/Car';
import { Projection, STANCES, type Spot } from '../../floor/view';
import { slate } from '../../theme/floor';
import { theme } from '../../theme/theme';
import { useSize } from '../../floor/useSize';
import { say } from '../../words/say';

interface Place {
  point: string;
  says: string;
  believed: number[];
  true: number[];
}

/** Differences of a few mm are drawn so many times their size, at most. */
const MOST = 60;

/** The longest difference is drawn about this long, px. */
const LONG = 70;

const asSpot = (pair: number[]): Spot => [pair[0] ?? 0, pair[1] ?? 0];

/** The bay to scale, with the truth (chalk, filled) beside what was believed (brass, hollow); only what lies between them is drawn larger. */
export function TruthPlan({
  plan,
  places,
}: {
  plan: Plan;
  places: (Place | Reckoning['places'][number])[];
}) {
  const [box, size] = useSize();
  return (
    <div ref={box} style={{ position: 'absolute', inset: 0, overflow: 'hidden' }}>
      {size && size.width > 0 && (
        <Drawing plan={plan} places={places} width={size.width} height={size.height} />
      )}
    </div>
  );
}

function Drawing({
  plan,
  places,
  width,
  height,
}: {
  plan: Plan;
  places: Place[];
  width: number;
  height: number;
}) {
  const outline = plan.bay.outline.map(asSpot);
  const to = new Projection(STANCES[0]!, outline, width, height, 44);
  const off = (place: Place) =>
    Math.hypot(
      (place.true[0] ?? 0) - (place.believed[0] ?? 0),
      (place.true[1] ?? 0) - (place.believed[1] ?? 0),
    );
  const largest = Math.max(...places.map(off), 0.1);
  const factor = Math.max(1, Math.min(MOST, Math.round(LONG / Math.max(to.size(largest), 0.01))));
  const said = places.map((place) =>
    say('screen.reckoning.place-off', { place: place.says, off: Math.round(off(place)) }),
  );
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={said.join('. ')}
      data-testid="truth-plan"
      data-factor={factor}
      fontFamily={theme.typography.fontFamily}
      fontSize="13"
    >
      <rect width={width} height={height} fill={slate.ground} />
      <path d={to.path(outline)} fill="none" stroke={slate.wall} strokeWidth="3" />
      <Car car={plan.car} to={to} />
      {places.map((place, i) => {
        const believed = asSpot(place.believed);
        const [bx, by] = to.at(believed);
        const [tx, ty] = to.at([
          believed[0] + factor * ((place.true[0] ?? 0) - believed[0]),
          believed[1] + factor * ((place.true[1] ?? 0) - believed[1]),
        ]);
        const shown = off(place) >= 1;
        // Names stand under one another, clear of what they name.
        const label = Math.max(by, ty) + 34 + 22 * (i % 3);
        return (
          <g key={place.point}>
            {shown && <path d={`M${bx} ${by}L${tx} ${ty}`} stroke={slate.laser} strokeWidth="2" />}
            <circle cx={bx} cy={by} r="8" fill="none" stroke={slate.brass} strokeWidth="2.5" />
            <rect x={tx - 5} y={ty - 5} width="10" height="10" fill={slate.chalk} />
            {shown && (
              <g>
                <path d={`M${bx} ${by + 12}V${label - 15}`} stroke={slate.chalkSoft} />
                <text
                  x={Math.min(width - 90, Math.max(90, bx))}
                  y={label}
                  fill={slate.chalk}
                  textAnchor="middle"
                  fontWeight="700"
                  paintOrder="stroke"
                  stroke={slate.ground}
                  strokeWidth="4"
                >
                  {say('screen.reckoning.place-off', {
                    place: place.says,
                    off: Math.round(off(place)),
                  })}
                </text>
              </g>
            )}
          </g>
        );
      })}
      <g>
        <circle cx={24} cy={20} r="7" fill="none" stroke={slate.brass} strokeWidth="2.5" />
        <text x={40} y={25} fill={slate.chalk}>
          {say('screen.reckoning.believed')}
        </text>
        <rect x={129} y={15} width="10" height="10" fill={slate.chalk} />
        <text x={148} y={25} fill={slate.chalk}>
          {say('screen.reckoning.true')}
        </text>
        <text x={16} y={height - 12} fill={slate.chalkSoft}>
          {factor > 1
            ? say('screen.reckoning.magnified', { factor })
            : say('screen.reckoning.to-scale')}
        </text>
      </g>
    </svg>
  );
}
