import type { Call, HeldCall, Workspace } from '../../api/types';
import type { Task } from './useTask';

const READS = ['read', 'check', 'decide', 'remeasure', 'guard'];

/** Readings that wait on this device are read already, where the state does not know them. */
export function readHere(task: Pick<Task, 'isCarriedOn' | 'queue'>): string[] {
  return task.isCarriedOn
    ? []
    : task.queue.flatMap((line) => (line.kind === 'reading' ? [line.payload.call] : []));
}

/**
 * The reading to take here now: the one that is due, or where that is taken already or disturbs what somebody else is at, the
 * first one that does not. Null where no reading is asked for, or none can be taken beside theirs.
 */
export function nextCall(
  state: Workspace,
  here: readonly string[],
  others: readonly HeldCall[],
): Call | null {
  const due = READS.includes(state.present.kind) ? state.present.call : null;
  if (due === null) {
    return null;
  }
  const known = (id: string) => state.calls.find((call) => call.id === id);
  const theirs = others.flatMap(({ call }) => known(call) ?? []);
  const isFree = (call: Call) =>
    !here.includes(call.id) &&
    theirs.every(({ id, beside }) => id !== call.id && beside.includes(call.id));
  const first = known(due);
  if (first !== undefined && isFree(first)) {
    return first;
  }
  const unread = state.calls.filter((call) => call.reading === null && call.id !== due);
  return (
    unread.find((call) => call.due && isFree(call)) ?? unread.find((call) => isFree(call)) ?? null
  );
}
