import type { QueryClient } from '@tanstack/react-query';

/** Shows what an answer says of a record, unless more is known already: an answer may come after that of a later question. */
export function take<State extends { version: number }>(
  queries: QueryClient,
  queryKey: readonly string[],
  state: State,
): void {
  queries.setQueryData<State>([...queryKey], (known) =>
    known !== undefined && known.version > state.version ? known : state,
  );
}
