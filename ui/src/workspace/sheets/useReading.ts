import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Call, Workspace } from '../../api/types';
import { useDraft } from '../../sheet/useDraft';
import { useMeterReading } from '../../tablet/meter/meter';
import { lengthUnit, readingSide, type LengthDisplay } from '../../words/length';
import { say, type Code } from '../../words/say';
import type { Task } from '../task/useTask';
import { useInstrument } from './useInstrument';

/** Refusals that stand beside another field than the reading's own. */
const OTHERS = /^\/payload\/(accuracy|instrument)$/;

/** The words that can be put behind a figure, where one of them is needed. */
export const SIDES: Partial<Record<Call['reads'], readonly (readonly [string, Code])[]>> = {
  sided: [
    ['left', 'screen.read-sheet.left'],
    ['right', 'screen.read-sheet.right'],
  ],
  turn: [
    ['anticlockwise', 'screen.anticlockwise'],
    ['clockwise', 'screen.clockwise'],
  ],
};

/** One reading while it is typed: what belongs to it, what is asked about it, and how it is written. */
export function useReading(call: Call, state: Workspace, task: Task, onDone: () => void) {
  const [typed, setTyped] = useDraft(`${state.task}-${call.id}`);
  const [datum, setDatum] = useState(call.reading?.datum ?? state.card.heightDatum);
  const [accuracy, setAccuracy] = useDraft(`${state.task}-${call.reads}-accuracy`);
  const [instrument, setInstrument] = useInstrument(call);
  const side = new RegExp(`\\s(${(SIDES[call.reads] ?? []).map(([word]) => word).join('|')})$`);
  useMeterReading((read) =>
    // A side that was typed already stays: a meter knows none.
    setTyped(call.reads === 'sided' ? `${read}${side.exec(typed)?.[0] ?? ''}` : read),
  );
  const refused =
    task.failure instanceof Refused &&
    /^\/payload\/(typed|datum|call|strikes|accuracy|instrument)$/.test(
      task.failure.problem.path ?? '',
    )
      ? task.failure
      : null;
  // A question stands as long as the text that it is about; another text is another reading.
  const isQuestion = refused?.problem.code === 'asks-once';
  const sent = task.failed?.kind === 'reading' ? task.failed.payload : null;
  const question =
    isQuestion && sent?.call === call.id && sent.typed === typed ? refused.message : null;
  const failure = isQuestion ? null : refused;
  /** What is said against one of its fields; null for the reading's own. */
  const against = (field: 'accuracy' | 'instrument' | null): string | null => {
    const path = failure?.problem.path ?? '';
    const isMeant = field === null ? !OTHERS.test(path) : path === `/payload/${field}`;
    return isMeant ? (failure?.message ?? null) : null;
  };
  return {
    typed,
    setTyped,
    datum,
    setDatum,
    accuracy,
    setAccuracy,
    instrument,
    setInstrument,
    question,
    against,
    /** Puts a side behind the figure, in the place of the one that stood there. */
    addSide: (side: string) =>
      setTyped(
        `${typed.replace(/\s*(left|right|l|r|anticlockwise|clockwise)\s*$/i, '')} ${side}`.trimStart(),
      ),
    record: (confirmed = false) =>
      task.write(
        {
          kind: 'reading',
          payload: {
            call: call.id,
            typed,
            ...(call.datums.length > 0 ? { datum } : {}),
            ...(call.reading ? { strikes: call.reading.id } : {}),
            ...(call.statesAccuracy ? { accuracy } : {}),
            ...(instrument === null ? {} : { instrument }),
          },
          ...(confirmed ? { confirmed } : {}),
        },
        () => {
          setTyped('');
          onDone();
        },
      ),
  };
}

/** What stands behind the figure that it should read. */
export function unitWords(call: Call, display: LengthDisplay): string {
  if (call.reads === 'turn') {
    return `° ${call.expected === null ? '' : readingSide(call.expected, 'turn', display)}`.trim();
  }
  const unit = lengthUnit(display);
  const side = call.expected === null ? '' : readingSide(call.expected, call.reads, display);
  return side === '' ? unit : say('screen.read-sheet.cars', { unit, side });
}
