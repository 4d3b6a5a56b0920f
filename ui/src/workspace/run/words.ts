import type { ToolCommand, Workspace } from '../../api/types';

/** What a button that asks the tool says. */
export const ASKS: Record<ToolCommand, string> = {
  identify: 'Identify the sensor',
  unlock: 'Open the gateway',
  voltage: 'Read the supply voltage',
  codes: 'Read the trouble codes',
  'lot-code': 'Send the lot code',
  'empty-zone': 'The target is away: look for clutter',
  start: 'Start the routine',
  read: 'Read the axis',
  level: 'Read the echo level',
  zero: 'Store the zero',
  clear: 'Clear the trouble codes',
};

/** Why nothing may be concluded, in words. */
export const REASONS: Record<string, string> = {
  'card-unchecked': 'no second person has checked the procedure card',
  'placement-unknown': 'the set-up was not known, so the reading proves nothing',
  inconsistent: 'the set-up’s readings contradict each other',
  'electronic-zero': 'a zero was stored without a reading before it',
  'zero-not-taken': 'the reading after it does not show that the zero was taken',
};

export const SHIFT_RESULTS: Record<string, string> = {
  tracks: 'The reading followed the target.',
  'does not respond': 'The reading did not follow the target.',
  unclear: 'The change is too small to tell: shift the target further.',
  reversed: 'The reading went the other way.',
  'contradicts both': 'The reading went neither as it should nor stayed.',
};

/** The step of the card that is due. */
export function stepDue(state: Workspace) {
  return state.run.steps.find((step) => step.state === 'now') ?? null;
}
