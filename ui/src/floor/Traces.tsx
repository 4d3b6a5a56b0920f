import type { Plan, Trace } from '../api/types';
import { length, type LengthDisplay } from '../words/length';
import { slate } from '../theme/floor';
import { figures } from '../theme/theme';
import { placed } from './labels';
import type { Projection, Spot } from './view';

const asSpot = (pair: number[]): Spot => [pair[0] ?? 0, pair[1] ?? 0];

interface Line {
  call: string;
  kind: Trace['kind'];
  from: Spot;
  to: Spot;
  reading: number | null;
}

/** The tapes, beams and rules of the readings that were taken, and of the one that is called, with their numbers. */
export function Traces(props: {
  plan: Plan;
  to: Projection;
  /** By how much the stand is drawn beside its place, mm. */
  shift: Spot;
  called: string | null;
  display: LengthDisplay;
}) {
  const { plan, to, shift, called, display } = props;
  const onStand = [plan.stand.at, plan.stand.target, plan.stand.left, plan.stand.right].map(asSpot);
  const moved = (pair: number[]): Spot => {
    const at = asSpot(pair);
    const rides = onStand.some((known) => Math.hypot(known[0] - at[0], known[1] - at[1]) < 0.5);
    return rides ? [at[0] + shift[0], at[1] + shift[1]] : at;
  };
  const lines = plan.tapes
    .filter((tape) => tape.reading !== null || tape.call === called)
    .map((tape): Line => ({ ...tape, from: moved(tape.from), to: moved(tape.to) }));
  const drawn = lines.map((line) => {
    const [from, end] = [to.at(line.from), to.at(line.to)];
    const off = offset(line.kind);
    const [nx, ny] = normal(from, end);
    const words = line.reading === null ? '?' : length(line.reading, display);
    const short = Math.hypot(end[0] - from[0], end[1] - from[1]) < 70;
    return {
      line,
      from,
      end,
      words,
      half: words.length * 4.6 + 8,
      isNumbered:
        (line.call === called || !short) && line.kind !== 'beam' && line.kind !== 'return',
      beside: [nx * off, ny * off] as const,
    };
  });
  const numbered = drawn.filter((one) => one.isNumbered);
  const spots = placed(
    numbered.map(({ from, end, beside, half }) => ({
      from: [from[0] + beside[0], from[1] + beside[1]],
      to: [end[0] + beside[0], end[1] + beside[1]],
      width: 2 * half,
    })),
  );
  return (
    <g data-testid="traces">
      {drawn.map(({ line, from, end }) => (
        <path
          key={line.call}
          d={path(from, end, offset(line.kind))}
          stroke={colour(line.kind)}
          strokeOpacity={line.call === called ? 1 : 0.7}
          strokeWidth={line.call === called ? 2.8 : 1.5}
          strokeDasharray={dashes(line.kind)}
          fill="none"
        />
      ))}
      {numbered.map(({ line, words, half }, i) => (
        <Number
          key={line.call}
          at={spots[i] ?? [0, 0]}
          words={words}
          half={half}
          colour={colour(line.kind)}
          called={line.call === called}
        />
      ))}
    </g>
  );
}

/** A school's tapes and beams as they would go, to show where. */
export function Sketch({ traces, to }: { traces: Trace[]; to: Projection }) {
  return (
    <g data-testid="sketch">
      {traces.map((trace, i) => (
        <path
          key={i}
          d={path(to.at(asSpot(trace.from)), to.at(asSpot(trace.to)), offset(trace.kind))}
          stroke={colour(trace.kind)}
          strokeWidth="2.6"
          strokeDasharray={dashes(trace.kind)}
          fill="none"
        />
      ))}
    </g>
  );
}

function Number(props: { at: Spot; words: string; half: number; colour: string; called: boolean }) {
  const { at, words, half, called } = props;
  return (
    <g>
      <rect
        x={at[0] - half}
        y={at[1] - 12}
        width={2 * half}
        height="24"
        rx="3"
        fill={slate.ground}
        stroke={props.colour}
        strokeWidth={called ? 1.8 : 1}
      />
      <text
        x={at[0]}
        y={at[1] + 5}
        fill={slate.brass}
        textAnchor="middle"
        fontFamily={figures}
        fontSize={called ? 16 : 13}
        fontWeight="700"
      >
        {words}
      </text>
    </g>
  );
}

function colour(kind: Trace['kind']): string {
  return kind === 'beam' || kind === 'return' ? slate.beam : slate.brass;
}

function dashes(kind: Trace['kind']): string | undefined {
  return { tape: '7 5', along: undefined, rule: undefined, beam: '2 4', return: '10 3 2 3' }[kind];
}

/** A tape along the line is drawn beside it, px; the others where they are. */
function offset(kind: Trace['kind']): number {
  return kind === 'along' ? 62 : kind === 'return' ? 7 : 0;
}

function normal(from: Spot, to: Spot): Spot {
  const span = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  return [(to[1] - from[1]) / span, -(to[0] - from[0]) / span];
}

/** A line from end to end; one drawn beside its place has ticks at its ends. */
function path(from: Spot, to: Spot, off: number): string {
  const [nx, ny] = normal(from, to);
  const a: Spot = [from[0] + nx * off, from[1] + ny * off];
  const b: Spot = [to[0] + nx * off, to[1] + ny * off];
  const tick = (p: Spot) =>
    off < 20 ? '' : `M${p[0] - nx * 7} ${p[1] - ny * 7}L${p[0] + nx * 7} ${p[1] + ny * 7}`;
  return `M${a.join(' ')}L${b.join(' ')}${tick(a)}${tick(b)}`;
}
