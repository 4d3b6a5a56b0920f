export type Sort = 'instrument' | 'stand' | 'target';

export interface Field {
  key: string;
  label: string;
  kind: 'text' | 'number' | 'day' | 'choice';
  unit: string;
  required: boolean;
  choices?: string[];
}

const field = (
  key: string,
  label: string,
  kind: Field['kind'],
  unit = '',
  required = false,
  choices?: string[],
): Field => ({
  key,
  label,
  kind,
  unit,
  required,
  ...(choices ? { choices } : {}),
});

const CHECK = [
  field('lastCheck', 'Last check', 'day'),
  field('nextCheck', 'Next check', 'day'),
  field('note', 'Note', 'text'),
];

export const SORTS: [Sort, string][] = [
  ['instrument', 'Instruments'],
  ['stand', 'Stands'],
  ['target', 'Targets'],
];

/** What is entered of each sort of item, as the published schema has it. */
export const FIELDS: Record<Sort, Field[]> = {
  instrument: [
    field('id', 'Id', 'text', '', true),
    field('name', 'Name', 'text', '', true),
    field('kind', 'Kind', 'choice', '', true, [
      'tape',
      'rule',
      'staff',
      'laser',
      'level',
      'inclinometer',
      'film-gauge',
      'charger',
      'scan-tool',
    ]),
    field('accuracy', 'Accuracy', 'number', 'mm', true),
    field('resolution', 'Resolution', 'number', 'mm', true),
    field('scale', 'Known scale error', 'number', 'per mm'),
    field('sScale', 'Uncertainty of the scale', 'number', 'per mm'),
    field('zero', 'Known zero error', 'number', 'mm'),
    field('sZero', 'Uncertainty of the zero', 'number', 'mm'),
    ...CHECK,
  ],
  stand: [
    field('id', 'Id', 'text', '', true),
    field('name', 'Name', 'text', '', true),
    field('targetAhead', 'Target ahead of its axis', 'number', 'mm', true),
    field('targetLeft', 'Target left of its axis', 'number', 'mm', true),
    field('halfWidth', 'Half its width', 'number', 'mm', true),
    ...CHECK,
  ],
  target: [
    field('id', 'Id', 'text', '', true),
    field('name', 'Name', 'text', '', true),
    field('kind', 'Kind', 'text', '', true),
    field('phaseToPointer', 'Pointer mark to phase centre', 'number', 'mm'),
    ...CHECK,
  ],
};
