import type { VerdictWord } from '../api/types';
import { say, type Code } from '../words/say';
import css from './VerdictMark.module.css';

const WORDS: Record<VerdictWord, Code> = {
  holds: 'screen.verdict-mark.holds',
  out: 'screen.verdict-mark.out',
  unproven: 'screen.verdict-mark.unproven',
  'not-measured': 'screen.verdict-mark.not-measured',
  'sent-back': 'screen.verdict-mark.sent-back',
  'handed-over': 'screen.verdict-mark.handed-over',
};

export function verdictWord(verdict: VerdictWord): string {
  return say(WORDS[verdict]);
}

/** A verdict as a record keeps it; what it does not know is not measured. */
export function verdictFrom(said: string | null | undefined): VerdictWord {
  return (Object.keys(WORDS) as VerdictWord[]).find((word) => word === said) ?? 'not-measured';
}

const COLOURS: Record<VerdictWord, string> = {
  holds: 'verdict-holds',
  out: 'verdict-out',
  unproven: 'verdict-unproven',
  'not-measured': 'verdict-unmeasured',
  'sent-back': 'text-primary',
  'handed-over': 'verdict-unproven',
};

/** A verdict as a shape, a colour and a word, so that none of them has to be seen alone. */
export function VerdictMark({ verdict, size = 20 }: { verdict: VerdictWord; size?: number }) {
  return (
    <span className={css.mark}>
      <span className={css.shape} style={{ color: `var(--mui-palette-${COLOURS[verdict]})` }}>
        <VerdictShape verdict={verdict} size={size} />
      </span>
      <span className={css.word} style={{ fontSize: `${size * 0.95}px` }}>
        {say(WORDS[verdict])}
      </span>
    </span>
  );
}

/** Solid square, crossed diamond, half-filled circle, dotted ring, an arrow back. */
function VerdictShape({ verdict, size }: { verdict: VerdictWord; size: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 20 20" aria-hidden="true">
      {verdict === 'holds' && <rect x="2" y="2" width="16" height="16" fill="currentColor" />}
      {verdict === 'out' && (
        <>
          <path d="M10 0 20 10 10 20 0 10Z" fill="currentColor" />
          <path
            d="M6.2 6.2 13.8 13.8M13.8 6.2 6.2 13.8"
            stroke="var(--mui-palette-background-paper)"
            strokeWidth="2.2"
          />
        </>
      )}
      {(verdict === 'unproven' || verdict === 'handed-over') && (
        <>
          <circle cx="10" cy="10" r="8.5" fill="none" stroke="currentColor" strokeWidth="2.5" />
          <path d="M10 1.5a8.5 8.5 0 0 0 0 17Z" fill="currentColor" />
        </>
      )}
      {verdict === 'sent-back' && (
        <path d="M18 10H4M10 3 3 10 10 17" fill="none" stroke="currentColor" strokeWidth="3" />
      )}
      {verdict === 'not-measured' && (
        <circle
          cx="10"
          cy="10"
          r="8.5"
          fill="none"
          stroke="currentColor"
          strokeWidth="2.2"
          strokeDasharray="2.6 2.75"
        />
      )}
    </svg>
  );
}
