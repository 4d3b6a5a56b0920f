import Button from '@mui/material/Button';
import type { Plan, Trace, Workspace } from '../api/types';
import { length } from '../words/length';
import type { LengthDisplay } from '../words/length';
import { theme } from '../theme/theme';
import { slate } from '../theme/floor';
import { Obstacle } from './BayDrawing';
import { Car } from './Car';
import { FloorMarks } from './FloorMarks';
import { Sketch, Traces } from './Traces';
import { usePan, type Look } from './usePan';
import { useSize } from './useSize';
import { magnification, magnified, Projection, type Spot, type Stance } from './view';
import { say } from '../words/say';

const asSpot = (pair: number[]): Spot => [pair[0] ?? 0, pair[1] ?? 0];

/** What of a car's state the plan draws. */
export interface Drawn {
  plan: Plan;
  verdicts: Workspace['verdicts'];
  present: { call: string | null };
  floor: Workspace['floor'] | null;
}

interface Props {
  state: Drawn;
  stance: Stance;
  display: LengthDisplay;
  /** A school's tapes and beams, shown while it is looked at. */
  sketch?: Trace[] | undefined;
  /** Whether the floor is the matter. */
  floor?: boolean;
}

/** The bay from above, to scale: car, line, spot and stand; the stand's error alone is magnified, and says so. */
export function FloorPlan(props: Props) {
  const [box, size] = useSize();
  const { look, closer, whole } = usePan(box);
  return (
    <div
      ref={box}
      tabIndex={0}
      role="region"
      aria-label={say('screen.floor-plan.plan-plus-and-minus')}
      style={{ position: 'absolute', inset: 0, touchAction: 'none', overflow: 'hidden' }}
    >
      {size && size.width > 0 && (
        <Drawing {...props} width={size.width} height={size.height} look={look} />
      )}
      <div
        className="screen-only"
        style={{ position: 'absolute', left: 8, bottom: 8, display: 'flex', gap: 8 }}
      >
        <PlanButton onClick={closer}>{say('screen.floor-plan.closer')}</PlanButton>
        {look.zoom > 1 && (
          <PlanButton onClick={whole}>{say('screen.floor-plan.whole-bay')}</PlanButton>
        )}
      </div>
    </div>
  );
}

function PlanButton({ onClick, children }: { onClick: () => void; children: string }) {
  return (
    <Button
      onClick={onClick}
      variant="outlined"
      sx={{ color: slate.chalk, borderColor: slate.wall, bgcolor: slate.ground }}
    >
      {children}
    </Button>
  );
}

function Drawing(props: Props & { width: number; height: number; look: Look }) {
  const { state, stance, display, width, height, look, sketch, floor = false } = props;
  const { plan } = state;
  const outline = plan.bay.outline.map(asSpot);
  const zone = plan.zone.map(asSpot);
  const to = new Projection(stance, [...outline, ...zone], width, height, 30, look);
  const spot = asSpot(plan.spot.at);
  const target = asSpot(plan.stand.target);
  const error = Math.hypot(target[0] - spot[0], target[1] - spot[1]);
  const factor = plan.stand.measured ? magnification(to.size(error), 90) : 1;
  const drawn = magnified(target, spot, factor);
  const line = beyond(asSpot(plan.rearMark), asSpot(plan.frontMark), spot, 420);
  return (
    <svg
      className="slate"
      width={width}
      height={height}
      role="img"
      aria-label={describe(state, display)}
      data-testid="floor-plan"
      data-factor={factor}
      fontFamily={theme.typography.fontFamily}
      fontSize="13"
    >
      <rect width={width} height={height} fill={slate.ground} />
      <Grid to={to} outline={outline} />
      <defs>
        <pattern
          id="hatch"
          width="12"
          height="12"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V12" stroke={slate.zone} strokeWidth="1.4" />
        </pattern>
      </defs>
      <path d={to.path(outline)} fill="none" stroke={slate.wall} strokeWidth="3" />
      {plan.bay.levelZone && (
        <path
          d={to.path(plan.bay.levelZone.map(asSpot))}
          fill="none"
          stroke={slate.beam}
          strokeOpacity="0.6"
          strokeDasharray="8 6"
        />
      )}
      {plan.bay.obstacles.map((obstacle) => (
        <Obstacle key={obstacle.name} obstacle={obstacle} to={to} />
      ))}
      {zone.length > 0 && (
        <path d={to.path(zone)} fill="url(#hatch)" stroke={slate.zone} strokeDasharray="6 4" />
      )}
      <Car car={plan.car} to={to} />
      <path d={to.path(line, false)} stroke={slate.laser} strokeWidth="2" fill="none" />
      <Mark
        at={to.at(asSpot(plan.rearMark))}
        words={say('screen.floor-plan.rear-mark')}
        stance={stance}
        inwards={1}
      />
      <Mark
        at={to.at(asSpot(plan.frontMark))}
        words={say('screen.floor-plan.front-mark')}
        stance={stance}
        inwards={-1}
      />
      <Sight sensor={to.at(asSpot(plan.sensor.at))} spot={to.at(spot)} />
      {sketch ? (
        <Sketch traces={sketch} to={to} />
      ) : floor ? null : (
        <Traces
          plan={plan}
          to={to}
          shift={[drawn[0] - target[0], drawn[1] - target[1]]}
          called={state.present.call}
          display={display}
        />
      )}
      <Cross at={to.at(spot)} />
      <Stand plan={plan} to={to} drawn={drawn} factor={factor} />
      {floor && state.floor && <FloorMarks floor={state.floor} to={to} display={display} />}
      <text x={12} y={20} fill={slate.chalkSoft}>
        {say('screen.floor-plan.scale', {
          bay: plan.bay.name,
          measured: plan.stand.measured
            ? factor > 1
              ? ` ${say('screen.floor-plan.stand-drawn-at-times', { factor })}`
              : ''
            : ` ${say('screen.floor-plan.stand-not-measured')}`,
        })}
      </text>
      <text
        x={width < 560 ? 12 : width - 12}
        y={width < 560 ? 38 : 20}
        fill={slate.chalkSoft}
        textAnchor={width < 560 ? 'start' : 'end'}
      >
        {say(stance.words)}
      </text>
    </svg>
  );
}

/** The line through both marks, drawn past both of them and past the spot. */
function beyond(rear: Spot, front: Spot, spot: Spot, past: number): Spot[] {
  const span = Math.hypot(front[0] - rear[0], front[1] - rear[1]);
  const u: Spot = [(front[0] - rear[0]) / span, (front[1] - rear[1]) / span];
  const along = (spot[0] - rear[0]) * u[0] + (spot[1] - rear[1]) * u[1];
  const [back, ahead] = [Math.min(-260, along - past), Math.max(span + 260, along + past)];
  return [
    [rear[0] + back * u[0], rear[1] + back * u[1]],
    [rear[0] + ahead * u[0], rear[1] + ahead * u[1]],
  ];
}

function Grid({ to, outline }: { to: Projection; outline: Spot[] }) {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const paths: string[] = [];
  for (let x = Math.ceil(x0 / 1000) * 1000; x <= x1; x += 1000) {
    paths.push(
      to.path(
        [
          [x, y0],
          [x, y1],
        ],
        false,
      ),
    );
  }
  for (let y = Math.ceil(y0 / 1000) * 1000; y <= y1; y += 1000) {
    paths.push(
      to.path(
        [
          [x0, y],
          [x1, y],
        ],
        false,
      ),
    );
  }
  return <path d={paths.join('')} stroke={slate.grid} fill="none" />;
}

function Mark({
  at: [x, y],
  words,
  stance,
  inwards,
}: {
  at: [number, number];
  words: string;
  stance: Stance;
  inwards: 1 | -1;
}) {
  const upright = stance.x[0] === 0;
  // The name stands inside the car, where nothing else is drawn.
  const dx = upright ? 12 : 14 * inwards * stance.x[0];
  const dy = upright ? 16 * inwards * stance.x[1] + 4 : 18;
  return (
    <g>
      <path
        d={`M${x - 7} ${y}H${x + 7}M${x} ${y - 7}V${y + 7}`}
        stroke={slate.brass}
        strokeWidth="2.4"
      />
      <text
        x={x + dx}
        y={y + dy}
        fill={slate.chalk}
        textAnchor={upright || dx > 0 ? 'start' : 'end'}
      >
        {words}
      </text>
    </g>
  );
}

/** The sensor, and where it looks for the target. */
function Sight({ sensor, spot }: { sensor: [number, number]; spot: [number, number] }) {
  return (
    <g data-testid="sight">
      <path
        d={`M${sensor.join(' ')}L${spot.join(' ')}`}
        stroke={slate.chalkSoft}
        strokeDasharray="1 6"
        strokeLinecap="round"
        strokeWidth="2"
      />
      <circle
        cx={sensor[0]}
        cy={sensor[1]}
        r="5"
        fill={slate.ground}
        stroke={slate.chalk}
        strokeWidth="2"
      />
    </g>
  );
}

function Cross({ at: [x, y] }: { at: [number, number] }) {
  return (
    <g stroke={slate.chalk} strokeWidth="2" fill="none" data-testid="spot">
      <circle cx={x} cy={y} r="10" />
      <path d={`M${x - 17} ${y}H${x + 17}M${x} ${y - 17}V${y + 17}`} />
    </g>
  );
}

function Stand({
  plan,
  to,
  drawn,
  factor,
}: {
  plan: Plan;
  to: Projection;
  drawn: Spot;
  factor: number;
}) {
  const target = asSpot(plan.stand.target);
  const shift: Spot = [drawn[0] - target[0], drawn[1] - target[1]];
  const place = (pair: number[]): Spot => [(pair[0] ?? 0) + shift[0], (pair[1] ?? 0) + shift[1]];
  const left = place(plan.stand.left);
  const right = place(plan.stand.right);
  const foot = place(plan.stand.at);
  const [tx, ty] = to.at(drawn);
  const [fx, fy] = to.at(foot);
  const ellipse = plan.stand.ellipse;
  const [ex, ey] = ellipse ? turned(to, ellipse.turn) : [1, 0];
  return (
    <g className="moving" opacity={plan.stand.measured ? 1 : 0.55} data-testid="stand">
      <path
        d={to.path([left, right], false)}
        stroke={slate.brass}
        strokeWidth="7"
        strokeLinecap="butt"
        strokeDasharray={plan.stand.measured ? undefined : '8 5'}
      />
      <path d={`M${fx} ${fy}L${tx} ${ty}`} stroke={slate.brass} strokeWidth="3" />
      <circle cx={tx} cy={ty} r="5.5" fill={slate.brass} stroke={slate.ground} strokeWidth="1.5" />
      {ellipse && (
        <ellipse
          cx={0}
          cy={0}
          rx={Math.max(3, to.size(ellipse.major * factor))}
          ry={Math.max(3, to.size(ellipse.minor * factor))}
          transform={`translate(${tx} ${ty}) rotate(${(Math.atan2(ey, ex) * 180) / Math.PI})`}
          fill="none"
          stroke={slate.brass}
          strokeDasharray="3 3"
        />
      )}
    </g>
  );
}

/** A direction of the plan on the screen. */
function turned(to: Projection, degrees: number): [number, number] {
  const a = (degrees * Math.PI) / 180;
  const [x0, y0] = to.at([0, 0]);
  const [x1, y1] = to.at([1000 * Math.cos(a), 1000 * Math.sin(a)]);
  return [x1 - x0, y1 - y0];
}

/** The drawing in words, for those who cannot see it. */
function describe(state: Drawn, display: LengthDisplay): string {
  const said = state.verdicts.map((respect) =>
    respect.deviation === undefined
      ? say('screen.floor-plan.not-measured', { respect: respect.title })
      : `${respect.title} ${respect.verdict}, ${respect.unit === 'mm' ? length(respect.deviation, display) : say('screen.floor-plan.degrees', { abs: Math.abs(respect.deviation).toFixed(2) })} ${respect.direction ?? ''}`,
  );
  return say('screen.floor-plan.plan', { bay: state.plan.bay.name, said: said.join('. ') });
}
