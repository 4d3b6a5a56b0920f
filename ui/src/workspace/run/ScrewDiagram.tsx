import Box from '@mui/material/Box';
import type { ScrewTurn } from '../../api/types';
import { say } from '../../words/say';

/** How far the farthest screw is drawn from the pivot, and the room about everything. */
const REACH = 84;
const ROOM = 30;

/** The sensor as whoever faces it sees it: its pivot, its screws, and which way each is turned. */
export function ScrewDiagram({ screws }: { screws: ScrewTurn[] }) {
  const reach = Math.max(
    1,
    ...screws.flatMap((screw) => [Math.abs(screw.right), Math.abs(screw.up)]),
  );
  const points = screws.map((screw): [number, number] => [
    (screw.right / reach) * REACH,
    (-screw.up / reach) * REACH,
  ]);
  const xs = [0, ...points.map(([x]) => x)];
  const ys = [0, ...points.map(([, y]) => y)];
  const [left, top] = [Math.min(...xs) - ROOM, Math.min(...ys) - ROOM];
  const [width, height] = [Math.max(...xs) + ROOM - left, Math.max(...ys) + ROOM - top];
  return (
    <Box
      component="svg"
      viewBox={`${left - 4} ${top - 4} ${width + 8} ${height + 8}`}
      role="img"
      aria-label={say('screen.screw-diagram.sensor-as-you-face', {
        screws: screws.map((screw) => `${screw.id.replaceAll('-', ' ')} ${screw.says}`).join('; '),
      })}
      sx={{
        height: 150,
        maxWidth: '100%',
        display: 'block',
        mx: 'auto',
        my: 1,
        color: 'text.primary',
      }}
      data-testid="screws"
    >
      <rect
        x={left}
        y={top}
        width={width}
        height={height}
        rx="10"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
      />
      <path d="M-7 0H7M0 -7V7" stroke="currentColor" strokeWidth="2" />
      {screws.map((screw, i) => {
        const [x, y] = points[i] ?? [0, 0];
        return (
          <g key={screw.id}>
            <circle cx={x} cy={y} r="9" fill="currentColor" />
            <path
              d={`M${x - 5} ${y}H${x + 5}`}
              stroke="var(--mui-palette-background-paper)"
              strokeWidth="2.5"
            />
            {screw.turns !== 0 && <Arc x={x} y={y} turns={screw.turns} />}
          </g>
        );
      })}
    </Box>
  );
}

/** An arrow about a screw, the longer the more is turned; clockwise as seen here. */
function Arc({ x, y, turns }: { x: number; y: number; turns: number }) {
  const sense = turns > 0 ? 1 : -1;
  const sweep = Math.min(300, 60 + 90 * Math.abs(turns));
  const at = (degrees: number, radius: number): [number, number] => [
    x + radius * Math.sin((degrees * Math.PI) / 180),
    y - radius * Math.cos((degrees * Math.PI) / 180),
  ];
  const from = at(-sense * (sweep / 2), 18);
  const to = at(sense * (sweep / 2), 18);
  const inner = at(sense * (sweep / 2 - 22), 12);
  const outer = at(sense * (sweep / 2 - 22), 24);
  return (
    <g stroke="var(--mui-palette-primary-main)" strokeWidth="3.5" fill="none">
      <path
        d={`M${from[0]} ${from[1]}A18 18 0 ${sweep > 180 ? 1 : 0} ${sense > 0 ? 1 : 0} ${to[0]} ${to[1]}`}
      />
      <path d={`M${inner[0]} ${inner[1]}L${to[0]} ${to[1]}L${outer[0]} ${outer[1]}`} />
    </g>
  );
}
