import type { Workspace } from '../api/types';
import { length, type LengthDisplay } from '../words/length';
import { slate } from '../theme/floor';
import { figures } from '../theme/theme';
import type { Projection, Spot } from './view';
import { say } from '../words/say';

/** Where a staff is read, what it read, and which way the floor falls. */
export function FloorMarks({
  floor,
  to,
  display,
}: {
  floor: Workspace['floor'];
  to: Projection;
  display: LengthDisplay;
}) {
  return (
    <g data-testid="floor-marks">
      {floor.places.map((place) => {
        const [x, y] = to.at([place.at[0] ?? 0, place.at[1] ?? 0]);
        return (
          <g key={place.id}>
            <path
              d={`M${x} ${y - 11}L${x + 11} ${y}L${x} ${y + 11}L${x - 11} ${y}Z`}
              fill={place.value === null ? slate.ground : slate.brass}
              stroke={slate.brass}
              strokeWidth="2"
            />
            <text
              x={x}
              y={y - 17}
              fill={slate.chalk}
              textAnchor="middle"
              fontFamily={figures}
              fontSize="14"
              fontWeight="700"
            >
              {place.value === null ? '?' : length(place.value, display)}
            </text>
          </g>
        );
      })}
      {floor.slopes && <Fall floor={floor} to={to} />}
    </g>
  );
}

/** An arrow downhill under the car, with the slope in words. */
function Fall({ floor, to }: { floor: Workspace['floor']; to: Projection }) {
  const slopes = floor.slopes;
  if (!slopes) {
    return null;
  }
  const signed = (slope: { amount: number; direction: string }) =>
    slope.direction.startsWith('rising') ? slope.amount : -slope.amount;
  const [pitch, roll] = [signed(slopes.pitch), signed(slopes.roll)];
  const steep = Math.hypot(pitch, roll);
  if (steep < 0.02) {
    return null;
  }
  const hubs = floor.places.filter((place) => !place.id.startsWith('site'));
  const middle: Spot = [
    hubs.reduce((sum, place) => sum + (place.at[0] ?? 0), 0) / hubs.length,
    hubs.reduce((sum, place) => sum + (place.at[1] ?? 0), 0) / hubs.length,
  ];
  const reach = 900;
  const tail: Spot = [middle[0] + (pitch / steep) * reach, middle[1] + (roll / steep) * reach];
  const head: Spot = [middle[0] - (pitch / steep) * reach, middle[1] - (roll / steep) * reach];
  const [ax, ay] = to.at(tail);
  const [bx, by] = to.at(head);
  const a = Math.atan2(by - ay, bx - ax);
  const barb = (turn: number) =>
    `M${bx} ${by}L${bx - 18 * Math.cos(a + turn)} ${by - 18 * Math.sin(a + turn)}`;
  return (
    <g stroke={slate.chalk} strokeWidth="3" fill="none">
      <path d={`M${ax} ${ay}L${bx} ${by}${barb(0.45)}${barb(-0.45)}`} />
      <text
        x={ax}
        y={ay + (by >= ay ? -14 : 24)}
        fill={slate.chalk}
        stroke="none"
        fontSize="14"
        fontWeight="700"
      >
        {say('screen.floor-marks.falls', { steep: steep.toFixed(2) })}
      </text>
    </g>
  );
}
