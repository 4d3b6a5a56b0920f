import { answer, client } from '../api/client';
import { isCarried } from '../api/lines.generated';
import type { Problem, Workspace } from '../api/types';
import { decidedHere, forgetRecord, keepRecord, keptLines, keptRecord } from '../device/outbox';
import { compute, core } from './core';

/** What came of the lines that wait, decided on this device. */
export interface Decided<State> {
  readonly state: State;
  /** The first that is not taken, and why: what waits after it waits for it. Null where all are taken. */
  readonly stopped: { readonly line: string; readonly refusal: Problem } | null;
}

/** How a record goes on where no server answers. */
export interface Carrier<State> {
  /** Whether a device decides such a line at all. */
  takes(line: object): boolean;
  /**
   * Decides what waits.
   *
   * @param version that the server was seen to have: null comes back where what is kept here is older, or lacks a line that it has
   */
  decide(person: Person, version: number): Promise<Decided<State> | null>;
  /** Keeps the record as the server has it now; one that is sealed is gone on with nowhere. */
  refresh(person: Person, state: State): Promise<void>;
}

interface Person {
  readonly email: string;
  readonly name: string;
}

interface Line {
  readonly id: string;
  readonly kind: string;
  readonly payload: unknown;
  readonly confirmed?: boolean;
}

/** What the server gives to go on with, as far as this looks into it (openapi.yaml, "CarriedTask"). */
interface Carried {
  readonly version: number;
  readonly basis: { readonly today: string };
  readonly journal: {
    readonly order: readonly { readonly id: string }[];
    readonly task: readonly { readonly id: string }[];
  };
  readonly ruleSet: string;
  readonly role: string;
  readonly byHand: boolean;
}

/** What the command "carry" answers. */
type Outcome =
  | {
      readonly written: readonly number[];
      readonly refusal: Pick<Problem, 'code' | 'says' | 'path'> | null;
      readonly facts: { readonly task: Partial<Workspace> };
    }
  | { readonly error: unknown };

/** A sensor's task, carried on with the same core as the server's. */
export function taskCarrier(task: string): Carrier<Workspace> {
  const record = `task ${task}`;
  return {
    takes: (line) =>
      'kind' in line &&
      String(line.kind) in isCarried &&
      isCarried[line.kind as keyof typeof isCarried],

    async decide(person, version) {
      const kept = await keptRecord(record, person.email);
      if (kept === undefined) {
        return null;
      }
      const lines = await keptLines<Line>(record, person.email);
      const { basis, journal, ruleSet, role, byHand, version: held } = kept.carried as Carried;
      const today = new Date().toISOString().slice(0, 10);
      const outcome = (await compute('carry', {
        // What has run out since then has run out here too.
        basis: today > basis.today ? { ...basis, today } : basis,
        journal,
        ruleSet,
        role,
        byHand,
        wishes: lines.map(({ line: { id, kind, payload, confirmed }, typedAt }) => ({
          id,
          person: person.name,
          at: new Date(typedAt).toISOString(),
          kind,
          payload,
          ...(confirmed === true ? { confirmed } : {}),
        })),
      })) as Outcome;
      if ('error' in outcome) {
        return null;
      }
      const ids = lines.map(({ line }) => line.id);
      const stopped = ids[outcome.written.length];
      const sent = outcome.written.filter((_, index) => lines[index]?.sent === true);
      if (held + sent.reduce((sum, count) => sum + count, 0) < version) {
        // It would show less than its person has seen already.
        return null;
      }
      await decidedHere(
        record,
        person.email,
        new Map(outcome.written.map((count, index) => [ids[index] ?? '', count])),
      );
      return {
        // What only the server knows of it stays as it was.
        state: { ...(kept.state as Workspace), ...outcome.facts.task },
        stopped:
          outcome.refusal !== null && stopped !== undefined
            ? {
                line: stopped,
                refusal: { type: 'about:blank', title: '', status: 422, ...outcome.refusal },
              }
            : null,
      };
    },

    async refresh(person, state) {
      if (state.seal !== null) {
        await forgetRecord(record, person.email);
        return;
      }
      const carried: Carried = (await answer(
        client.GET('/api/tasks/{task}/carried', { params: { path: { task } } }),
      )) as unknown as Carried;
      if (carried.version !== state.version) {
        // Somebody wrote in between: the next look brings both.
        return;
      }
      // Begun before it is needed.
      const { ready } = core();
      const { order, task: own } = carried.journal;
      await keepRecord(
        { record, person: person.email, carried, state },
        new Set([...order, ...own].map(({ id }) => id)),
      );
      await ready;
      await navigator.serviceWorker?.ready;
      // For whoever wants to know that the server may go now.
      document.documentElement.dataset['carried'] = task;
    },
  };
}
