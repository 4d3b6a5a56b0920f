import type { ReactNode } from 'react';
import { useSize } from './useSize';
import { length } from '../words/length';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { Projection, STANCES, type Spot } from './view';
import { slate } from '../theme/floor';
import { theme } from '../theme/theme';
import { say } from '../words/say';

export type Corners = number[][];

export const asSpot = (pair: number[]): Spot => [pair[0] ?? 0, pair[1] ?? 0];

export interface BayShape {
  name: string;
  outline: Corners;
  obstacles: { name: string; corners: Corners }[];
  levelZone: Corners | null;
}

/** A bay from above, to scale, x to the right and y up, with whatever is drawn into it. */
export function BayDrawing({
  bay,
  label,
  also = [],
  children,
}: {
  bay: BayShape;
  label: string;
  /** Further places that must be in sight. */
  also?: Spot[];
  children?: (to: Projection) => ReactNode;
}) {
  const [box, size] = useSize();
  const to =
    size && size.width > 0 && bay.outline.length > 0
      ? new Projection(
          STANCES[0]!,
          [...bay.outline.map(asSpot), ...also],
          size.width,
          size.height,
          46,
        )
      : null;
  return (
    <div
      ref={box}
      style={{ position: 'absolute', inset: 0, background: slate.ground, touchAction: 'none' }}
    >
      {to && size && (
        <svg
          className="slate"
          width={size.width}
          height={size.height}
          role="group"
          aria-label={label}
          data-testid="bay-drawing"
          fontFamily={theme.typography.fontFamily}
          fontSize="13"
          style={{ display: 'block' }}
        >
          <Metres to={to} outline={bay.outline} />
          {bay.levelZone && (
            <path
              d={to.path(bay.levelZone.map(asSpot))}
              fill="none"
              stroke={slate.beam}
              strokeDasharray="8 6"
              data-testid="level-zone"
            />
          )}
          <path
            d={to.path(bay.outline.map(asSpot))}
            fill="none"
            stroke={slate.wall}
            strokeWidth="3"
          />
          {bay.obstacles.map((obstacle, i) => (
            <Obstacle key={i} obstacle={obstacle} to={to} />
          ))}
          <text x={12} y={20} fill={slate.chalkSoft}>
            {say('screen.bay-drawing.scale-square-metre', { bay: bay.name })}
          </text>
          <Lengths outline={bay.outline} to={to} />
          {children?.(to)}
        </svg>
      )}
    </div>
  );
}

/** How long each wall is, outside of it. */
function Lengths({ outline, to }: { outline: Corners; to: Projection }) {
  const [display] = useLengthDisplay();
  const middle =
    outline.reduce((sum, corner) => sum + to.at(asSpot(corner))[1], 0) / outline.length;
  return (
    <g fill={slate.chalkSoft} textAnchor="middle">
      {outline.map((corner, i) => {
        const a = to.at(asSpot(corner));
        const b = to.at(asSpot(outline[(i + 1) % outline.length] ?? corner));
        const span = Math.hypot(b[0] - a[0], b[1] - a[1]);
        if (span < 70) {
          return null;
        }
        const real = span / to.size(1);
        const upright = Math.abs(b[1] - a[1]) > Math.abs(b[0] - a[0]);
        const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
        return (
          <text
            key={i}
            x={x}
            y={y}
            dy={!upright && y > middle ? 20 : -9}
            transform={upright ? `rotate(${b[1] > a[1] ? 90 : -90} ${x} ${y})` : undefined}
          >
            {length(real, display)}
          </text>
        );
      })}
    </g>
  );
}

/** Something that stands in a bay, with its name. */
export function Obstacle({
  obstacle,
  to,
}: {
  obstacle: { name: string; corners: Corners };
  to: Projection;
}) {
  const mean = (k: 0 | 1) =>
    obstacle.corners.reduce((sum, corner) => sum + (corner[k] ?? 0), 0) / obstacle.corners.length;
  // Towards the middle of the bay: beyond the wall stand the walls' lengths.
  const inner = mean(1) > 0 ? Math.min : Math.max;
  const at = to.at(asSpot([mean(0), inner(...obstacle.corners.map(([, y]) => y ?? 0))]));
  return (
    <g>
      <path d={to.path(obstacle.corners.map(asSpot))} fill={slate.zone} stroke={slate.chalk} />
      <text x={at[0]} y={at[1] + (mean(1) > 0 ? 16 : -6)} fill={slate.chalk} textAnchor="middle">
        {obstacle.name}
      </text>
    </g>
  );
}

function Metres({ to, outline }: { to: Projection; outline: Corners }) {
  const xs = outline.map(([x]) => x ?? 0);
  const ys = outline.map(([, y]) => y ?? 0);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const lines: string[] = [];
  for (let x = Math.ceil(x0 / 1000) * 1000; x <= x1; x += 1000) {
    lines.push(to.path([asSpot([x, y0]), asSpot([x, y1])], false));
  }
  for (let y = Math.ceil(y0 / 1000) * 1000; y <= y1; y += 1000) {
    lines.push(to.path([asSpot([x0, y]), asSpot([x1, y])], false));
  }
  return <path d={lines.join('')} stroke={slate.grid} fill="none" />;
}
