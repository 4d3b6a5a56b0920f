import { useQuery } from '@tanstack/react-query';
import { unsent } from '../device/outbox';

/** What waits on this device of a record, such as "task 01a2…". */
export interface Unsent {
  readonly record: string;
  readonly lines: number;
}

export const UNSENT = ['unsent'] as const;

/** How often this device looks what it keeps, ms. */
const AGAIN = 5_000;

/** The records of a person with lines that the server does not have; undefined until it is known. */
export function useUnsent(person: string | null): readonly Unsent[] | undefined {
  return useQuery({
    queryKey: [...UNSENT, person],
    queryFn: async (): Promise<Unsent[]> =>
      [...(await unsent(person ?? ''))].map(([record, lines]) => ({ record, lines })),
    enabled: person !== null,
    networkMode: 'always',
    refetchInterval: AGAIN,
  }).data;
}
