import type { StageId } from '../api/types';
import type { Code } from '../words/say';

/** The stages of a sensor's work, in words. */
export const STAGES: Record<StageId, Code> = {
  intake: 'screen.intake',
  prepare: 'screen.prepare',
  floor: 'screen.floor',
  line: 'screen.line',
  place: 'screen.spine.place',
  run: 'screen.run',
  prove: 'screen.spine.prove',
  close: 'screen.close',
};
