import { CHOICES } from './listChoices';

/** A column of a card's list: where it lies in a row, and how it is filled in. */
export interface Column {
  key: string;
  label: string;
  kind: 'text' | 'number' | 'choice' | 'words' | 'operation';
  choices?: string[];
  wide?: boolean;
  optional?: boolean;
}

export interface CardListSpec {
  pointer: string;
  title: string;
  hint: string;
  columns: Column[];
  /** Rows that are texts or pairs of numbers, or the members of an object, instead of objects. */
  form: 'objects' | 'texts' | 'pairs' | 'members';
}

const text = (key: string, label: string, wide = false, optional = false): Column => ({
  key,
  label,
  kind: 'text',
  wide,
  optional,
});
const number = (key: string, label: string, optional = false): Column => ({
  key,
  label,
  kind: 'number',
  optional,
});
const choice = (key: string, label: string, choices: string[], optional = false): Column => ({
  key,
  label,
  kind: 'choice',
  choices,
  optional,
});

/** The lists a card may have, as they are filled in. */
export const LISTS: CardListSpec[] = [
  {
    pointer: '/fits/sensors',
    title: 'Sensors',
    hint: 'Ids on the vehicle’s sheet; two for a pair, the values being those of the left one.',
    form: 'texts',
    columns: [text('', 'Sensor')],
  },
  {
    pointer: '/target/heights',
    title: 'Target’s drawing',
    hint: 'Heights of its places over its centre, mm; “centre” is 0.',
    form: 'members',
    columns: [text('name', 'Place'), number('value', 'Over the centre, mm')],
  },
  {
    pointer: '/rules',
    title: 'What is owed after an operation',
    hint: 'Before the shop’s own table. Where it is unknown, the question to ask and what an answer means.',
    form: 'objects',
    columns: [
      { key: 'operation', label: 'Operation', kind: 'operation' },
      choice('at', 'Done at', CHOICES.at, true),
      choice('state', 'Then it is', CHOICES.states),
      choice('route', 'Route', CHOICES.routes, true),
      text('reason', 'Reason', true),
      text('source', 'Source', true),
      text('question', 'Question', true, true),
      choice('yes.state', 'If yes', CHOICES.outcomes, true),
      choice('yes.route', 'Route if yes', CHOICES.routes, true),
      text('yes.reason', 'Reason if yes', true, true),
      choice('no.state', 'If no', CHOICES.outcomes, true),
      choice('no.route', 'Route if no', CHOICES.routes, true),
      text('no.reason', 'Reason if no', true, true),
    ],
  },
  {
    pointer: '/preparation',
    title: 'Preconditions',
    hint: 'One with the id of the shop’s table takes its values from there.',
    form: 'objects',
    columns: [
      text('id', 'Id'),
      choice('unmet', 'Not met, it', CHOICES.unmet),
      text('question', 'Question', true),
      text('why', 'Why', true),
    ],
  },
  {
    pointer: '/steps',
    title: 'Steps',
    hint: 'After: ids of the steps that come before, with commas.',
    form: 'objects',
    columns: [
      text('id', 'Id'),
      { key: 'after', label: 'After', kind: 'words', optional: true },
      number('seconds', 'Waits, s', true),
      text('text', 'What to do', true),
    ],
  },
  {
    pointer: '/capture',
    title: 'Capture before refit',
    hint: 'Beside the shop’s own list.',
    form: 'objects',
    columns: [
      text('id', 'Id'),
      choice('kind', 'Kind', CHOICES.captures),
      text('unit', 'Unit', false, true),
      number('most', 'At most', true),
      text('question', 'What', true),
      text('neededFor', 'Needed for', true),
      text('afterRefit', 'How it can be had afterwards', true),
    ],
  },
  {
    pointer: '/codes',
    title: 'Trouble codes',
    hint: '* stands for anything. The first row that fits decides.',
    form: 'objects',
    columns: [
      text('unit', 'Control unit'),
      text('code', 'Code'),
      choice('sort', 'It is', CHOICES.sorts),
      text('why', 'Why', true),
    ],
  },
  {
    pointer: '/kit',
    title: 'Kit',
    hint: 'Beside target, stand, tape, rule and staff.',
    form: 'objects',
    columns: [
      choice('kind', 'Kind', CHOICES.kit),
      text('name', 'A particular one', false, true),
      text('why', 'What for', true),
    ],
  },
  {
    pointer: '/zone',
    title: 'Keep-clear zone',
    hint: 'Corners in the vehicle’s frame, mm: ahead of the rear hubs, left of the middle.',
    form: 'pairs',
    columns: [number('0', 'Ahead, mm'), number('1', 'Left, mm')],
  },
  {
    pointer: '/adjustment/screws',
    title: 'Screws',
    hint: 'Places from the pivot, mm: to the sensor’s own left, and up.',
    form: 'objects',
    columns: [
      text('id', 'Id'),
      number('y', 'Left, mm'),
      number('z', 'Up, mm'),
      number('pitch', 'mm a turn'),
      choice('clockwise', 'Clockwise moves it', CHOICES.senses),
      number('travel', 'Turns to either side', true),
    ],
  },
  {
    pointer: '/adjustment/positions',
    title: 'Positions of the plate',
    hint: 'Degrees from square: up and anticlockwise are above zero.',
    form: 'objects',
    columns: [
      text('id', 'Id'),
      number('pitch', 'Pitch, °'),
      number('yaw', 'Yaw, °'),
      text('words', 'What to do', true),
    ],
  },
  {
    pointer: '/adjustment/order',
    title: 'Order of the positions',
    hint: 'Ids; some may come again.',
    form: 'texts',
    columns: [text('', 'Position')],
  },
  {
    pointer: '/schools',
    title: 'Schools allowed',
    hint: 'Empty where the card is silent.',
    form: 'texts',
    columns: [choice('', 'School', CHOICES.schools)],
  },
  {
    pointer: '/cautions',
    title: 'Cautions',
    hint: 'They stand where they matter, on screen and on paper.',
    form: 'texts',
    columns: [text('', 'Caution', true)],
  },
];
