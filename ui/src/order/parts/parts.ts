import type { PartId } from '../../api/types';
import type { Code } from '../../words/say';

/** The parts of intake and preparation, as people call them. */
export const PARTS: Record<PartId, Code> = {
  work: 'screen.parts.work-done',
  owed: 'screen.owed',
  capture: 'screen.before-refit',
  scan: 'screen.pre-scan',
  conditions: 'screen.parts.conditions',
  kit: 'screen.kit',
  car: 'screen.car',
  bay: 'screen.bay',
  photos: 'screen.photos',
  sensors: 'screen.sensors',
  drive: 'screen.parts.drive',
  'post-scan': 'screen.post-scan',
  road: 'screen.parts.road-test',
  close: 'screen.close',
};

export const INTAKE: PartId[] = ['work', 'owed', 'capture', 'scan'];
export const PREPARE: PartId[] = ['conditions', 'kit', 'car', 'bay', 'photos'];
