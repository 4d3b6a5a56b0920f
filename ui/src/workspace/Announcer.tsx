import { useEffect, useMemo, useRef, useState } from 'react';
import { Refused } from '../api/client';
import type { Workspace } from '../api/types';
import { useKeys } from '../sheet/useKeys';
import { currentSettings } from '../tablet/settings';
import { sound, speak } from '../tablet/sound';
import type { LengthDisplay } from '../words/length';
import { say } from '../words/say';
import { presentCall } from './presentCall';
import type { Task } from './task/useTask';

/** Sentences, one after the other. */
const together = (parts: readonly string[]) =>
  parts
    .filter((part) => part !== '')
    .map((part) => (/[.?!…]$/.test(part) ? part : `${part}.`))
    .join(' ');

function call(state: Workspace, display: LengthDisplay): string {
  const { title, figure, note } = presentCall(state, display);
  return together([title, figure, note]);
}

function verdicts(state: Workspace): string[] {
  return [
    ...state.verdicts.map(({ title, verdict }) =>
      say('screen.announce.verdict', { title, verdict: say(`verdict.${verdict}`) }),
    ),
    ...(state.consistent === false ? [say('screen.tally.readings-disagree')] : []),
  ];
}

interface Told {
  readonly call: string;
  readonly verdicts: readonly string[];
}

/** On the page for a screen reader; aloud where this tablet says everything. */
function tell(words: string, show: (words: string) => void): void {
  show(words);
  if (currentSettings().sound === 'always') {
    speak(words);
  }
}

/**
 * What a person who looks elsewhere is told: verdicts that change, the next call, what is refused. To a screen reader
 * always; with the browser's own voice and a tone where this tablet has them on.
 */
export function Announcer({
  state,
  task,
  display,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  const [told, setTold] = useState('');
  const { failure } = task;
  useEffect(() => {
    if (failure === null) {
      return undefined;
    }
    const asks = failure instanceof Refused && failure.problem.code === 'asks-once';
    sound(asks ? 'asked' : 'refused');
    tell(failure.message, setTold);
    return () => setTold('');
  }, [failure]);

  const said = useRef<Told | null>(null);
  const now = JSON.stringify({ call: call(state, display), verdicts: verdicts(state) });
  useEffect(() => {
    const before = said.current;
    const { call: asked, verdicts: found } = (said.current = JSON.parse(now) as Told);
    const changed = [
      ...found.filter((verdict) => before?.verdicts.includes(verdict) === false),
      ...(before === null || asked === before.call ? [] : [asked]),
    ];
    if (changed.length > 0) {
      sound('taken');
      tell(together(changed), setTold);
    }
  }, [now]);

  useKeys(
    useMemo(
      () => ({
        s: () => {
          if (currentSettings().sound !== 'off') {
            speak(together([call(state, display), ...verdicts(state)]));
          }
        },
      }),
      [state, display],
    ),
  );
  return (
    <div role="status" className="visually-hidden" data-testid="announced">
      {told}
    </div>
  );
}
