import { useState } from 'react';
import type { Call, HeldCall, Workspace } from '../../api/types';
import { hasDraft } from '../../sheet/useDraft';
import type { Task } from './useTask';

const READS = ['read', 'check', 'decide', 'remeasure', 'guard'];

/** Readings that wait on this device are read already, where the state does not know them. */
export function readHere(task: Pick<Task, 'isCarriedOn' | 'queue'>): string[] {
  return task.isCarriedOn
    ? []
    : task.queue.flatMap((line) => (line.kind === 'reading' ? [line.payload.call] : []));
}

/**
 * The reading to take here now: the one that is due, or where that is taken already or disturbs what somebody else was at
 * before, the first one that does not. Null where no reading is asked for, or none can be taken beside theirs.
 *
 * @param held who is at which reading, in the order in which they came to it
 * @param kept what somebody here is at already: it stays, whatever others bring, as long as it can be read
 * @param isTyped whether it is being typed: then it stays though somebody else was at it before
 */
export function nextCall(
  state: Workspace,
  here: readonly string[],
  held: readonly HeldCall[],
  kept: string | null = null,
  isTyped = false,
): Call | null {
  const due = READS.includes(state.present.kind) ? state.present.call : null;
  if (due === null) {
    return null;
  }
  const known = (id: string) => state.calls.find((call) => call.id === id);
  const isDisturbed = (call: Call) => {
    const own = held.findIndex((one) => one.own && one.call === call.id);
    const before = (own < 0 ? held : held.slice(0, own)).filter((one) => !one.own);
    return before.some(
      ({ call: id }) => known(id) !== undefined && (id === call.id || !call.beside.includes(id)),
    );
  };
  const isFree = (call: Call) => !here.includes(call.id) && !isDisturbed(call);
  const first = known(due);
  const stays = kept === null ? undefined : known(kept);
  if (stays?.reading === null && (isTyped ? !here.includes(stays.id) : isFree(stays))) {
    return stays;
  }
  if (first !== undefined && isFree(first)) {
    return first;
  }
  const unread = state.calls.filter((call) => call.reading === null && call.id !== due);
  return (
    unread.find((call) => call.due && isFree(call)) ?? unread.find((call) => isFree(call)) ?? null
  );
}

/** The same over time: what is asked for does not change under the hands of whoever is at it. */
export function useNextCall(state: Workspace, task: Task, held: readonly HeldCall[]): Call | null {
  const [last, setLast] = useState<string | null>(null);
  /** What was asked for here while somebody else was at another one: it stays though they leave, or go on to their next. */
  const [shared, setShared] = useState<string | null>(null);
  const isTyped = last !== null && hasDraft(`${state.task}-${last}`);
  const isShared = held.some(({ own }) => !own);
  if (isShared && last !== shared) {
    setShared(last);
  }
  const isKept = isTyped || isShared || (last !== null && last === shared);
  const call = nextCall(state, readHere(task), held, isKept ? last : null, isTyped);
  if ((call?.id ?? null) !== last) {
    setLast(call?.id ?? null);
  }
  return call;
}
