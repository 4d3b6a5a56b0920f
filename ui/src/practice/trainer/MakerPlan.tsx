import { useRef } from 'react';
import type { PracticeCar } from '../../api/types';
import { Car } from '../../floor/Car';
import { useSize } from '../../floor/useSize';
import { Projection, STANCES, type Spot } from '../../floor/view';
import { slate } from '../../theme/floor';
import { theme } from '../../theme/theme';
import { say } from '../../words/say';
import { withFault, type FaultKind, type Wanted } from './wanted';

/** What stands out of place is drawn so many times as far. */
const FACTOR = 25;

/** The farthest that a mark can be drawn aside, mm. */
const ASIDE = 60;

const asSpot = (pair: number[] | undefined): Spot => [pair?.[0] ?? 0, pair?.[1] ?? 0];

interface Props {
  made: PracticeCar;
  wanted: Wanted[];
  chosen: FaultKind | null;
  onChoose: (kind: FaultKind) => void;
  onWant: (wanted: Wanted[]) => void;
}

/** The car and its bay, on which what is to be wrong is chosen; the marks are drawn aside by hand. */
export function MakerPlan(props: Props) {
  const [box, size] = useSize();
  return (
    <div ref={box} style={{ position: 'absolute', inset: 0, overflow: 'hidden' }}>
      {size && size.width > 0 && <Drawing {...props} width={size.width} height={size.height} />}
    </div>
  );
}

function Drawing({
  made,
  wanted,
  chosen,
  onChoose,
  onWant,
  width,
  height,
}: Props & { width: number; height: number }) {
  const { plan } = made;
  const outline = plan.bay.outline.map(asSpot);
  const to = new Projection(STANCES[0]!, outline, width, height, 30);
  const can = (kind: FaultKind) => made.possible.some((one) => one.id === kind);
  const has = (kind: FaultKind) => wanted.some((one) => one.kind === kind);
  const front = asSpot(plan.frontMark);
  const rear = asSpot(plan.rearMark);
  const sensor = asSpot(plan.sensor.at);
  const spot = asSpot(plan.spot.at);
  const middle: Spot = [(sensor[0] + spot[0]) / 2, (sensor[1] + spot[1]) / 2];
  const mark = wanted.find((one) => one.kind === 'mark');
  const aside = (end: 'front' | 'rear') => (mark?.at === end ? (mark.size ?? 0) : 0);
  const places: [FaultKind, Spot, number, number][] = [
    ['thrust', [0, 0], 0, 0],
    ['floor', spot, 0, 42],
    ['wrong-target', spot, 0, -30],
    ['clutter', middle, 0, 34],
    ['axis', sensor, 26, -30],
    ['bracket', sensor, 26, 34],
    ['zero', sensor, 26, 34],
    ['cover', [sensor[0], sensor[1] + plan.car.halfWidth * 0.62], 8, -8],
  ];
  return (
    <svg
      width={width}
      height={height}
      role="group"
      aria-label={say('screen.maker.plan')}
      data-testid="maker-plan"
      fontFamily={theme.typography.fontFamily}
      fontSize="13"
    >
      <rect width={width} height={height} fill={slate.ground} />
      <path d={to.path(outline)} fill="none" stroke={slate.wall} strokeWidth="3" />
      <Car car={plan.car} to={to} />
      <path
        d={to.path(
          [
            [rear[0], rear[1] + FACTOR * aside('rear')],
            [front[0], front[1] + FACTOR * aside('front')],
          ],
          false,
        )}
        stroke={slate.laser}
        strokeWidth="2"
      />
      <circle
        cx={to.at(spot)[0]}
        cy={to.at(spot)[1]}
        r="10"
        fill="none"
        stroke={slate.chalk}
        strokeWidth="2"
      />
      <circle
        cx={to.at(sensor)[0]}
        cy={to.at(sensor)[1]}
        r="5"
        fill={slate.ground}
        stroke={slate.chalk}
        strokeWidth="2"
      />
      {places
        .filter(([kind]) => can(kind))
        .map(([kind, at, dx, dy]) => {
          const [x, y] = to.at(at);
          return (
            <Handle
              key={kind}
              x={Math.min(width - 24, Math.max(24, x + dx))}
              y={Math.min(height - 24, Math.max(24, y + dy))}
              words={made.possible.find((one) => one.id === kind)?.says ?? kind}
              on={has(kind)}
              chosen={chosen === kind}
              onPick={() => {
                onChoose(kind);
                if (!has(kind)) {
                  onWant(withFault(wanted, kind, {}));
                }
              }}
            />
          );
        })}
      {can('mark') &&
        (['front', 'rear'] as const).map((end) => (
          <MarkHandle
            key={end}
            end={end}
            at={end === 'front' ? front : rear}
            size={aside(end)}
            to={to}
            onSize={(size) => {
              onChoose('mark');
              onWant(
                size === 0
                  ? withFault(wanted, 'mark', null)
                  : withFault(wanted, 'mark', { size, at: end }),
              );
            }}
          />
        ))}
      <text x={14} y={26} fill={slate.chalk} fontSize="15" fontWeight="700">
        {made.possible.find((one) => one.id === chosen)?.says ?? ''}
      </text>
      <text x={14} y={height - 12} fill={slate.chalkSoft}>
        {say('screen.maker.plan-note', { factor: FACTOR })}
      </text>
    </svg>
  );
}

function Handle({
  x,
  y,
  words,
  on,
  chosen,
  onPick,
}: {
  x: number;
  y: number;
  words: string;
  on: boolean;
  chosen: boolean;
  onPick: () => void;
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={words}
      aria-pressed={on}
      onClick={onPick}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          onPick();
        }
      }}
      style={{ cursor: 'pointer' }}
    >
      <title>{words}</title>
      <circle cx={x} cy={y} r="24" fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r="13"
        fill={on ? slate.brass : slate.ground}
        stroke={chosen ? slate.laser : slate.brass}
        strokeWidth={chosen ? 4 : 2}
      />
      <path
        d={
          on
            ? `M${x - 6} ${y}L${x - 1} ${y + 5}L${x + 7} ${y - 6}`
            : `M${x - 6} ${y}H${x + 6}M${x} ${y - 6}V${y + 6}`
        }
        stroke={on ? slate.ground : slate.brass}
        strokeWidth="2.5"
        fill="none"
      />
    </g>
  );
}

/** A mark that is drawn aside by hand, or by the arrow keys a mm at a time. */
function MarkHandle({
  end,
  at,
  size,
  to,
  onSize,
}: {
  end: 'front' | 'rear';
  at: Spot;
  size: number;
  to: Projection;
  onSize: (size: number) => void;
}) {
  const from = useRef<{ y: number; size: number } | null>(null);
  const [x, y] = to.at([at[0], at[1] + FACTOR * size]);
  const bound = (value: number) => Math.round(Math.min(ASIDE, Math.max(-ASIDE, value)));
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={say(
        end === 'front' ? 'screen.floor-plan.front-mark' : 'screen.floor-plan.rear-mark',
      )}
      aria-valuemin={-ASIDE}
      aria-valuemax={ASIDE}
      aria-valuenow={size}
      data-testid={`mark-${end}`}
      style={{ cursor: 'ns-resize', touchAction: 'none' }}
      onPointerDown={(event) => {
        from.current = { y: event.clientY, size };
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        if (from.current !== null) {
          onSize(bound(from.current.size + (from.current.y - event.clientY) / to.size(FACTOR)));
        }
      }}
      onPointerUp={() => {
        from.current = null;
      }}
      onKeyDown={(event) => {
        const step = { ArrowUp: 1, ArrowLeft: 1, ArrowDown: -1, ArrowRight: -1 }[event.key];
        if (step !== undefined) {
          event.preventDefault();
          onSize(bound(size + step));
        }
      }}
    >
      <circle cx={x} cy={y} r="24" fill="transparent" />
      <path
        d={`M${x - 10} ${y}H${x + 10}M${x} ${y - 10}V${y + 10}`}
        stroke={slate.brass}
        strokeWidth="3.5"
      />
      <text
        x={x + 14}
        y={y + 22}
        fill={slate.chalk}
        paintOrder="stroke"
        stroke={slate.ground}
        strokeWidth="4"
      >
        {say(end === 'front' ? 'screen.floor-plan.front-mark' : 'screen.floor-plan.rear-mark')}
        {size === 0
          ? ''
          : `: ${say('screen.maker.aside', { size: Math.abs(size), side: size > 0 ? 'left' : 'right' })}`}
      </text>
    </g>
  );
}
