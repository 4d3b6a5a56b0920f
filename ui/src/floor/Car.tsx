import type { Plan } from '../api/types';
import { slate } from '../theme/floor';
import type { Mapping, Spot } from './view';

/** The car's outline, glass and wheels, to scale. */
export function Car({ car, to }: { car: Plan['car']; to: Mapping }) {
  const w = car.halfWidth;
  const xy = (x: number, y: number) =>
    to
      .at([x, y])
      .map((v) => v.toFixed(1))
      .join(' ');
  const { front, rear } = car;
  // Quarter curves at the corners; the straight sides are as wide as the sheet says.
  const [p, q] = [front - 620, rear + 420];
  const body = [
    `M${xy(q, w)}L${xy(p, w)}`,
    `C${xy(front - 210, w)} ${xy(front, w * 0.62)} ${xy(front, 0)}`,
    `C${xy(front, -w * 0.62)} ${xy(front - 210, -w)} ${xy(p, -w)}`,
    `L${xy(q, -w)}C${xy(rear + 120, -w)} ${xy(rear, -w * 0.8)} ${xy(rear, 0)}`,
    `C${xy(rear, w * 0.8)} ${xy(rear + 120, w)} ${xy(q, w)}Z`,
  ].join('');
  const screen = car.wheelbase;
  const windscreen: Spot[] = [
    [screen - 820, w * 0.66],
    [screen - 250, w * 0.78],
    [screen - 250, -w * 0.78],
    [screen - 820, -w * 0.66],
  ];
  const glass: Spot[] = [
    [rear + 520, w * 0.7],
    [rear + 900, w * 0.6],
    [rear + 900, -w * 0.6],
    [rear + 520, -w * 0.7],
  ];
  return (
    <g>
      <path
        d={body}
        fill={slate.carFill}
        stroke={slate.chalk}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      <path d={to.path(windscreen)} fill="none" stroke={slate.chalkFaint} />
      <path d={to.path(glass)} fill="none" stroke={slate.chalkFaint} />
      {Object.entries(car.hubs).map(([name, hub]) => (
        <Wheel key={name} hub={hub as unknown as Spot} tyre={car.tyre as unknown as Spot} to={to} />
      ))}
    </g>
  );
}

function Wheel({ hub, tyre, to }: { hub: Spot; tyre: Spot; to: Mapping }) {
  const [length, width] = tyre;
  const outer = hub[1] + width / 2;
  const inner = hub[1] - width / 2;
  const [x, y] = to.at(hub);
  return (
    <g>
      <path
        d={to.path([
          [hub[0] - length / 2, outer],
          [hub[0] + length / 2, outer],
          [hub[0] + length / 2, inner],
          [hub[0] - length / 2, inner],
        ])}
        fill={slate.tyre}
        stroke={slate.chalk}
        strokeWidth="1.2"
        strokeLinejoin="round"
      />
      <circle cx={x} cy={y} r="2.4" fill={slate.chalk} />
    </g>
  );
}
