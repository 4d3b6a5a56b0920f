import type { HistoryTask, VerdictWord } from '../api/types';

const KNOWN: VerdictWord[] = ['holds', 'out', 'unproven', 'sent-back', 'handed-over'];

/** What became of a sensor: as it was sealed, or as it stands. */
export function verdictOf(task: HistoryTask): VerdictWord {
  const said = task.outcome?.verdict ?? task.verdict;
  return KNOWN.find((known) => known === said) ?? 'not-measured';
}
