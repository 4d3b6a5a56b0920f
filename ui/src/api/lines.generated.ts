// Made from the kinds of lines by core/bin/derive. Not to be edited.

export type AnswerWish = {
  item: string;
  answer: 'yes' | 'no' | 'not-checked' | 'on-word';
  word?: string;
  values?: Readonly<Record<string, string>>;
};

export type BayChosen = {
  bay: string;
  name: string;
};

export type Captured = {
  sensor: string;
  item: string;
  value?: string;
  word?: string;
  reason?: string;
};

export type CardChosen = {
  sensor: string;
  card: string;
};

export type CauseChecked = {
  cause: 'placement' | 'wrong-target' | 'clutter' | 'cover' | 'supply' | 'door' | 'code' | 'bracket' | 'sensor' | 'connection';
  found: boolean;
  note?: string;
};

export type ConditionAnswered = {
  item: string;
  sensor?: string;
  answer: 'yes' | 'no' | 'not-checked' | 'on-word';
  word?: string;
  values?: Readonly<Record<string, string>>;
};

export type ConditionItem = {
  item: string;
  sensor?: string;
};

export type ConditionsWish = {
  items: readonly (ConditionItem)[];
};

export type CorrectionWish = {
  way: 'screws' | 'mirror spots';
  turns?: Readonly<Record<string, number>>;
};

export type CoverNoted = {
  cover: 'front' | 'rear';
  off: boolean;
  missed?: readonly (string)[];
};

export type DetailNoted = {
  field: 'vehicle' | 'plate' | 'vin' | 'note' | 'promised' | 'ready';
  value: string;
};

export type FailureWish = {
  message: string;
  codes?: readonly (string)[];
  tool?: string;
};

export type FigureMeasured = {
  figure: string;
  typed: string;
  s: number;
  word?: string;
  document?: string;
  instrument?: string;
  from?: 'front-hubs' | 'rear-hubs';
};

export type FloorRead = {
  place: string;
  typed?: string;
};

export type LeftOpen = {
  item: string;
  reason: string;
  as?: 'technician' | 'lead' | 'office' | 'reader';
};

export type LineAnswered = {
  item: string;
  answer: 'yes' | 'no' | 'not-checked' | 'on-word';
  word?: string;
};

export type LineSettled = {
  line: string;
};

export type MarkPlumbed = {
  end: 'front' | 'rear';
  mark: 'emblem' | 'plate-middle' | 'lamp-middle' | 'cover-seam' | 'glass-middle' | 'other';
  note?: string;
};

export type MirrorWish = {
  distance: string;
  left: string;
  above: string;
};

export type NamedWish = {
  name: string;
  reason: string;
};

export type OperationNoted = {
  operation: string;
  state: 'done' | 'due' | 'withdrawn';
  word?: string;
};

export type OrderClosed = {
  as?: 'technician' | 'lead' | 'office' | 'reader';
};

export type OtherSensorNoted = {
  state: 'owed-elsewhere' | 'not-owed' | 'none' | 'withdrawn';
  name?: string;
  why?: string;
  word?: string;
};

export type OwedAnswered = {
  sensor: string;
  operation: string;
  answer: 'yes' | 'no' | 'owed' | 'not-owed';
  word?: string;
  source?: string;
  route?: 'static' | 'dynamic' | 'static then dynamic' | 'static or dynamic';
};

export type PhotoAdded = {
  photo: string;
  sensor?: string;
  about: string;
};

export type ReadingStruck = {
  reading: string;
};

export type ReadingWish = {
  call: string;
  typed: string;
  datum?: string;
  strikes?: string;
  accuracy?: string;
  instrument?: string;
};

export type ReasonWish = {
  reason: string;
};

export type ReferenceChosen = {
  reference: 'body-axis' | 'body-centreline' | 'thrust-line' | 'axles';
  reason: string;
};

export type RoadTested = {
  function: string;
  found: 'seen' | 'not-seen' | 'untested';
  driver: string;
  route?: string;
  weather?: string;
  reason?: string;
};

export type RunWish = {
  azimuth: number;
  elevation: number;
  level?: number;
  message?: string;
  tool?: string;
};

export type Scan = {
  tool: string;
  readAt: string;
  codes: readonly (TroubleCode)[];
  voltage?: number;
};

export type ScanTaken = {
  phase: 'pre' | 'post';
  origin: string;
  scan: Scan;
};

export type SchoolsChosen = {
  schools: readonly ('plumb-and-line' | 'split-from-stand' | 'hub-marks' | 'squares' | 'wheel-lasers' | 'reported-pose')[];
  readings?: readonly (string)[];
};

export type SendBackWish = {
  fault: 'placement' | 'wrong-target' | 'clutter' | 'cover' | 'supply' | 'door' | 'code' | 'bracket' | 'sensor' | 'connection';
  name: string;
  note?: string;
};

export type ShiftWish = {
  typed: string;
};

export type StanceTaken = {
  x: number;
  y: number;
  heading: number;
};

export type StandBumped = {
  note?: string;
};

export type StandMoved = {
  kinds: readonly ('turn' | 'shift' | 'height')[];
};

export type StandNudged = {
  away: number;
};

export type StandWish = {
  tilt: number;
  arm?: string;
};

export type StepBegun = {
  step: string;
};

export type StepWish = {
  step: string;
};

export type ToolWish = {
  command: 'identify' | 'unlock' | 'voltage' | 'codes' | 'lot-code' | 'empty-zone' | 'start' | 'read' | 'level' | 'zero' | 'clear';
  values?: ZeroWish;
  lotCode?: string;
};

export type TroubleCode = {
  unit: string;
  code: string;
  text?: string;
  status?: string;
};

export type ZeroWish = {
  azimuth: number;
  elevation: number;
};

/** A line as somebody asks for it. */
export type Wish =
  | { kind: 'reading'; payload: ReadingWish }
  | { kind: 'strike'; payload: ReadingStruck }
  | { kind: 'move'; payload: StandMoved }
  | { kind: 'bumped'; payload: StandBumped }
  | { kind: 'nudged'; payload: StandNudged }
  | { kind: 'answer'; payload: AnswerWish }
  | { kind: 'release'; payload: NamedWish }
  | { kind: 'run'; payload: RunWish }
  | { kind: 'run-failed'; payload: FailureWish }
  | { kind: 'schools'; payload: SchoolsChosen }
  | { kind: 'reference'; payload: ReferenceChosen }
  | { kind: 'stand'; payload: StandWish }
  | { kind: 'asked'; payload: ToolWish }
  | { kind: 'step-begun'; payload: StepBegun }
  | { kind: 'step'; payload: StepWish }
  | { kind: 'correction'; payload: CorrectionWish }
  | { kind: 'shift'; payload: ShiftWish }
  | { kind: 'mirror'; payload: MirrorWish }
  | { kind: 'check'; payload: CauseChecked }
  | { kind: 'sent-back'; payload: SendBackWish }
  | { kind: 'accepted'; payload: NamedWish }
  | { kind: 'reopened'; payload: ReasonWish }
  | { kind: 'operation'; payload: OperationNoted }
  | { kind: 'cover'; payload: CoverNoted }
  | { kind: 'owed-answer'; payload: OwedAnswered }
  | { kind: 'capture'; payload: Captured }
  | { kind: 'condition'; payload: ConditionAnswered }
  | { kind: 'conditions'; payload: ConditionsWish }
  | { kind: 'scan'; payload: ScanTaken }
  | { kind: 'figure'; payload: FigureMeasured }
  | { kind: 'detail'; payload: DetailNoted }
  | { kind: 'estimate-settled'; payload: LineSettled }
  | { kind: 'photo'; payload: PhotoAdded }
  | { kind: 'card'; payload: CardChosen }
  | { kind: 'line'; payload: LineAnswered }
  | { kind: 'mark'; payload: MarkPlumbed }
  | { kind: 'floor'; payload: FloorRead }
  | { kind: 'stance'; payload: StanceTaken }
  | { kind: 'bay'; payload: BayChosen }
  | { kind: 'road'; payload: RoadTested }
  | { kind: 'left-open'; payload: LeftOpen }
  | { kind: 'other-sensor'; payload: OtherSensorNoted }
  | { kind: 'closed'; payload: OrderClosed };

/** Whether a line that waited for the server may go without another word of its person. */
export const goesAlone: Readonly<Record<Wish['kind'], boolean>> = {
  "reading": true,
  "strike": false,
  "move": false,
  "bumped": false,
  "nudged": false,
  "answer": true,
  "release": false,
  "run": false,
  "run-failed": false,
  "schools": false,
  "reference": false,
  "stand": false,
  "asked": false,
  "step-begun": false,
  "step": false,
  "correction": false,
  "shift": false,
  "mirror": false,
  "check": false,
  "sent-back": false,
  "accepted": false,
  "reopened": false,
  "operation": true,
  "cover": true,
  "owed-answer": true,
  "capture": true,
  "condition": true,
  "conditions": true,
  "scan": true,
  "figure": true,
  "detail": true,
  "estimate-settled": true,
  "photo": true,
  "card": true,
  "line": true,
  "mark": true,
  "floor": true,
  "stance": true,
  "bay": true,
  "road": true,
  "left-open": false,
  "other-sensor": true,
  "closed": false
};

/** Whether a device decides such a line by itself while no server answers. */
export const isCarried: Readonly<Record<Wish['kind'], boolean>> = {
  "reading": true,
  "strike": true,
  "move": true,
  "bumped": true,
  "nudged": true,
  "answer": true,
  "release": false,
  "run": false,
  "run-failed": false,
  "schools": true,
  "reference": true,
  "stand": true,
  "asked": false,
  "step-begun": false,
  "step": false,
  "correction": false,
  "shift": false,
  "mirror": false,
  "check": false,
  "sent-back": false,
  "accepted": false,
  "reopened": false,
  "operation": false,
  "cover": false,
  "owed-answer": false,
  "capture": false,
  "condition": true,
  "conditions": true,
  "scan": false,
  "figure": true,
  "detail": false,
  "estimate-settled": false,
  "photo": false,
  "card": false,
  "line": true,
  "mark": true,
  "floor": true,
  "stance": false,
  "bay": false,
  "road": false,
  "left-open": false,
  "other-sensor": false,
  "closed": false
};
