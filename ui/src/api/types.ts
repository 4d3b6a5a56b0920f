import type { components } from './schema.generated';

type Schemas = components['schemas'];

export type Workspace = Schemas['Workspace'];
export type Call = Schemas['Call'];
export type Reading = Schemas['Reading'];
export type Question = Schemas['Question'];
export type Respect = Schemas['Respect'];
export type Run = Schemas['Run'];
export type Axis = Schemas['Axis'];
export type Move = Schemas['Move'];
export type Plan = Schemas['Plan'];
export type Trace = Schemas['Trace'];
export type SchoolChoices = Schemas['SchoolChoices'];
export type SchoolId = SchoolChoices['schools'][number]['id'];
export type ReferenceId = Schemas['Method']['reference']['line'];
export type Pose = Schemas['Pose'];
export type RunState = Schemas['RunState'];
export type RunStep = Schemas['RunStep'];
export type Finding = Schemas['Finding'];
export type FoundAxis = Schemas['FoundAxis'];
export type Cause = Schemas['Cause'];
export type Amount = Schemas['Amount'];
export type Correction = Schemas['Correction'];
export type ScrewTurn = Schemas['ScrewTurn'];
export type ToolCommand =
  | 'identify'
  | 'unlock'
  | 'voltage'
  | 'codes'
  | 'lot-code'
  | 'empty-zone'
  | 'start'
  | 'read'
  | 'level'
  | 'zero'
  | 'clear';
export type DrivePage = Schemas['DrivePage'];
export type DriveLine = Schemas['DriveLine'];
export type DriveJudged = Schemas['DriveJudged'];
export type Survey = Schemas['Survey'];
export type StakeOut = Schemas['StakeOut'];
export type Stage = Schemas['Stage'];
export type StageId = Stage['id'];
export type OrderLine = Schemas['OrderLine'];
export type Order = Schemas['Order'];
export type OrderSensor = Schemas['OrderSensor'];
export type OrderTask = Schemas['OrderTask'];
export type PartId = Schemas['PartId'];
export type Capture = Schemas['Capture'];
export type Condition = Schemas['Condition'];
export type Cover = Schemas['Cover'];
export type Reason = Schemas['Reason'];
export type SortedCode = Schemas['SortedCode'];
export type Import = Schemas['Import'];
export type CardLine = Schemas['CardLine'];
export type CardPage = Schemas['CardPage'];
export type CardValue = Schemas['CardValue'];
export type Kit = Schemas['Kit'];
export type KitItem = Schemas['KitItem'];
export type Intake = Schemas['Intake'];
export type OpenItem = Schemas['OpenItem'];
export type Links = Schemas['Links'];
export type People = Schemas['People'];
export type ArchiveFound = Schemas['ArchiveFound'];
export type CarHistory = Schemas['CarHistory'];
export type HistoryTask = Schemas['HistoryTask'];
export type Act = Schemas['Person']['may'][number];
export type Person = Schemas['Person'];
export type Problem = Schemas['Problem'];
/** A function to look for on the road; the description’s null among its words is nobody’s answer. */
export type RoadFunction = Schemas['RoadFunction'];
export type VerdictWord = Respect['verdict'] | 'sent-back' | 'handed-over';
export type PresentKind = Schemas['PresentKind'];
