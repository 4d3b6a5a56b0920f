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
export type Stage = Schemas['Stage'];
export type StageId = Stage['id'];
export type OrderLine = Schemas['OrderLine'];
export type Person = Schemas['Person'];
export type Problem = Schemas['Problem'];
export type VerdictWord = Respect['verdict'];
