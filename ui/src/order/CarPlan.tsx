import Box from '@mui/material/Box';
import type { Order, OrderSensor } from '../api/types';
import { Car } from '../floor/Car';
import { useSize } from '../floor/useSize';
import { Projection, type Spot, type Stance } from '../floor/view';
import { slate } from '../theme/floor';
import { say } from '../words/say';

/** How far a cover that is off is drawn from the car, mm. */
const APART = 620;

/** Under the drawing, px: the legend, and the button that turns it. */
const BELOW = 64;

/** How far a sensor's wedge reaches, mm, and half its opening, degrees. */
const REACH = 780;
const OPENING = 16;

/** The car from above, to scale: its covers on or off, and every sensor with what it is owed. */
export function CarPlan({
  order,
  stance,
  chosen,
  onChoose,
}: {
  order: Order;
  stance: Stance;
  chosen: string | null;
  onChoose: (sensor: string) => void;
}) {
  const [ref, size] = useSize();
  const { car } = order;
  const bounds: Spot[] = [
    [car.front + 1250, car.halfWidth + 520],
    [car.front + 1250, -car.halfWidth - 520],
    [car.rear - 1250, car.halfWidth + 520],
    [car.rear - 1250, -car.halfWidth - 520],
  ];
  const to = size && new Projection(stance, bounds, size.width, size.height - BELOW, 14);
  return (
    <Box
      ref={ref}
      sx={{ position: 'absolute', inset: 0, bgcolor: slate.ground, overflow: 'hidden' }}
    >
      {to && size && (
        <svg
          className="slate"
          width={size.width}
          height={size.height}
          data-testid="car-plan"
          role="group"
          aria-label={say('screen.car-plan.car-from-above', { words: say(stance.words) })}
          style={{ display: 'block' }}
        >
          <Car car={{ ...car, hubs: hubs(car) } as never} to={to} />
          <Side to={to} car={car} side="left" />
          <Side to={to} car={car} side="right" />
          {order.covers.map((cover) => (
            <CoverShape
              key={cover.id}
              cover={cover}
              doubtful={
                cover.off === null && order.captures.some((capture) => capture.cover === cover.id)
              }
              car={car}
              to={to}
            />
          ))}
          {order.sensors.map((sensor) => (
            <Sensor
              key={sensor.id}
              sensor={sensor}
              to={to}
              chosen={sensor.id === chosen}
              onChoose={() => onChoose(sensor.id)}
            />
          ))}
          <text x={12} y={22} fill={slate.chalkSoft} fontSize="14">
            {say(stance.words)}
          </text>
          <Legend height={size.height} />
        </svg>
      )}
    </Box>
  );
}

/** Where the sheet has the hubs, mm in the vehicle frame. */
export function hubs(car: Order['car']) {
  return {
    FL: [car.wheelbase, car.trackFront / 2],
    FR: [car.wheelbase, -car.trackFront / 2],
    RL: [0, car.trackRear / 2],
    RR: [0, -car.trackRear / 2],
  };
}

/** Which side is which, always in the vehicle's sense; the words keep clear of the car however it is turned. */
function Side({ to, car, side }: { to: Projection; car: Order['car']; side: 'left' | 'right' }) {
  const out = side === 'left' ? 1 : -1;
  const [x, y] = to.at([car.wheelbase / 2, out * car.halfWidth]);
  const [fx, fy] = to.at([car.wheelbase / 2, out * (car.halfWidth + 200)]);
  const across = Math.abs(fx - x) > Math.abs(fy - y);
  const [dx, dy] = [Math.sign(Math.round(fx - x)), Math.sign(Math.round(fy - y))];
  return (
    <text
      x={x + 18 * dx}
      y={y + 22 * dy}
      fill={slate.chalkSoft}
      fontSize="15"
      textAnchor={across ? (dx > 0 ? 'start' : 'end') : 'middle'}
      dominantBaseline="central"
    >
      {say('screen.car-plan.cars', { side })}
    </text>
  );
}

function CoverShape({
  cover,
  doubtful,
  car,
  to,
}: {
  cover: Order['covers'][number];
  /** Nobody has said where it is, although it matters. */
  doubtful: boolean;
  car: Order['car'];
  to: Projection;
}) {
  const ahead = cover.id === 'front' ? 1 : -1;
  const end = cover.id === 'front' ? car.front : car.rear;
  const off = cover.off === true;
  const at = end + (off ? ahead * APART : 0);
  const w = car.halfWidth;
  const spots: Spot[] = [
    [at - ahead * 420, w],
    [at - ahead * 90, w * 0.86],
    [at, w * 0.4],
    [at, -w * 0.4],
    [at - ahead * 90, -w * 0.86],
    [at - ahead * 420, -w],
  ];
  // Beyond the sensors' wedges, so that nothing lies under the words.
  const [x, y] = to.at([end + ahead * (REACH + 240), 0]);
  const words = doubtful
    ? say('screen.car-plan.on-or-off', { cover: cover.says })
    : off
      ? say('screen.car-plan.off', { cover: cover.says })
      : cover.off === false
        ? say('screen.car-plan.on', { cover: cover.says })
        : '';
  const alarm = cover.due.length > 0;
  return (
    <g data-testid={`cover-${cover.id}`}>
      <path
        d={to.path(spots, false)}
        fill="none"
        stroke={alarm ? slate.brass : slate.chalk}
        strokeWidth={off ? 5 : 4}
        strokeDasharray={doubtful ? '3 8' : off ? '12 7' : undefined}
        strokeLinecap="round"
      />
      <text
        x={x}
        y={y}
        fill={alarm ? slate.brass : slate.chalkSoft}
        fontSize="15"
        fontWeight={alarm ? 700 : 400}
        textAnchor="middle"
        dominantBaseline="central"
      >
        {words}
        {alarm && ` ${say('screen.car-plan.capture', { due: cover.due.length })}`}
      </text>
    </g>
  );
}

function Sensor({
  sensor,
  to,
  chosen,
  onChoose,
}: {
  sensor: OrderSensor;
  to: Projection;
  chosen: boolean;
  onChoose: () => void;
}) {
  const at = sensor.at as unknown as Spot;
  const [x, y] = to.at(at);
  const ray = (degrees: number): Spot => {
    const angle = ((sensor.facing + degrees) * Math.PI) / 180;
    return [at[0] + REACH * Math.cos(angle), at[1] + REACH * Math.sin(angle)];
  };
  const { state } = sensor.owed;
  const fill = state === 'owed' ? slate.brass : 'none';
  const words = {
    owed: say('screen.owed-state'),
    'not-owed': say('screen.not-owed'),
    unknown: say('screen.unknown'),
  }[state];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${sensor.name}: ${words}. ${sensor.sideSaid}`}
      aria-pressed={chosen}
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          onChoose();
        }
      }}
      style={{ cursor: 'pointer' }}
      data-testid={`sensor-${sensor.id}`}
    >
      <circle cx={x} cy={y} r="26" fill="transparent" />
      <path
        d={to.path([at, ray(-OPENING), ray(OPENING)])}
        fill={fill}
        fillOpacity={state === 'owed' ? 0.34 : 0}
        stroke={state === 'not-owed' ? slate.chalkFaint : slate.brass}
        strokeWidth={chosen ? 3.4 : 1.8}
        strokeDasharray={state === 'unknown' ? '7 6' : undefined}
        strokeLinejoin="round"
      />
      <circle
        cx={x}
        cy={y}
        r="7"
        fill={state === 'not-owed' ? slate.ground : slate.brass}
        stroke={slate.chalk}
        strokeWidth="2"
      />
    </g>
  );
}

function Legend({ height }: { height: number }) {
  const rows = [
    { state: 'owed', words: say('screen.owed-state'), opacity: 0.34 },
    { state: 'unknown', words: say('screen.unknown'), opacity: 0 },
    { state: 'not-owed', words: say('screen.not-owed'), opacity: 0 },
  ];
  return (
    <g aria-hidden="true">
      {rows.map(({ state, words, opacity }, i) => (
        <g key={state} transform={`translate(14 ${height - 62 + i * 21})`}>
          <path
            d="M0 6 22 0 22 12Z"
            fill={slate.brass}
            fillOpacity={opacity}
            stroke={state === 'not-owed' ? slate.chalkFaint : slate.brass}
            strokeDasharray={state === 'unknown' ? '4 3' : undefined}
            strokeWidth="1.6"
          />
          <text x="32" y="11" fill={slate.chalkSoft} fontSize="14">
            {words}
          </text>
        </g>
      ))}
    </g>
  );
}
