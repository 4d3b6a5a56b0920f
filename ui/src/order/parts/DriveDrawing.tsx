import Box from '@mui/material/Box';
import type { DriveJudged, DriveLine } from '../../api/types';
import { useSize } from '../../floor/useSize';
import { slate } from '../../theme/floor';
import type { Drives } from './useDrives';
import { say } from '../../words/say';

const STRIP = 120;
const ROOM = 28;

/** Why a stretch was lost: a colour and a letter, so that neither has to be told by the other. */
const LOST: Record<string, [string, string]> = {
  'too-slow': ['#c9a227', 'S'],
  'too-fast': ['#e0703a', 'F'],
  turning: ['#8fb7d6', 'C'],
  dark: ['#6c7a89', 'D'],
  'low-sun': ['#f2d16b', 'L'],
  'no-fix': ['#d9534f', 'G'],
};
const COUNTED = '#54c7b4';

/** Where the drive went, and under it a strip over time: what counted, what did not, and how fast. */
export function DriveDrawing({ drives }: { drives: Drives }) {
  const [ref, size] = useSize();
  const { drive } = drives;
  const judged = drive?.sensors[0];
  return (
    <Box ref={ref} sx={{ position: 'absolute', inset: 0, bgcolor: slate.ground }}>
      {size && drive && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label={judged ? said(judged) : say('screen.drive-drawing.track-drive')}
          data-testid="drive-drawing"
        >
          <Track drive={drive} judged={judged} width={size.width} height={size.height - STRIP} />
          {judged && (
            <Strip drive={drive} judged={judged} width={size.width} top={size.height - STRIP} />
          )}
        </svg>
      )}
    </Box>
  );
}

function said(judged: DriveJudged): string {
  return say('screen.drive-drawing.counted-lost', {
    judged: judged.name,
    seconds: minutes(judged.seconds),
    seconds2: minutes(judged.needed.seconds),
    lost: judged.lost.map((lost) => `${minutes(lost.seconds)} ${lost.says}`).join(', '),
  });
}

export function minutes(seconds: number): string {
  return seconds < 90
    ? `${Math.round(seconds)} s`
    : say('screen.drive-drawing.min', { seconds: (seconds / 60).toFixed(1) });
}

/** What a moment of the drive was: a reason, or null where it counted. */
function reasonAt(judged: DriveJudged, at: number): string | null {
  return judged.stretches.find((stretch) => at > stretch.from && at <= stretch.to)?.reason ?? null;
}

function Track(props: {
  drive: DriveLine;
  judged: DriveJudged | undefined;
  width: number;
  height: number;
}) {
  const { drive, judged, width, height } = props;
  const { line, sun } = drive.track;
  const xs = line.map(([x = 0]) => x);
  const ys = line.map(([, y = 0]) => y);
  const [west, east, south, north] = [
    Math.min(...xs),
    Math.max(...xs),
    Math.min(...ys),
    Math.max(...ys),
  ];
  const scale = Math.min(
    (width - 2 * ROOM) / Math.max(1, east - west),
    (height - 2 * ROOM - 20) / Math.max(1, north - south),
  );
  const at = ([x = 0, y = 0]: number[]): [number, number] => [
    width / 2 + (x - (west + east) / 2) * scale,
    height / 2 + 10 - (y - (south + north) / 2) * scale,
  ];
  const rule = 10 ** Math.floor(Math.log10(Math.max(1, width / 3 / scale)));
  return (
    <g>
      <text x="12" y="20" fill={slate.chalkSoft} fontSize="13">
        {say('screen.drive-drawing.north-up-rule', {
          rule: rule >= 1000 ? say('screen.drive-drawing.km', { rule: rule / 1000 }) : `${rule} m`,
          elevation:
            sun.elevation > 0
              ? say('screen.drive-drawing.sun-high-from', {
                  round: Math.round(sun.elevation),
                  round2: Math.round(sun.azimuth),
                })
              : say('screen.drive-drawing.sun-down'),
        })}
      </text>
      <path d={`M12 34h${rule * scale}`} stroke={slate.chalkSoft} strokeWidth="2" />
      {line.slice(1).map((point, i) => {
        const reason = judged ? reasonAt(judged, point[2] ?? 0) : null;
        const [from, to] = [at(line[i] ?? []), at(point)];
        return (
          <path
            key={i}
            d={`M${from[0]} ${from[1]}L${to[0]} ${to[1]}`}
            stroke={reason === null ? COUNTED : (LOST[reason]?.[0] ?? slate.chalk)}
            strokeWidth={reason === null ? 4 : 3}
            strokeDasharray={reason === 'no-fix' ? '4 5' : undefined}
            strokeLinecap="round"
          />
        );
      })}
      {(
        [
          [line[0], say('screen.drive-drawing.begins')],
          [line.at(-1), say('screen.drive-drawing.ends')],
        ] as const
      ).map(([point, words]) => {
        const [x, y] = at(point ?? []);
        return (
          <g key={words}>
            <circle cx={x} cy={y} r="6" fill={slate.chalk} />
            <text x={x - 10} y={y - 10} fill={slate.chalk} fontSize="13" textAnchor="end">
              {words}
            </text>
          </g>
        );
      })}
    </g>
  );
}

function Strip(props: { drive: DriveLine; judged: DriveJudged; width: number; top: number }) {
  const { drive, judged, width, top } = props;
  const whole = Math.max(1, drive.track.seconds);
  const x = (at: number) => ROOM + (at / whole) * (width - 2 * ROOM);
  const fastest = Math.max(judged.window.fastest, ...judged.speeds.map(([, speed = 0]) => speed));
  const y = (speed: number) => top + 72 - (speed / fastest) * 56;
  return (
    <g data-testid="drive-strip">
      <rect x="0" y={top} width={width} height={STRIP} fill="#1d252c" />
      <rect
        x={ROOM}
        y={y(judged.window.fastest)}
        width={width - 2 * ROOM}
        height={y(judged.window.slowest) - y(judged.window.fastest)}
        fill={COUNTED}
        fillOpacity="0.12"
      />
      <path
        d={judged.speeds
          .map(([at = 0, speed = 0], i) => `${i === 0 ? 'M' : 'L'}${x(at)} ${y(speed)}`)
          .join('')}
        stroke={slate.chalk}
        strokeWidth="1.5"
        fill="none"
      />
      <text
        x={width - ROOM - 4}
        y={y(judged.window.fastest) + 13}
        fill={slate.chalkSoft}
        fontSize="12"
        textAnchor="end"
      >
        {say('screen.drive-drawing.counts-from-km-h', {
          slowest: judged.window.slowest,
          fastest: judged.window.fastest,
        })}
      </text>
      {judged.stretches.map((stretch) => {
        const [colour, letter] =
          stretch.reason === null ? [COUNTED, ''] : (LOST[stretch.reason] ?? [slate.chalk, '?']);
        const wide = x(stretch.to) - x(stretch.from);
        return (
          <g key={stretch.from}>
            <rect
              x={x(stretch.from)}
              y={top + 80}
              width={Math.max(1, wide)}
              height="24"
              fill={colour}
            />
            {wide > 12 && letter !== '' && (
              <text
                x={x(stretch.from) + wide / 2}
                y={top + 97}
                fill="#14191d"
                fontSize="13"
                fontWeight="700"
                textAnchor="middle"
              >
                {letter}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** A mark for a reason, as it stands on the strip. */
export function LostMark({ reason }: { reason: string }) {
  const [colour, letter] = LOST[reason] ?? ['#fff', '?'];
  return (
    <Box
      component="span"
      aria-hidden
      sx={{
        display: 'inline-block',
        width: 22,
        height: 22,
        lineHeight: '22px',
        textAlign: 'center',
        bgcolor: colour,
        color: '#14191d',
        fontWeight: 700,
        fontSize: '0.85rem',
        mr: 1,
      }}
    >
      {letter}
    </Box>
  );
}
