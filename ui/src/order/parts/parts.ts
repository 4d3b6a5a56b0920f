import type { PartId } from '../../api/types';

/** The parts of intake and preparation, as people call them. */
export const PARTS: Record<PartId, string> = {
  work: 'Work done',
  owed: 'Owed',
  capture: 'Before refit',
  scan: 'Pre-scan',
  conditions: 'Conditions',
  kit: 'Kit',
  car: 'Car',
  bay: 'Bay',
  photos: 'Photos',
  sensors: 'Sensors',
  drive: 'Drive',
  'post-scan': 'Post-scan',
  road: 'Road test',
  close: 'Close',
};

export const INTAKE: PartId[] = ['work', 'owed', 'capture', 'scan'];
export const PREPARE: PartId[] = ['conditions', 'kit', 'car', 'bay', 'photos'];
