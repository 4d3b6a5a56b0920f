import Box from '@mui/material/Box';
import type { ScrewTurn } from '../../api/types';

const SIZE = 250;
const MIDDLE = SIZE / 2;

/** The sensor as whoever faces it sees it: its pivot, its screws, and which way each is turned. */
export function ScrewDiagram({ screws }: { screws: ScrewTurn[] }) {
  const reach = Math.max(
    40,
    ...screws.flatMap((screw) => [Math.abs(screw.right), Math.abs(screw.up)]),
  );
  const scale = 70 / reach;
  const points = screws.map((screw) => [MIDDLE + screw.right * scale, MIDDLE - screw.up * scale]);
  const xs = [MIDDLE, ...points.map(([x = 0]) => x)];
  const ys = [MIDDLE, ...points.map(([, y = 0]) => y)];
  const box = [
    Math.min(...xs) - 26,
    Math.min(...ys) - 26,
    Math.max(...xs) + 26,
    Math.max(...ys) + 26,
  ] as const;
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      role="img"
      aria-label={`The sensor, as you face it: ${screws.map((screw) => `${screw.id.replaceAll('-', ' ')} ${screw.words}`).join('; ')}`}
      sx={{ width: '100%', maxWidth: 300, display: 'block', mx: 'auto', color: 'text.primary' }}
      data-testid="screws"
    >
      <rect
        x={box[0]}
        y={box[1]}
        width={box[2] - box[0]}
        height={box[3] - box[1]}
        rx="10"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
      />
      <path
        d={`M${MIDDLE - 7} ${MIDDLE}H${MIDDLE + 7}M${MIDDLE} ${MIDDLE - 7}V${MIDDLE + 7}`}
        stroke="currentColor"
        strokeWidth="2"
      />
      {screws.map((screw, i) => {
        const [x = 0, y = 0] = points[i] ?? [];
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
