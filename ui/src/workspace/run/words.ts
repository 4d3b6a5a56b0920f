import type { ToolCommand, Workspace } from '../../api/types';
import type { Code } from '../../words/say';

/** What a button that asks the tool says. */
export const ASKS: Record<ToolCommand, Code> = {
  identify: 'screen.words.identify-sensor',
  unlock: 'screen.words.open-gateway',
  voltage: 'screen.words.read-supply-voltage',
  codes: 'screen.words.read-trouble-codes',
  'lot-code': 'screen.words.send-lot-code',
  'empty-zone': 'screen.words.target-away-look-for',
  start: 'screen.words.start-routine',
  read: 'screen.read-axis',
  level: 'screen.words.read-echo-level',
  zero: 'screen.words.store-zero',
  clear: 'screen.words.clear-trouble-codes',
};

/** Why nothing may be concluded, in words. */
export const REASONS: Record<string, Code> = {
  'card-unchecked': 'screen.words.no-second-person-has',
  'placement-unknown': 'screen.words.set-up-was-not',
  inconsistent: 'screen.words.set-ups-readings-contradict',
  'electronic-zero': 'screen.words.zero-was-stored-without',
  'zero-not-taken': 'screen.words.reading-after-it-does',
};

export const SHIFT_RESULTS: Record<string, Code> = {
  tracks: 'screen.words.reading-followed-target',
  'does not respond': 'screen.words.reading-did-not-follow',
  unclear: 'screen.words.change-too-small-tell',
  reversed: 'screen.words.reading-went-other-way',
  'contradicts both': 'screen.words.reading-went-neither-as',
};

/** The step of the card that is due. */
export function stepDue(state: Workspace) {
  return state.run.steps.find((step) => step.state === 'now') ?? null;
}
