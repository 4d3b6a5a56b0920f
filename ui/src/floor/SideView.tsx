import type { Workspace } from '../api/types';
import { length, type LengthDisplay } from '../words/length';
import { slate } from '../theme/floor';
import { figures, theme } from '../theme/theme';
import { useSize } from './useSize';
import { say } from '../words/say';

/** The side elevation, to one scale: sensor and target over the floor, the target's error magnified and said. */
export function SideView({ state, display }: { state: Workspace; display: LengthDisplay }) {
  const [ref, size] = useSize();
  return (
    <div ref={ref} style={{ position: 'absolute', inset: 0 }}>
      {size && size.width > 0 && (
        <Drawing state={state} display={display} width={size.width} height={size.height} />
      )}
    </div>
  );
}

const MAGNIFIED = 10;

function Drawing({
  state,
  display,
  width,
  height,
}: {
  state: Workspace;
  display: LengthDisplay;
  width: number;
  height: number;
}) {
  const { car, spot, sensor, stand } = state.plan;
  const spotX = spot.at[0] ?? 0;
  // Room for the target and its figures, ahead of the car or behind it.
  const left = Math.min(car.rear - 300, spotX - 1500);
  const right = Math.max(car.front + 300, spotX + 1500);
  const scale = Math.min((width - 40) / (right - left), (height - 44) / car.height);
  const x0 = (width - scale * (right - left)) / 2;
  const floor = height - 16;
  const x = (mm: number) => x0 + (mm - left) * scale;
  const z = (mm: number) => floor - mm * scale;
  const error = stand.targetHeight === null ? 0 : stand.targetHeight - spot.height;
  const drawnHeight = spot.height + MAGNIFIED * error;
  const h = car.height;
  const silhouette =
    `M${x(car.rear)} ${z(h * 0.28)}L${x(car.rear + 60)} ${z(h * 0.62)}Q${x(car.rear + 500)} ${z(h * 0.98)} ${x(car.wheelbase * 0.32)} ${z(h)}` +
    `L${x(car.wheelbase * 0.55)} ${z(h * 0.99)}L${x(car.wheelbase * 0.86)} ${z(h * 0.66)}L${x(car.front - 200)} ${z(h * 0.55)}` +
    `Q${x(car.front)} ${z(h * 0.5)} ${x(car.front)} ${z(h * 0.3)}L${x(car.front - 40)} ${z(h * 0.16)}H${x(car.rear + 40)}Z`;
  const [sx, sz] = [x(sensor.at[0] ?? 0), z(sensor.height)];
  const [tx, tz] = [x(spotX), z(drawnHeight)];
  const wheel = (car.tyre[0] ?? 0) / 2;
  const behind = spotX < 0;
  const beside = behind ? -16 : 16;
  return (
    <svg
      className="slate"
      width={width}
      height={height}
      role="img"
      aria-label={say('screen.side-view.side-view-target-height', { state: words(state, display) })}
      fontFamily={theme.typography.fontFamily}
      fontSize="13"
    >
      <rect width={width} height={height} fill={slate.ground} />
      <path
        d={silhouette}
        fill="none"
        stroke={slate.chalk}
        strokeWidth="1.6"
        strokeLinejoin="round"
      />
      {[0, car.wheelbase].map((hub) => (
        <circle
          key={hub}
          cx={x(hub)}
          cy={z(wheel)}
          r={wheel * scale}
          fill={slate.tyre}
          stroke={slate.chalk}
        />
      ))}
      <path d={`M12 ${floor}H${width - 12}`} stroke={slate.chalk} strokeWidth="2" />
      <path d={`M${sx} ${sz}L${tx} ${tz}`} stroke={slate.chalkFaint} strokeDasharray="5 4" />
      <circle cx={sx} cy={sz} r="3.5" fill={slate.chalk} />
      <path d={`M${tx - 9} ${z(spot.height)}H${tx + 9}`} stroke={slate.chalk} strokeWidth="2" />
      <path
        d={`M${tx} ${floor}V${tz}`}
        stroke={slate.brass}
        strokeWidth="4"
        strokeDasharray={stand.targetHeight === null ? '6 4' : undefined}
      />
      <circle cx={tx} cy={tz} r="5" fill={slate.brass} />
      <text
        x={tx + beside}
        textAnchor={behind ? 'end' : 'start'}
        y={floor - 23}
        fill={slate.brass}
        fontFamily={figures}
        fontSize="16"
        fontWeight="700"
      >
        {length(stand.targetHeight ?? spot.height, display)}
      </text>
      <text
        x={tx + beside}
        y={floor - 7}
        fill={slate.chalkSoft}
        textAnchor={behind ? 'end' : 'start'}
      >
        {stand.targetHeight === null
          ? say('screen.side-view.wanted')
          : say('screen.side-view.height-wanted', { height: length(spot.height, display) })}
      </text>
      <text x={12} y={18} fill={slate.chalkSoft}>
        {say('screen.side-view.side-scale', {
          error:
            error === 0 ? '' : ` ${say('screen.side-view.height-drawn-at-times', { MAGNIFIED })}`,
        })}
      </text>
    </svg>
  );
}

function words(state: Workspace, display: LengthDisplay): string {
  const { stand, spot } = state.plan;
  return stand.targetHeight === null
    ? say('screen.side-view.height-wanted', { height: length(spot.height, display) })
    : say('screen.side-view.height-and-wanted', {
        targetHeight: length(stand.targetHeight, display),
        height: length(spot.height, display),
      });
}
